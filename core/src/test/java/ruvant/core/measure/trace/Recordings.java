package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.practice.stand.CurtainsMotion;
import ruvant.core.practice.stand.LeafMotion;
import ruvant.core.practice.stand.Motion;
import ruvant.core.practice.stand.SimulatedStand;
import ruvant.core.practice.stand.StandInput;
import ruvant.core.practice.stand.StandLamp;
import ruvant.core.trade.StandSetup;

/** Recordings for tests, made by the simulated stand. */
final class Recordings {
    static final StandInput CLEAN = StandInput.direct(48_000, 35);
    static final List<StandSetup.Sensor> THREE =
            List.of(new StandSetup.Sensor(4, 1), new StandSetup.Sensor(18, 1), new StandSetup.Sensor(32, 1));
    static final StandSetup GATE = StandSetup.focalPlane(36, THREE);

    private Recordings() {}

    static Motion leaf(double seconds) {
        return LeafMotion.plain(seconds, 0.001);
    }

    static CurtainsMotion curtains(double delaySeconds, double leadingMs, double trailingMs, double gain) {
        return new CurtainsMotion(
                36,
                List.of(4.0, 18.0, 32.0),
                List.of(1.0, 1.0, 1.0),
                new CurtainsMotion.Run(leadingMs / 1000, gain),
                new CurtainsMotion.Run(trailingMs / 1000, gain),
                delaySeconds,
                0,
                0,
                0);
    }

    /** Firings a good second apart, dark at both ends. */
    static SimulatedStand.Recorded of(StandInput input, StandLamp lamp, int diodes, Motion... motions) {
        List<SimulatedStand.Released> firings = new ArrayList<>();
        double at = 0.6;
        for (Motion motion : motions) {
            firings.add(new SimulatedStand.Released(at, motion));
            at += motion.endSeconds() + 1.1;
        }
        return SimulatedStand.record(firings, diodes, lamp, input, at, 7);
    }

    static SimulatedStand.Recorded of(StandInput input, Motion... motions) {
        return of(input, StandLamp.STEADY, 1, motions);
    }

    static MeasuredRecording measured(SimulatedStand.Recorded recorded, StandSetup setup) {
        return measured(recorded.rateHz(), recorded.samples(), setup);
    }

    static MeasuredRecording measured(double rateHz, float[][] samples, StandSetup setup) {
        return TraceAnalysis.of(() -> new HeldSamples(rateHz, samples), setup);
    }
}
