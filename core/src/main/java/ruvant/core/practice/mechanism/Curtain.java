package ruvant.core.practice.mechanism;

import java.util.Random;

/**
 * A curtain pulled over the gate by a spring against friction. Forces are parts of the healthy spring's at the start of
 * travel.
 *
 * @param healthySeconds over the gate with a spring of 1 and no more friction than usual
 * @param spring force at the start, 1 for as adjusted
 * @param slackens part of its force that is gone at the end of travel
 * @param runUp way before the gate, as a part of it
 * @param drag friction that should not be there
 * @param dragFrom place from which it acts, 0 to 1
 * @param dragVaries part by which it differs from firing to firing
 * @param dragHeld part by which it is larger with the lens down
 * @param dragRested part by which it is larger after a rest
 */
record Curtain(
        double healthySeconds,
        double spring,
        double slackens,
        double runUp,
        double drag,
        double dragFrom,
        double dragVaries,
        double dragHeld,
        double dragRested) {
    private static final int STEPS = 48;
    private static final double USUAL_FRICTION = 0.15;

    /** When it passes places at even steps of the gate, from its release, and the gate's start first. */
    double[] run(Random random, boolean lensDown, boolean rested) {
        double felt = drag
                * Math.max(0.1, 1 + dragVaries * random.nextGaussian())
                * (lensDown ? 1 + dragHeld : 1)
                * (rested ? 1 + dragRested : 1);
        double[] healthy = times(1, 0, 0);
        double[] real = times(spring, felt, dragFrom);
        double scale = healthySeconds / (healthy[STEPS] - healthy[0]);
        for (int i = 0; i <= STEPS; i++) {
            real[i] *= scale;
        }
        return real;
    }

    /** By energy: the square of the speed grows with what force has done so far. */
    private double[] times(double force, double friction, double from) {
        double[] passed = new double[STEPS + 1];
        double energy = 0;
        double seconds = 0;
        int before = (int) Math.ceil(runUp * STEPS) + 1;
        double step = 1.0 / STEPS;
        for (int i = -before; i < STEPS; i++) {
            double place = (i + 0.5) * step;
            double pull = force * (1 - slackens * Math.max(0, place)) - USUAL_FRICTION - (place >= from ? friction : 0);
            double next = Math.max(1e-3, energy + Math.max(pull, -0.9 * energy / step) * step);
            seconds += 2 * step / (Math.sqrt(energy) + Math.sqrt(next));
            energy = next;
            if (i >= -1) {
                passed[i + 1] = seconds;
            }
        }
        return passed;
    }

    /** The time at a place out of those at even steps. */
    static double at(double[] passed, double place) {
        double where = place * STEPS;
        int low = Math.min(STEPS - 1, (int) where);
        return passed[low] + (where - low) * (passed[low + 1] - passed[low]);
    }
}
