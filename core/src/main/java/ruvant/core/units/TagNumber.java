package ruvant.core.units;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The number on a job's paper tag, such as {@code R-0412}.
 *
 * @param number 1 to 9,999,999
 */
public record TagNumber(int number) implements Comparable<TagNumber> {
    /** The highest there can be; it is given to no camera. */
    public static final TagNumber LAST = new TagNumber(9_999_999);

    private static final int DIGITS = 4;
    private static final Pattern WRITTEN = Pattern.compile("(?:R-?)?0*([1-9][0-9]{0,6})");

    public TagNumber {
        Check.count("tagNumber", number, 1, 9_999_999);
    }

    /** Whether this is written as tags are printed: {@code R-0412}. */
    public static boolean isTag(String written) {
        return written.startsWith("R-") && WRITTEN.matcher(written).matches();
    }

    /**
     * Reads a tag as people write it: {@code R-0412}, {@code r412}, {@code 412}.
     *
     * @throws FieldProblem if it is not a tag number
     */
    public static TagNumber parse(String written) {
        Matcher matcher = WRITTEN.matcher(written == null ? "" : written.strip().toUpperCase(Locale.ROOT));
        if (!matcher.matches()) {
            throw new FieldProblem("tag", "“" + written + "” is not a tag number.", "Tags look like R-0412.");
        }
        return new TagNumber(Integer.parseInt(matcher.group(1)));
    }

    @Override
    public int compareTo(TagNumber other) {
        return Integer.compare(number, other.number);
    }

    @Override
    public String toString() {
        String digits = Integer.toString(number);
        return "R-" + "0".repeat(Math.max(0, DIGITS - digits.length())) + digits;
    }
}
