package ruvant.core.units;

/** A choice with the word people see for it. */
public interface Labelled {
    /** The word on screen and on paper, in lower case unless it is a name. */
    String label();

    /** The word made from a constant's name: {@code LENS_FRONT} reads "lens front". */
    static String wordsOf(Enum<?> constant) {
        return constant.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
