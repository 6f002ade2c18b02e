package ruvant.core.odds;

import org.hipparchus.distribution.continuous.BetaDistribution;
import ruvant.core.units.Check;

/**
 * How often cameras of one cause, model or person came back.
 *
 * @param again cameras that came back with the same or a related fault
 * @param of that went home
 * @param low nine in ten such rates lie above it
 * @param high nine in ten such rates lie below it
 */
public record CameBackRate(String by, int again, int of, double low, double high) {
    private static final double OUTER = 0.1;

    /**
     * The rate with its interval: that of a beta posterior under a flat prior, so that few cameras say little, and it shows.
     *
     * @param again 0 or more
     * @param of at least 0; a camera may come back more than once
     */
    public static CameBackRate of(String by, int again, int of) {
        Check.count("again", again, 0, 1_000_000);
        Check.count("of", of, 0, 1_000_000);
        BetaDistribution beta = new BetaDistribution(again + 1.0, Math.max(0, of - again) + 1.0);
        return new CameBackRate(
                by, again, of, beta.inverseCumulativeProbability(OUTER), beta.inverseCumulativeProbability(1 - OUTER));
    }
}
