package ruvant.core.trade;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.units.Check;

/**
 * One firing that was measured.
 *
 * @param index of it in its recording, from 1
 * @param seconds effective exposure, above 0 and at most 120
 * @param uncertaintySeconds one standard deviation of that
 * @param sensorSeconds exposure at each sensor, in the order of the set-up; empty for one sensor
 * @param curtains how the curtains ran, where two sensors or more saw them
 * @param blades how the blades of a leaf shutter moved, where light was seen
 */
public record MeasuredFiring(
        int index,
        double seconds,
        double uncertaintySeconds,
        Set<FiringFlag> flags,
        List<Double> sensorSeconds,
        Optional<CurtainTimes> curtains,
        Optional<BladeTimes> blades) {
    public MeasuredFiring {
        Check.count("index", index, 1, 100_000);
        Check.within("exposure", seconds, 1e-5, 120, "s");
        Check.within("uncertainty", uncertaintySeconds, 0, 120, "s");
        flags = Check.set(flags);
        sensorSeconds = Check.some("sensorSeconds", sensorSeconds, 3);
        curtains = Check.or(curtains, Optional.<CurtainTimes>empty());
        blades = Check.or(blades, Optional.<BladeTimes>empty());
    }

    /**
     * How the blades moved.
     *
     * @param openRampSeconds from 10 to 90 % of the light, 0 to 1
     * @param closeRampSeconds from 90 to 10 %, 0 to 1
     */
    public record BladeTimes(double openRampSeconds, double closeRampSeconds) {
        public BladeTimes {
            Check.within("openRamp", openRampSeconds, 0, 1, "s");
            Check.within("closeRamp", closeRampSeconds, 0, 1, "s");
        }
    }

    /**
     * How both curtains ran.
     *
     * @param leadingSeconds travel of the leading curtain over the gate
     * @param trailingSeconds of the trailing one
     * @param leadingGain by which part the leading curtain is faster at the end of the gate than at its start
     * @param trailingGain likewise the trailing one
     * @param taperEv exposure at the end over that at the start, stops
     * @param syncMarginSeconds from the leading curtain's arrival to the trailing one's start
     * @param gateMm length of the gate
     * @param openSeconds when the leading curtain passes even steps from the start of the gate to its end
     * @param acrossSeconds exposure at the same steps
     */
    public record CurtainTimes(
            double leadingSeconds,
            double trailingSeconds,
            double leadingGain,
            double trailingGain,
            double taperEv,
            double syncMarginSeconds,
            double gateMm,
            List<Double> openSeconds,
            List<Double> acrossSeconds) {
        public CurtainTimes {
            openSeconds = Check.some("openSeconds", openSeconds, 50);
            acrossSeconds = Check.some("acrossSeconds", acrossSeconds, 50);
        }
    }
}
