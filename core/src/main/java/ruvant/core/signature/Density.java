package ruvant.core.signature;

import org.hipparchus.special.Gamma;

/**
 * What two readings of the same firings need to be held against each other: with a firing counted among the others, or left
 * aside as one that hung or fell short. Means and variances are turned into densities of the firings themselves.
 */
final class Density {
    /** How far a firing that hung or fell short lies from the others, on average, stops. */
    private static final double AWAY_EV = 1;

    /** And by how much sensors then differ, stops. */
    private static final double APART_EV = 0.2;

    private Density() {}

    /** Logarithm of the density of what was left aside, where it lies. */
    static double ofStrays(Seen run) {
        Seen.Strays strays = run.strays();
        double each = -Math.log(AWAY_EV) - (run.places().length > 1 ? Math.log(APART_EV) : 0);
        return strays.all() * each - strays.awayEv() / AWAY_EV;
    }

    /** What the comparison of mean and scatter leaves out of the density of a run's firings, as a logarithm. */
    static double ofRun(Seen run) {
        int counted = run.level().counted();
        if (counted < 2) {
            return 0;
        }
        double log = ofScatter(run.level().scatterEv(), counted) - Math.log(counted) / 2;
        return run.places().length == 1 ? log : log + ofScatter(run.contrast().scatterEv(), counted);
    }

    /** Fisher's distribution of a variance, over the surface of all firings that have it. */
    private static double ofScatter(double scatter, int counted) {
        double freedom = counted - 1;
        double foretold = Likelihood.FORETOLD;
        double variance = scatter * scatter + Likelihood.LEAST_SCATTER * Likelihood.LEAST_SCATTER;
        double ofVariance = Gamma.logGamma((freedom + foretold) / 2)
                - Gamma.logGamma(freedom / 2)
                - Gamma.logGamma(foretold / 2)
                + freedom / 2 * Math.log(freedom / foretold)
                - Math.log(variance);
        double surface = freedom / 2 * Math.log(Math.PI)
                - Gamma.logGamma(freedom / 2)
                + (freedom - 2) / 2 * Math.log(freedom * variance)
                + Math.log(freedom);
        return ofVariance - surface;
    }
}
