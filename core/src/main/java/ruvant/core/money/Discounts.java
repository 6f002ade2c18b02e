package ruvant.core.money;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.units.FieldProblem;

/** Discounts on a whole paper: spread over its lines, so that each rate of tax bears its share. */
public final class Discounts {
    private static final int WHOLE = 10_000;

    private Discounts() {}

    /**
     * The lines with an amount off, each by its share.
     *
     * @throws FieldProblem where more would be taken off than there is
     */
    public static List<PriceLine> off(List<PriceLine> lines, long minor) {
        long[] amounts = lines.stream().mapToLong(PriceLine::amountMinor).toArray();
        long sum = java.util.Arrays.stream(amounts).sum();
        if (minor < 0 || minor > sum) {
            throw new FieldProblem(
                    "discount", "The discount is more than everything comes to.", "Enter at most the whole amount.");
        }
        long[] shares = Exact.spread(minor, amounts);
        List<PriceLine> less = new ArrayList<>();
        for (int at = 0; at < shares.length; at++) {
            less.add(lines.get(at).less(shares[at]));
        }
        return less;
    }

    /** The same by a percentage, in its hundredths: 500 is 5 %. */
    public static List<PriceLine> percent(List<PriceLine> lines, int hundredths) {
        long sum = lines.stream().mapToLong(PriceLine::amountMinor).sum();
        return off(lines, Exact.ratio(sum, hundredths, WHOLE));
    }
}
