package ruvant.core.practice.mechanism;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import ruvant.core.signature.CurtainTravel;
import ruvant.core.signature.ShutterCause;
import ruvant.core.signature.ShutterKind;
import ruvant.core.signature.SpeedFirings;

/** Faulty shutters fired through their speeds, with the cause known. The same seed makes the same case. */
public final class ShutterCases {
    private static final double SECOND_FAULT = 0.2;
    private static final int FIRINGS = 5;

    private ShutterCases() {}

    /** With what a shutter is looked at. */
    public enum Looked {
        /** Three sensors, lens down as well, curtains' travel against what the maker says. */
        WHOLLY,
        /** One sensor in the middle, camera level. */
        EXPOSURES_ONLY
    }

    /** A shutter's firings and what is wrong with it. */
    public record Case(
            ShutterKind kind,
            ShutterCause cause,
            ShutterCause second,
            List<SpeedFirings> speeds,
            CurtainTravel travel) {}

    /** Makes one; causes take turns with the seeds. */
    public static Case of(ShutterKind kind, Looked looked, long seed) {
        Random random = new Random(new SplittableRandom(seed).nextLong());
        List<ShutterCause> causes = kind.causes();
        ShutterCause cause = causes.get((int) (seed % causes.size()));
        ShutterCause second = ShutterCause.HEALTHY;
        if (cause != ShutterCause.HEALTHY && random.nextDouble() < SECOND_FAULT) {
            List<ShutterCause> others = FaultyShutters.faults(kind);
            second = others.get(random.nextInt(others.size()));
        }
        int fastest = kind == ShutterKind.LEAF ? 9 : 10;
        int speeds = 8 + random.nextInt(fastest - 6);
        double[] nominal = new double[speeds];
        for (int s = 0; s < speeds; s++) {
            nominal[s] = Math.pow(2, -(fastest - speeds + 1 + s));
        }
        ShutterAtWork shutter = FaultyShutters.build(kind, cause, second, nominal, random);
        boolean wholly = looked == Looked.WHOLLY;
        List<Double> places = wholly && kind != ShutterKind.LEAF ? List.of(0.1, 0.5, 0.9) : List.of(0.5);
        List<SpeedFirings> fired = new ArrayList<>();
        double[] travel = new double[2];
        int travels = 0;
        for (int s = 0; s < speeds; s++) {
            List<List<Double>> errors = new ArrayList<>();
            places.forEach(place -> errors.add(new ArrayList<>()));
            for (int i = 0; i < FIRINGS; i++) {
                List<Double> seconds = shutter.fire(s, places, new ShutterAtWork.How(false, i == 0 && wholly));
                for (int k = 0; k < places.size(); k++) {
                    errors.get(k).add(measured(seconds.get(k), nominal[s], random));
                }
                travel[0] += shutter.lastTravelLog2()[0];
                travel[1] += shutter.lastTravelLog2()[1];
                travels++;
            }
            List<Double> down = new ArrayList<>();
            for (int i = 0; wholly && i < 3; i++) {
                List<Double> seconds = shutter.fire(s, places, new ShutterAtWork.How(true, false));
                double level = 0;
                for (double one : seconds) {
                    level += measured(one, nominal[s], random) / places.size();
                }
                down.add(level);
            }
            fired.add(new SpeedFirings("1/" + Math.round(1 / nominal[s]), nominal[s], places, errors, down, wholly));
        }
        CurtainTravel known = places.size() < 2
                ? CurtainTravel.UNKNOWN
                : new CurtainTravel(
                        Optional.of(travel[0] / travels + 0.02 * random.nextGaussian()),
                        Optional.of(travel[1] / travels + 0.02 * random.nextGaussian()));
        return new Case(kind, cause, second, fired, known);
    }

    private static Double measured(double seconds, double nominal, Random random) {
        double seen = seconds * (1 + 0.003 * random.nextGaussian());
        return seen < nominal / 64 ? -6.0 : Math.log(seen / nominal) / Math.log(2);
    }
}
