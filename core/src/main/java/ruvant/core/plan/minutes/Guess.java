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
    /** Minutes that somebody stated are not taken for exact either. */
    public static final double STATED = 0.25;

    /** What is nearly over may still take this long. */
    private static final double LEAST_LEFT = 2;

    /** Beyond this place the quantiles of what is left lie too close to 1 to be told apart. */
    private static final double FAR_GONE = 0.98;

    private static final NormalDistribution STANDARD = new NormalDistribution();

    /** Minutes that are not exceeded with a chance. */
    public double within(double chance) {
        return median * Math.exp(spread * STANDARD.inverseCumulativeProbability(chance));
    }

    /** Minutes on average; more than the median, since work that goes wrong goes on for long. */
    public double mean() {
        return median * Math.exp(spread * spread / 2);
    }

    /** What the clock decides: so many minutes and no other. */
    public static Guess exactly(double minutes) {
        return new Guess(minutes, 0, 0);
    }

    /**
     * What is left once so many minutes went into it. Given that it is not done yet, its median and the width between its 16 and
     * 84 % are those of the part of the distribution beyond what is spent; another log-normal is laid through them.
     */
    public Guess after(double spent) {
        if (spent <= 0 || spread <= 0) {
            return new Guess(Math.max(LEAST_LEFT, median - Math.max(0, spent)), spread, seen);
        }
        double gone = STANDARD.cumulativeProbability(Math.log(spent / median) / spread);
        if (gone > FAR_GONE) {
            // so far out in a log-normal the chance to end in the next minute is nearly ln(t/m) / (s² t)
            double half = Math.log(2) * spread * spread * spent / Math.log(spent / median);
            return new Guess(Math.max(LEAST_LEFT, half), Math.max(spread, 1), seen);
        }
        double beyond = gone;
        double low = Math.max(LEAST_LEFT, within(beyond + (1 - beyond) * 0.16) - spent);
        double middle = Math.max(LEAST_LEFT, within(beyond + (1 - beyond) * 0.5) - spent);
        double high = Math.max(middle, within(beyond + (1 - beyond) * 0.84) - spent);
        return new Guess(middle, Math.max(spread, Math.log(high / low) / 2), seen);
    }
}
