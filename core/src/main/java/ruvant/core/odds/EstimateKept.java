package ruvant.core.odds;

import ruvant.core.plan.minutes.Work;
import ruvant.core.units.Check;

/**
 * What a kind of work was estimated at for a camera, and what it took.
 *
 * @param job which camera it was, in the order of time
 * @param low minutes that it was to take at least in nine of ten cases, above 0
 * @param likely minutes in the middle
 * @param high minutes that it was to take at most in nine of ten cases
 * @param took minutes, above 0
 */
public record EstimateKept(int job, Work work, double low, double likely, double high, double took) {
    public EstimateKept {
        Check.chosen("work", work);
        Check.within("low", low, 1e-3, 1e6, "min");
        Check.within("likely", likely, low, 1e6, "min");
        Check.within("high", high, likely, 1e6, "min");
        Check.within("took", took, 1e-3, 1e6, "min");
    }

    /** How many times as long as estimated, as a logarithm. */
    double off() {
        return Math.log(took / likely);
    }

    /** Half the width of the estimate, as a standard deviation of the logarithm. */
    double spread() {
        return Math.log(high / low) / (2 * Stretch.ONE_IN_TEN);
    }

    /** Whether it took no less than the low figure and no more than the high one. */
    boolean within() {
        return took >= low && took <= high;
    }
}
