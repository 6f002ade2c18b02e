package ruvant.core.prove;

import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * Good firings in a row.
 *
 * @param current since the last miss or the last work on the camera
 * @param wanted how many make the proof
 * @param firingsSinceWork all firings since the last work
 * @param missesSinceWork misses among them
 */
public record Streak(int current, int wanted, int firingsSinceWork, int missesSinceWork) {

    /** Whether the proof is made. */
    public boolean proved() {
        return current >= wanted;
    }

    /**
     * One-sided 95 % upper bound on the miss rate, 0 to 1. Without a miss it is 1 − 0.05^(1/n); after one it is the
     * exact binomial (Clopper–Pearson) bound over all firings since the last work, so that starting the count again
     * does not make a miss disappear.
     */
    public double missRateBound() {
        int n = firingsSinceWork;
        int misses = missesSinceWork;
        if (n == 0 || misses >= n) {
            return 1;
        }
        if (misses == 0) {
            return 1 - Math.pow(0.05, 1.0 / n);
        }
        return new BetaDistribution(misses + 1, n - misses).inverseCumulativeProbability(0.95);
    }
}
