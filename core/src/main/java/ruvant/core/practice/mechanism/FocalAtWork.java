package ruvant.core.practice.mechanism;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A focal-plane shutter at work. The trailing curtain is let go by a cam that the leading one turns, by a clock of its
 * own, or by electronics; for slow speeds an escapement holds it after the gate is open.
 */
final class FocalAtWork implements ShutterAtWork {
    private final Parts parts;
    private final double[] madeSeconds;
    private final double[] cam;
    private final Random random;
    private double[] travel = {Double.NaN, Double.NaN};

    /**
     * What it is made of.
     *
     * @param camByLeading whether the leading curtain's roller turns the cam of the fast speeds
     * @param escapement null where electronics time every speed
     * @param withoutSeconds below this the escapement stays out
     * @param beatsASecond of the escapement
     */
    record Parts(
            Curtain leading,
            Curtain trailing,
            boolean camByLeading,
            Escapement escapement,
            double withoutSeconds,
            double beatsASecond,
            Release release,
            double scatterEv) {}

    /**
     * How the trailing curtain is let go.
     *
     * @param late mean time a latch or magnet lets go late, seconds, differing by {@code lateVaries} of it
     * @param lateRested part by which that is longer after a rest
     * @param clock factor of the electronic clock at 1/30 s, with {@code clockTilt} for each doubling slower
     * @param erratic scatter of a dirty contact, stops
     * @param breaks chance that it breaks early or late
     * @param leastSeconds the mechanical minimum where the magnet is dead, 0 where it works
     */
    record Release(
            double late,
            double lateVaries,
            double lateRested,
            double clock,
            double clockTilt,
            double erratic,
            double breaks,
            double leastSeconds) {
        static final Release HEALTHY = new Release(0, 0, 0, 1, 0, 0, 0, 0);
    }

    FocalAtWork(Parts parts, double[] madeSeconds, double[] cam, Random random) {
        this.parts = parts;
        this.madeSeconds = madeSeconds.clone();
        this.cam = cam.clone();
        this.random = random;
    }

    @Override
    public List<Double> fire(int speed, List<Double> places, How how) {
        double[] leading = parts.leading().run(random, how.lensDown(), how.rested());
        double[] trailing = parts.trailing().run(random, how.lensDown(), how.rested());
        travel = new double[] {
            log2(Curtain.at(leading, 1) - leading[0], parts.leading().healthySeconds()),
            log2(Curtain.at(trailing, 1) - trailing[0], parts.trailing().healthySeconds())
        };
        double wanted = madeSeconds[speed] * cam[speed] * Math.pow(2, parts.scatterEv() * random.nextGaussian());
        double released = delay(wanted, leading, how) + late(how);
        List<Double> exposures = new ArrayList<>();
        for (double place : places) {
            exposures.add(Math.max(
                    0, released + Curtain.at(trailing, place) - trailing[0] - Curtain.at(leading, place) + leading[0]));
        }
        return exposures;
    }

    private double delay(double wanted, double[] leading, How how) {
        Release release = parts.release();
        if (parts.escapement() == null) {
            double timed = wanted
                    * release.clock()
                    * Math.pow(
                            2, release.clockTilt() * (log2(wanted, 1) + 5) + release.erratic() * random.nextGaussian());
            if (random.nextDouble() < release.breaks()) {
                timed *= random.nextBoolean() ? 0.1 + 0.4 * random.nextDouble() : 1.5 + 2 * random.nextDouble();
            }
            return release.leastSeconds() > 0 ? Math.min(release.leastSeconds(), timed) : timed;
        }
        if (wanted > parts.withoutSeconds()) {
            double held = wanted - parts.withoutSeconds();
            return parts.withoutSeconds()
                    + parts.escapement()
                            .seconds(
                                    held,
                                    Math.max(0.5, held * parts.beatsASecond()),
                                    random,
                                    how.lensDown(),
                                    how.rested());
        }
        if (!parts.camByLeading()) {
            return wanted;
        }
        // the cam lets go when the leading curtain has gone so far
        double part = Math.min(1, wanted / parts.leading().healthySeconds());
        double whole = Curtain.at(leading, 1) - leading[0];
        double spent = wanted > parts.leading().healthySeconds()
                ? wanted - parts.leading().healthySeconds()
                : 0;
        return whole * part + spent;
    }

    private double late(How how) {
        Release release = parts.release();
        if (release.late() == 0) {
            return 0;
        }
        double lag = release.late() * Math.exp(release.lateVaries() * random.nextGaussian());
        return lag * (how.rested() ? 1 + release.lateRested() : 1);
    }

    @Override
    public double[] lastTravelLog2() {
        return travel.clone();
    }

    private static double log2(double one, double to) {
        return Math.log(one / to) / Math.log(2);
    }
}
