package ruvant.core.offer;

import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;

/**
 * How long a step takes.
 *
 * @param low minutes; nine such steps in ten take longer; 0 only where all three are
 * @param likely minutes; half of them take longer
 * @param high minutes, at most 6,000; one in ten takes longer
 * @param seen from how many such pieces of work at this model the shop's figures were read; null where a person estimated them
 */
public record StepMinutes(
        int low, int likely, int high, @MayBeNull Integer seen) {
    private static final int MOST = 6_000;

    public StepMinutes {
        Check.count("low", low, 0, MOST);
        Check.count("likely", likely, 0, MOST);
        Check.count("high", high, 0, MOST);
        if (seen != null) {
            Check.count("seen", seen, 0, 100_000);
        }
        if (low > likely || likely > high) {
            throw new FieldProblem(
                    "likely",
                    "Minutes of " + low + ", " + likely + " and " + high + " do not rise.",
                    "Enter low, likely and high minutes in rising order.");
        }
        if (low == 0 && high > 0) {
            throw new FieldProblem("low", "No work takes 0 minutes.", "Enter at least 1 minute as the low figure.");
        }
    }

    /** Whether a person estimated them. */
    public boolean estimated() {
        return seen == null;
    }

    /** What a person estimated. */
    public static StepMinutes estimated(int low, int likely, int high) {
        return new StepMinutes(low, likely, high, null);
    }
}
