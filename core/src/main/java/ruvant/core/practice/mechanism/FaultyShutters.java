package ruvant.core.practice.mechanism;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import ruvant.core.signature.ShutterCause;
import ruvant.core.signature.ShutterKind;

/** Builds shutters with given faults; all else about them is drawn again for each seed. */
final class FaultyShutters {
    private static final double MILD = 0.4;

    private final ShutterCause first;
    private final ShutterCause second;
    private final Random random;

    private FaultyShutters(ShutterCause first, ShutterCause second, Random random) {
        this.first = first;
        this.second = second;
        this.random = random;
    }

    /** @param second a milder fault besides, {@link ShutterCause#HEALTHY} for none */
    static ShutterAtWork build(
            ShutterKind kind, ShutterCause first, ShutterCause second, double[] nominal, Random random) {
        FaultyShutters builder = new FaultyShutters(first, second, random);
        return kind == ShutterKind.LEAF
                ? builder.leaf(nominal)
                : builder.focal(kind == ShutterKind.FOCAL_MECHANICAL, nominal);
    }

    /** A size between two limits where the cause is there, milder where it is the second, else 0. */
    private double size(ShutterCause cause, double low, double high) {
        double drawn = low + (high - low) * random.nextDouble();
        return (first == cause ? drawn : 0) + (second == cause ? MILD * drawn : 0);
    }

    private double some(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private double[] cams(int speeds) {
        double common = 0.06 * random.nextGaussian();
        double[] cams = new double[speeds];
        Arrays.setAll(cams, s -> Math.pow(2, common + 0.06 * random.nextGaussian()));
        return cams;
    }

    private ShutterAtWork focal(boolean mechanical, double[] nominal) {
        double travel = mechanical ? some(0.007, 0.015) : some(0.005, 0.010);
        double slackens = some(0.1, 0.4);
        double runUp = some(0.05, 0.25);
        double both = size(ShutterCause.BOTH_WEAK, 0.12, 0.4);
        Curtain leading = curtain(
                travel,
                slackens,
                runUp,
                1 - both - size(ShutterCause.LEADING_WEAK, 0.1, 0.45) + size(ShutterCause.LEADING_STRONG, 0.1, 0.45),
                size(ShutterCause.LEADING_DRAGS, 0.15, 0.42));
        Curtain trailing = curtain(
                travel,
                slackens,
                runUp,
                1 - both - size(ShutterCause.TRAILING_WEAK, 0.1, 0.45) + size(ShutterCause.TRAILING_STRONG, 0.1, 0.45),
                size(ShutterCause.TRAILING_DRAGS, 0.15, 0.42));
        double latch = size(ShutterCause.LATCH_STICKY, 0.0004, 0.003);
        double residual = size(ShutterCause.MAGNET_RESIDUAL, 0.0004, 0.003);
        boolean dead = first == ShutterCause.MAGNET_DEAD;
        double erratic = size(ShutterCause.CONTACT_DIRTY, 0.12, 0.6);
        double drift = size(ShutterCause.TIMING_DRIFT, 0.2, 0.8) * (random.nextBoolean() ? 1 : -1);
        FocalAtWork.Release release = new FocalAtWork.Release(
                latch + residual,
                latch > 0 ? some(0.3, 0.7) : some(0.02, 0.15),
                latch > 0 ? some(0, 1.5) : 0,
                Math.pow(2, drift),
                drift == 0 ? 0 : 0.05 * random.nextGaussian(),
                erratic,
                erratic > 0 ? some(0, 0.2) : 0,
                dead ? Math.pow(2, -some(6, 11)) : 0);
        return new FocalAtWork(
                new FocalAtWork.Parts(
                        leading,
                        trailing,
                        random.nextBoolean(),
                        mechanical ? escapement(ShutterCause.ESCAPEMENT_GUMMED, engagement()) : null,
                        some(0.018, 0.035),
                        some(40, 120),
                        release,
                        some(0.01, 0.035)),
                nominal,
                cams(nominal.length),
                random);
    }

    private double engagement() {
        return size(ShutterCause.ESCAPEMENT_ENGAGEMENT, 1, 4.5) * (random.nextBoolean() ? 1 : -1);
    }

    private Curtain curtain(double travel, double slackens, double runUp, double spring, double drag) {
        return new Curtain(
                travel,
                spring * (1 + 0.02 * random.nextGaussian()),
                slackens,
                runUp,
                drag + some(0, 0.01),
                drag > 0 ? some(-0.2, 0.35) : -1,
                some(0.15, 0.5),
                some(-0.1, 0.5),
                some(0, 0.4));
    }

    private Escapement escapement(ShutterCause gummed, double moreBeats) {
        return new Escapement(
                1, size(gummed, 0.2, 0.65) + some(0, 0.01), some(0.1, 0.4), some(0, 0.5), some(0, 0.4), moreBeats, 0);
    }

    private ShutterAtWork leaf(double[] nominal) {
        double weak = size(ShutterCause.MAIN_SPRING_WEAK, 0.2, 0.5);
        double strong = size(ShutterCause.MAIN_SPRING_STRONG, 0.25, 0.9);
        double torque = 1 - weak + strong;
        double depth = size(ShutterCause.TRAIN_TOO_DEEP, 0.25, 0.9) - size(ShutterCause.TRAIN_TOO_SHALLOW, 0.2, 0.6);
        double gum = size(ShutterCause.TRAIN_GUMMED, 0.2, 0.6);
        double toTrain = Math.pow(torque, some(0.5, 1.1));
        double varies = some(0.1, 0.4);
        double held = some(0, 0.5);
        double rested = some(0, 0.4);
        double skips = size(ShutterCause.PALLET_SKIPS, 0.4, 1);
        Escapement train = new Escapement(toTrain, gum, varies, held, rested, depth * some(1.5, 4), 0);
        Escapement pallet = new Escapement(toTrain, gum, varies, held, rested, depth * some(2, 7), skips);
        double oil = size(ShutterCause.OIL_ON_BLADES, 0.0003, 0.0025);
        double[] cams = cams(nominal.length);
        double worn = size(ShutterCause.CAM_WORN_AT_ONE_SPEED, 0.35, 1) * (random.nextBoolean() ? 1 : -1);
        cams[random.nextInt(cams.length)] *= Math.pow(2, worn);
        return new LeafAtWork(
                new LeafAtWork.Parts(
                        new LeafAtWork.Ring(
                                Math.pow(2, -some(7, 8.5)),
                                torque,
                                size(ShutterCause.RING_DRAGS, 0.2, 0.6),
                                some(0.1, 0.35),
                                some(0, 0.4)),
                        new LeafAtWork.Oil(oil, some(1, 5), oil > 0 ? some(0, 0.15) : 0),
                        new LeafAtWork.Trains(Math.pow(2, -some(2.5, 4.5)), train, pallet),
                        some(0.01, 0.035)),
                nominal,
                cams,
                random);
    }

    /** Kept here so that callers draw causes and shutters from one list. */
    static List<ShutterCause> faults(ShutterKind kind) {
        return kind.causes().subList(1, kind.causes().size());
    }
}
