package ruvant.core.practice.stand;

import java.util.List;
import java.util.Random;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.Check;

/**
 * The stand-in for a camera on the stand: fires when told to, with the faults it is given. The same seed and number of
 * the firing make the same firing.
 *
 * @param slowErrorEv by how much speeds of 1/30 and slower run long, -3 to 3 stops
 * @param fastErrorEv by how much faster ones do, -3 to 3 stops
 * @param scatterEv standard deviation from firing to firing, 0 to 2 stops
 * @param missPart part of firings that hang up, 0 to 1
 * @param travelMs of the leading curtain, or of the blades' ramps for a leaf shutter, 0.2 to 60
 * @param trailingPart travel of the trailing curtain as a part of the leading one's, 0.5 to 2
 * @param reboundPart light that comes back after closing, as a part of the plateau, 0 to 0.5
 * @param snrDb plateau over noise, 5 to 80
 * @param cutoffHz of the input's coupling, 0 for none, up to 50
 * @param rippleDepth of the lamp, 0 to 0.9
 */
public record StandInShutter(
        double slowErrorEv,
        double fastErrorEv,
        double scatterEv,
        double missPart,
        double travelMs,
        double trailingPart,
        double reboundPart,
        double snrDb,
        double cutoffHz,
        double rippleDepth) {
    private static final double SLOW_SECONDS = 1.0 / 45;
    private static final double BEFORE_SECONDS = 0.35;
    private static final double AFTER_SECONDS = 0.12;
    private static final double HANGS_EV = 1.6;

    public StandInShutter {
        Check.within("slowErrorEv", slowErrorEv, -3, 3, "EV");
        Check.within("fastErrorEv", fastErrorEv, -3, 3, "EV");
        Check.within("scatterEv", scatterEv, 0, 2, "EV");
        Check.within("missPart", missPart, 0, 1, "of 1");
        Check.within("travelMs", travelMs, 0.2, 60, "ms");
        Check.within("trailingPart", trailingPart, 0.5, 2, "times");
        Check.within("reboundPart", reboundPart, 0, 0.5, "of 1");
        Check.within("snrDb", snrDb, 5, 80, "dB");
        Check.within("cutoffHz", cutoffHz, 0, 50, "Hz");
        Check.within("rippleDepth", rippleDepth, 0, 0.9, "of 1");
    }

    /** A camera as it comes from a shelf: slow speeds late, fast ones a little tired. */
    public static StandInShutter usual() {
        return new StandInShutter(0.4, 0.2, 0.05, 0, 10, 1.03, 0, 35, 5, 0);
    }

    /** The same with another error and scatter of its fast speeds. */
    public StandInShutter with(double fastEv, double scatter) {
        return new StandInShutter(
                slowErrorEv,
                fastEv,
                scatter,
                missPart,
                travelMs,
                trailingPart,
                reboundPart,
                snrDb,
                cutoffHz,
                rippleDepth);
    }

    /** Fires once at a speed, before the diodes of a set-up. */
    public SimulatedStand.Recorded fire(double nominalSeconds, StandSetup setup, double rateHz, long seed) {
        Random random = Seeds.random(seed);
        double error = (nominalSeconds > SLOW_SECONDS ? slowErrorEv : fastErrorEv) + scatterEv * random.nextGaussian();
        boolean hangs = random.nextDouble() < missPart;
        double seconds = nominalSeconds * Math.pow(2, error + (hangs ? HANGS_EV : 0));
        Motion motion = motion(seconds, setup);
        StandLamp lamp = new StandLamp(100, rippleDepth, 0.1, 2 * Math.PI * random.nextDouble(), 0);
        StandInput input = StandInput.coupled(rateHz, snrDb, cutoffHz);
        double length = BEFORE_SECONDS + motion.endSeconds() + AFTER_SECONDS;
        int diodes = Math.max(1, setup.sensors().size());
        return SimulatedStand.record(
                List.of(new SimulatedStand.Released(BEFORE_SECONDS, motion)),
                diodes,
                lamp,
                input,
                length,
                random.nextLong());
    }

    private Motion motion(double seconds, StandSetup setup) {
        if (setup.kind() != StandSetup.Kind.FOCAL_PLANE) {
            double ramp = Math.min(travelMs / 1000 / 8, seconds * 0.7);
            return new LeafMotion(seconds, ramp, ramp, 1.3, 1.3, 0, 0, reboundPart, 0.003, 0.002);
        }
        double gate = setup.gateMm().orElse(36.0);
        List<StandSetup.Sensor> sensors =
                setup.sensors().isEmpty() ? List.of(new StandSetup.Sensor(gate / 2, 1)) : setup.sensors();
        double travel = travelMs / 1000;
        double longer = travel * trailingPart - travel;
        return new CurtainsMotion(
                gate,
                sensors.stream().map(StandSetup.Sensor::positionMm).toList(),
                sensors.stream().map(StandSetup.Sensor::widthMm).toList(),
                new CurtainsMotion.Run(travel, 0.25),
                new CurtainsMotion.Run(travel * trailingPart, 0.25),
                Math.max(1e-4, seconds - longer / 2),
                reboundPart,
                0.003,
                0.002);
    }
}
