package ruvant.core.measure;

import ruvant.core.job.Family;

/** What this trade usually allows where no maker's manual says otherwise. */
public final class Tolerances {
    /** Allowed scatter (standard deviation), in stops. */
    public static final double SCATTER_EV = 0.10;

    private static final double FAST_STARTS_ABOVE = 1.0 / 128 * 0.95;

    private static final double TAPER_FAST_ABOVE = 1.0 / 256 * 0.95;

    private Tolerances() {}

    /** Allowed difference of exposure between the ends of the gate: 0.33 EV up to 1/250, 0.50 EV faster. */
    public static double taperEv(double nominalSeconds) {
        return nominalSeconds >= TAPER_FAST_ABOVE ? 0.33 : 0.50;
    }

    /**
     * Allowed |bias|: 0.30 EV up to 1/125 and 0.45 EV faster; 0.20 EV where electronics time it.
     *
     * @param nominalSeconds above 0
     * @return stops
     */
    public static double biasEv(Family family, double nominalSeconds) {
        if (family == Family.FOCAL_ELECTRONIC) {
            return 0.20;
        }
        return nominalSeconds >= FAST_STARTS_ABOVE ? 0.30 : 0.45;
    }
}
