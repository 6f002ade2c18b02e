package ruvant.core.accounts;

import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * The number of a paper, such as B-00012. Each kind counts by itself from 1, without gaps.
 *
 * @param number 1 to 9,999,999
 */
public record PaperNumber(PaperKind kind, int number) {
    private static final int DIGITS = 5;
    private static final Pattern WRITTEN = Pattern.compile("([QOBPC])-?0*([1-9][0-9]{0,6})");

    public PaperNumber {
        Check.chosen("kind", kind);
        Check.count("number", number, 1, 9_999_999);
    }

    /**
     * Reads a number as it is printed.
     *
     * @throws FieldProblem where it is none
     */
    public static PaperNumber parse(String written) {
        Matcher matcher = WRITTEN.matcher(written == null ? "" : written.strip().toUpperCase(Locale.ROOT));
        if (!matcher.matches()) {
            throw new FieldProblem("number", "“" + written + "” is not a paper's number.", "They look like B-00012.");
        }
        PaperKind kind = Arrays.stream(PaperKind.values())
                .filter(one -> one.letter().equals(matcher.group(1)))
                .findFirst()
                .orElseThrow();
        return new PaperNumber(kind, Integer.parseInt(matcher.group(2)));
    }

    @Override
    public String toString() {
        String digits = Integer.toString(number);
        return kind.letter() + "-" + "0".repeat(Math.max(0, DIGITS - digits.length())) + digits;
    }
}
