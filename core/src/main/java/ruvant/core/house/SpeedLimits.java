package ruvant.core.house;

import ruvant.core.trade.Family;
import ruvant.core.units.Check;

/**
 * How far off speeds may be, all in stops.
 *
 * @param slowEv allowed |mean error| up to 1/125, 0.05 to 2
 * @param fastEv of faster ones, 0.05 to 2
 * @param scatterEv allowed standard deviation from firing to firing, 0.02 to 1
 * @param taperSlowEv allowed difference of exposure between the ends of the gate up to 1/250, 0.05 to 3
 * @param taperFastEv of faster ones, 0.05 to 3
 */
public record SpeedLimits(double slowEv, double fastEv, double scatterEv, double taperSlowEv, double taperFastEv) {
    public SpeedLimits {
        Check.within("slowEv", slowEv, 0.05, 2, "EV");
        Check.within("fastEv", fastEv, 0.05, 2, "EV");
        Check.within("scatterEv", scatterEv, 0.02, 1, "EV");
        Check.within("taperSlowEv", taperSlowEv, 0.05, 3, "EV");
        Check.within("taperFastEv", taperFastEv, 0.05, 3, "EV");
    }

    /** What this trade usually allows: electronics keep time better than trains do. */
    public static SpeedLimits usual(Family family) {
        return family == Family.FOCAL_ELECTRONIC
                ? new SpeedLimits(0.20, 0.20, 0.10, 0.33, 0.50)
                : new SpeedLimits(0.30, 0.45, 0.10, 0.33, 0.50);
    }
}
