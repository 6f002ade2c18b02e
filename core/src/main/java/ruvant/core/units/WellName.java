package ruvant.core.units;

import java.util.Comparator;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One compartment of a sorting tray: a row letter and a column number, such as {@code B3}, with the tray's number before
 * it in every tray but the first, such as {@code 2B3}.
 *
 * @param tray 1 for the first, at most 9
 * @param row 0 for A, at most 25
 * @param column 1 for the first, at most 99
 */
public record WellName(int tray, int row, int column) implements Comparable<WellName> {
    private static final Pattern WRITTEN = Pattern.compile("([1-9])?([A-Z])([1-9][0-9]?)");
    private static final Comparator<WellName> ORDER = Comparator.comparingInt(WellName::tray)
            .thenComparingInt(WellName::row)
            .thenComparingInt(WellName::column);

    public WellName {
        Check.count("tray", tray, 1, 9);
        Check.count("wellRow", row, 0, 25);
        Check.count("wellColumn", column, 1, 99);
    }

    /** A well of the first tray. */
    public WellName(int row, int column) {
        this(1, row, column);
    }

    /**
     * Reads {@code B3}, {@code b3} or {@code 2B3}.
     *
     * @throws FieldProblem if it is not a well's name
     */
    public static WellName parse(String written) {
        Matcher matcher = WRITTEN.matcher(written == null ? "" : written.strip().toUpperCase(Locale.ROOT));
        if (!matcher.matches()) {
            throw new FieldProblem(
                    "well",
                    "“" + written + "” is not a well.",
                    "Wells look like B3: a row letter and a number; in the second tray like 2B3.");
        }
        return new WellName(
                matcher.group(1) == null ? 1 : Integer.parseInt(matcher.group(1)),
                matcher.group(2).charAt(0) - 'A',
                Integer.parseInt(matcher.group(3)));
    }

    /** Whether the two lie side by side, also cornerwise, where tweezers slip from one into the other. */
    public boolean adjoins(WellName other) {
        return !equals(other)
                && tray == other.tray
                && Math.abs(row - other.row) <= 1
                && Math.abs(column - other.column) <= 1;
    }

    @Override
    public int compareTo(WellName other) {
        return ORDER.compare(this, other);
    }

    @Override
    public String toString() {
        return (tray == 1 ? "" : tray) + "" + (char) ('A' + row) + column;
    }
}
