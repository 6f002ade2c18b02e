package ruvant.core.plan.minutes;

import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How long something will take: log-normal.
 *
 * @param median minutes
 * @param spread standard deviation of the natural logarithm of the minutes
 * @param seen how many such pieces of work of this model and part were seen
 */
public record Guess(double median, double spread, int seen) {
    private static final NormalDistribution STANDARD = new NormalDistribution();

    /** Minutes that are not exceeded with a chance. */
    public double within(double chance) {
        return median * Math.exp(spread * STANDARD.inverseCumulativeProbability(chance));
    }

    /** Minutes on average; more than the median, since work that goes wrong goes on for long. */
    public double mean() {
        return median * Math.exp(spread * spread / 2);
    }
}
