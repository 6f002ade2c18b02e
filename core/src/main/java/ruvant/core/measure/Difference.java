package ruvant.core.measure;

import org.hipparchus.distribution.continuous.TDistribution;

/**
 * How far two runs lie apart, their scatters not taken for equal (Welch's comparison, degrees of freedom after
 * Satterthwaite).
 *
 * @param byEv mean of the second less mean of the first, stops
 * @param standardErrorEv of that, stops
 * @param freedom degrees of freedom, not a whole number
 */
public record Difference(double byEv, double standardErrorEv, double freedom) {
    /**
     * From one run to another.
     *
     * @param from at least two firings
     * @param to at least two firings
     * @throws IllegalArgumentException for a run of one firing, which says nothing about its own scatter
     */
    public static Difference between(RunStatistics from, RunStatistics to) {
        if (from.firings() < 2 || to.firings() < 2) {
            throw new IllegalArgumentException("One firing cannot be compared. Fire it again.");
        }
        double first = squaredError(from);
        double second = squaredError(to);
        double freedom = (first + second)
                * (first + second)
                / (first * first / (from.firings() - 1) + second * second / (to.firings() - 1));
        return new Difference(to.biasEv() - from.biasEv(), Math.sqrt(first + second), freedom);
    }

    private static double squaredError(RunStatistics run) {
        return run.plausibleScatterEv() * run.plausibleScatterEv() / run.firings();
    }

    /**
     * Half the width of the two-sided interval of the difference, stops.
     *
     * @param confidence such as 0.95
     */
    public double halfWidthEv(double confidence) {
        return new TDistribution(freedom).inverseCumulativeProbability(0.5 + confidence / 2) * standardErrorEv;
    }

    /** The chance of a difference at least as large in either direction when there is none. */
    public double chance() {
        return 2 * new TDistribution(freedom).cumulativeProbability(-Math.abs(byEv) / standardErrorEv);
    }
}
