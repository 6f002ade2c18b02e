package ruvant.core.units;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One compartment of the sorting tray: a row letter and a column number, such as {@code B3}.
 *
 * @param row 0 for A, at most 25
 * @param column 1 for the first, at most 99
 */
public record WellName(int row, int column) implements Comparable<WellName> {
    private static final Pattern WRITTEN = Pattern.compile("([A-Z])([1-9][0-9]?)");

    public WellName {
        Check.count("wellRow", row, 0, 25);
        Check.count("wellColumn", column, 1, 99);
    }

    /**
     * Reads {@code B3} or {@code b3}.
     *
     * @throws FieldProblem if it is not a well's name
     */
    public static WellName parse(String written) {
        Matcher matcher = WRITTEN.matcher(written == null ? "" : written.strip().toUpperCase(Locale.ROOT));
        if (!matcher.matches()) {
            throw new FieldProblem(
                    "well", "“" + written + "” is not a well.", "Wells look like B3: a row letter and a number.");
        }
        return new WellName(matcher.group(1).charAt(0) - 'A', Integer.parseInt(matcher.group(2)));
    }

    /** Whether the two lie side by side, also cornerwise, where tweezers slip from one into the other. */
    public boolean adjoins(WellName other) {
        return !equals(other) && Math.abs(row - other.row) <= 1 && Math.abs(column - other.column) <= 1;
    }

    @Override
    public int compareTo(WellName other) {
        return row != other.row ? Integer.compare(row, other.row) : Integer.compare(column, other.column);
    }

    @Override
    public String toString() {
        return "" + (char) ('A' + row) + column;
    }
}
