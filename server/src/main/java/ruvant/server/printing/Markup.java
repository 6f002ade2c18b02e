package ruvant.server.printing;

/** Words as markup takes them. */
public final class Markup {
    private Markup() {}

    /** Words without the signs that markup is made of, and without control characters, which it does not allow. */
    public static String escape(String text) {
        StringBuilder safe = new StringBuilder(text.length() + 16);
        text.codePoints().forEach(c -> {
            switch (c) {
                case '&' -> safe.append("&amp;");
                case '<' -> safe.append("&lt;");
                case '>' -> safe.append("&gt;");
                case '"' -> safe.append("&quot;");
                default -> {
                    if (c >= ' ' || c == '\n') {
                        safe.appendCodePoint(c);
                    }
                }
            }
        });
        return safe.toString();
    }
}
