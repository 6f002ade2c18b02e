package ruvant.core.practice.mechanism;

import java.util.List;
import java.util.Random;

/**
 * A leaf shutter at work: a ring on a spring opens and shuts the blades; a train holds it in between, for the slowest
 * speeds with the pallet in.
 */
final class LeafAtWork implements ShutterAtWork {
    private final Parts parts;
    private final double[] madeSeconds;
    private final double[] cam;
    private final Random random;

    /** What it is made of; each speed scatters besides. */
    record Parts(Ring ring, Oil oil, Trains trains, double scatterEv) {}

    /**
     * The ring on its spring.
     *
     * @param seconds of the blades without the train
     * @param torque of the main spring, 1 for as made
     * @param drag as a part of the torque, differing by {@code dragVaries} of it
     * @param dragHeld by which part more it drags with the lens down
     */
    record Ring(double seconds, double torque, double drag, double dragVaries, double dragHeld) {}

    /**
     * Oil on the blades.
     *
     * @param seconds the blades stick together, differing widely, longer by {@code rested} after a rest
     * @param sticks chance that they stick for long
     */
    record Oil(double seconds, double rested, double sticks) {}

    /**
     * The train.
     *
     * @param palletFromSeconds the pallet is in for speeds slower than this
     * @param free without the pallet
     * @param pallet with it
     */
    record Trains(double palletFromSeconds, Escapement free, Escapement pallet) {}

    LeafAtWork(Parts parts, double[] madeSeconds, double[] cam, Random random) {
        this.parts = parts;
        this.madeSeconds = madeSeconds.clone();
        this.cam = cam.clone();
        this.random = random;
    }

    @Override
    public List<Double> fire(int speed, List<Double> places, How how) {
        double wanted = madeSeconds[speed] * cam[speed] * Math.pow(2, parts.scatterEv() * random.nextGaussian());
        double drag = parts.ring().drag()
                * Math.max(0, 1 + parts.ring().dragVaries() * random.nextGaussian())
                * (how.lensDown() ? 1 + parts.ring().dragHeld() : 1);
        double left = Math.max(0.08, parts.ring().torque() - 0.15 - drag);
        double ring = Math.min(wanted, parts.ring().seconds());
        double exposure = ring * Math.sqrt(0.85 / left);
        double held = wanted - ring;
        if (held > 0) {
            Escapement train = wanted > parts.trains().palletFromSeconds()
                    ? parts.trains().pallet()
                    : parts.trains().free();
            double beats =
                    wanted > parts.trains().palletFromSeconds() ? Math.max(4, held * 90) : Math.max(1, held * 300);
            exposure += train.seconds(held, beats, random, how.lensDown(), how.rested());
        }
        if (parts.oil().seconds() > 0) {
            exposure += parts.oil().seconds()
                    * Math.exp(0.6 * random.nextGaussian())
                    * (how.rested() ? 1 + parts.oil().rested() : 1);
            if (random.nextDouble() < parts.oil().sticks()) {
                exposure = exposure * 1.5 + 0.004 + 0.02 * random.nextDouble();
            }
        }
        return List.of(exposure);
    }

    @Override
    public double[] lastTravelLog2() {
        return new double[] {Double.NaN, Double.NaN};
    }
}
