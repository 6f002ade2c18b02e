package ruvant.server.printing;

import java.util.Locale;

/** Paper that a sheet is laid out for. */
public enum Paper {
    A4("A4"),
    LETTER("letter");

    private final String size;

    Paper(String size) {
        this.size = size;
    }

    /** Its name in a style sheet. */
    public String size() {
        return size;
    }

    /** Letter where that is asked for, else A4. */
    public static Paper of(String asked) {
        return asked.toLowerCase(Locale.ROOT).equals("letter") ? LETTER : A4;
    }
}
