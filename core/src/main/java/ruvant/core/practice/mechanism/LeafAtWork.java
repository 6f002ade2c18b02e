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

    /**
     * What it is made of.
     *
     * @param ringSeconds of the blades without the train
     * @param torque of the main spring, 1 for as made
     * @param drag of the ring, as a part of the torque, differing by {@code dragVaries} of it
     * @param oil seconds the blades stick together, differing widely, longer by {@code oilRested} after a rest
     * @param sticks chance that they stick for long
     * @param palletFromSeconds the pallet is in for speeds slower than this
     * @param train without the pallet
     * @param palletTrain with it
     */
    record Parts(
            double ringSeconds,
            double torque,
            double drag,
            double dragVaries,
            double dragHeld,
            double oil,
            double oilRested,
            double sticks,
            double palletFromSeconds,
            Escapement train,
            Escapement palletTrain,
            double scatterEv) {}

    LeafAtWork(Parts parts, double[] madeSeconds, double[] cam, Random random) {
        this.parts = parts;
        this.madeSeconds = madeSeconds.clone();
        this.cam = cam.clone();
        this.random = random;
    }

    @Override
    public List<Double> fire(int speed, List<Double> places, How how) {
        double wanted = madeSeconds[speed] * cam[speed] * Math.pow(2, parts.scatterEv() * random.nextGaussian());
        double drag = parts.drag()
                * Math.max(0, 1 + parts.dragVaries() * random.nextGaussian())
                * (how.lensDown() ? 1 + parts.dragHeld() : 1);
        double left = Math.max(0.08, parts.torque() - 0.15 - drag);
        double ring = Math.min(wanted, parts.ringSeconds());
        double exposure = ring * Math.sqrt(0.85 / left);
        double held = wanted - ring;
        if (held > 0) {
            Escapement train = wanted > parts.palletFromSeconds() ? parts.palletTrain() : parts.train();
            double beats = wanted > parts.palletFromSeconds() ? Math.max(4, held * 90) : Math.max(1, held * 300);
            exposure += train.seconds(held, beats, random, how.lensDown(), how.rested());
        }
        if (parts.oil() > 0) {
            exposure +=
                    parts.oil() * Math.exp(0.6 * random.nextGaussian()) * (how.rested() ? 1 + parts.oilRested() : 1);
            if (random.nextDouble() < parts.sticks()) {
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
