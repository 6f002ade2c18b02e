package ruvant.core.practice.mechanism;

import java.util.Random;

/**
 * A train with a pallet: so many beats, each the longer the less of the driving torque friction leaves.
 *
 * @param torque driving it, 1 for as made
 * @param friction part of the torque that dirt eats
 * @param frictionVaries part by which that differs from firing to firing
 * @param frictionHeld part by which it is larger with the lens down
 * @param frictionRested part by which it is larger after a rest
 * @param moreBeats beats run off more than made for, at full depth of the mesh
 * @param skips chance at each firing that the pallet skips part of its beats
 */
record Escapement(
        double torque,
        double friction,
        double frictionVaries,
        double frictionHeld,
        double frictionRested,
        double moreBeats,
        double skips) {
    static final Escapement HEALTHY = new Escapement(1, 0, 0, 0, 0, 0, 0);
    private static final double USUAL_FRICTION = 0.2;

    /** Part of torque at which a train hangs. */
    private static final double STALLS = 0.06;

    /**
     * How long the train takes for what should take so long; at most four times as long where it hangs and is freed.
     *
     * @param made seconds the train was made to take
     * @param beats beats it was made for
     */
    double seconds(double made, double beats, Random random, boolean lensDown, boolean rested) {
        double felt = friction
                * Math.max(0, 1 + frictionVaries * random.nextGaussian())
                * (lensDown ? 1 + frictionHeld : 1)
                * (rested ? 1 + frictionRested : 1);
        double left = torque * (1 - felt) - USUAL_FRICTION;
        double slower = Math.sqrt((1 - USUAL_FRICTION) / Math.max(STALLS, left));
        double run = Math.max(0.05 * beats, beats + moreBeats);
        if (random.nextDouble() < skips) {
            run *= 0.15 + 0.6 * random.nextDouble();
        }
        return made / beats * run * slower * (left < STALLS ? 1.5 + random.nextDouble() : 1);
    }
}
