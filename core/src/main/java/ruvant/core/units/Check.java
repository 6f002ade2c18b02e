package ruvant.core.units;

import java.util.List;
import java.util.Set;

/** Checks one value and returns it, so that a record's constructor reads as a list of what it takes. */
public final class Check {
    /** Longest free remark that is kept, in characters. */
    public static final int REMARK_LENGTH = 4_000;
    /** Longest name of a part, maker, owner and the like, in characters. */
    public static final int NAME_LENGTH = 120;

    private Check() {}

    /** A name that must be there: trimmed, 1 to {@value #NAME_LENGTH} characters, no line breaks. */
    public static String name(String field, String value) {
        String trimmed = tidy(value);
        if (trimmed.isEmpty()) {
            throw new FieldProblem(
                    field,
                    "The " + FieldNames.noun(field) + " is empty.",
                    "Enter " + article(FieldNames.noun(field)) + ".");
        }
        return limited(field, trimmed, NAME_LENGTH);
    }

    private static String article(String noun) {
        return ("aeiou".indexOf(noun.charAt(0)) >= 0 ? "an " : "a ") + noun;
    }

    /** A name that may be missing: null becomes the empty text. */
    public static String optionalName(String field, String value) {
        return limited(field, tidy(value), NAME_LENGTH);
    }

    /** A remark that must be there: 1 to {@value #REMARK_LENGTH} characters. */
    public static String remark(String field, String value) {
        String kept = optionalRemark(field, value);
        if (kept.isEmpty()) {
            throw new FieldProblem(field, "The " + FieldNames.noun(field) + " is empty.", "Enter at least a word.");
        }
        return kept;
    }

    /** A remark that may be missing: null becomes the empty text; line breaks and tabs are kept. */
    public static String optionalRemark(String field, String value) {
        return limited(field, value == null ? "" : withoutForbidden(value).strip(), REMARK_LENGTH);
    }

    /** A remark keeps its own layout, so only what nothing can carry is taken out of it. */
    private static String withoutForbidden(String value) {
        if (value.codePoints().noneMatch(Check::isForbiddenInRemark)) {
            return value;
        }
        return value.codePoints()
                .filter(c -> !isForbiddenInRemark(c))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static boolean isForbiddenInRemark(int c) {
        return isForbidden(c) && c != '\n' && c != '\t' && c != '\r';
    }

    /** A finite number within a closed range. */
    public static double within(String field, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw new FieldProblem(
                    field,
                    plain(value) + " " + unit + " is outside " + plain(low) + " to " + plain(high) + " " + unit
                            + " for the " + FieldNames.noun(field) + ".",
                    "Check the number and its unit.");
        }
        return value;
    }

    /** A number within a closed range, or null where it was not measured. */
    public static Double optionalWithin(String field, Double value, double low, double high, String unit) {
        if (value != null) {
            within(field, value, low, high, unit);
        }
        return value;
    }

    /** A whole number within a closed range. */
    public static int count(String field, int value, int low, int high) {
        if (value < low || value > high) {
            throw new FieldProblem(
                    field,
                    value + " is outside " + low + " to " + high + " for the " + FieldNames.noun(field) + ".",
                    "Enter a whole number from " + low + " to " + high + ".");
        }
        return value;
    }

    /** A choice that must be made. */
    public static <T> T chosen(String field, T value) {
        if (value == null) {
            throw new FieldProblem(field, "No " + FieldNames.noun(field) + " is chosen.", "Choose one.");
        }
        return value;
    }

    /** A list, with null meaning none; at most {@code most} of them. */
    public static <T> List<T> some(String field, List<T> values, int most) {
        List<T> kept = values == null ? List.of() : List.copyOf(values);
        if (kept.size() > most) {
            throw new FieldProblem(
                    field,
                    kept.size() + " " + FieldNames.noun(field) + " is more than the " + most + " one entry can hold.",
                    "Split it into several entries.");
        }
        return kept;
    }

    /** A set, with null meaning none. */
    public static <T> Set<T> set(Set<T> values) {
        return values == null ? Set.of() : Set.copyOf(values);
    }

    /** The value, or another where it is null. */
    public static <T> T or(T value, T otherwise) {
        return value == null ? otherwise : value;
    }

    private static String limited(String field, String value, int most) {
        if (value.length() > most) {
            throw new FieldProblem(
                    field,
                    "The " + FieldNames.noun(field) + " has " + value.length() + " characters. At most " + most
                            + " are allowed.",
                    "Shorten it, or put the rest in a note.");
        }
        return value;
    }

    private static String tidy(String value) {
        if (value == null) {
            return "";
        }
        if (isTidy(value)) {
            return value;
        }
        StringBuilder kept = new StringBuilder(value.length());
        value.codePoints()
                .map(c -> Character.isWhitespace(c) ? ' ' : c)
                .filter(c -> !isForbidden(c))
                .forEach(kept::appendCodePoint);
        return kept.toString().strip().replaceAll(" {2,}", " ");
    }

    /** What no paper and no open format can carry: controls, halves of characters, and places that are no characters. */
    private static boolean isForbidden(int c) {
        return Character.isISOControl(c)
                || c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE
                || (c & 0xfffe) == 0xfffe
                || c >= 0xfdd0 && c <= 0xfdef;
    }

    /** Most values are tidy already, and a long log is checked again each time it is read. */
    private static boolean isTidy(String value) {
        boolean afterSpace = true;
        for (int i = 0; i < value.length(); i++) {
            char c = value.charAt(i);
            if (c == ' ' ? afterSpace : Character.isWhitespace(c) || isForbidden(c)) {
                return false;
            }
            afterSpace = c == ' ';
        }
        return value.isEmpty() || !afterSpace;
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
