package ruvant.core.signature;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.descriptive.rank.Median;
import ruvant.core.measure.HangUps;

/**
 * What the firings of one speed come to.
 *
 * @param firstEv by how much the first after a rest ran longer than the others; NaN where not known
 */
record Seen(
        double nominalSeconds,
        double[] places,
        Level level,
        Contrast contrast,
        Strays strays,
        LensDown lensDown,
        double firstEv) {
    /**
     * How long they ran.
     *
     * @param counted firings that neither hung up nor fell short, nor came first after a rest
     * @param ev their mean over firings and sensors
     * @param scatterEv their standard deviation; NaN for one
     */
    record Level(int counted, double ev, double scatterEv) {}

    /**
     * How the sensors differ.
     *
     * @param ev at each sensor, mean less the level
     * @param scatterEv standard deviation of that, over all sensors
     */
    record Contrast(double[] ev, double scatterEv) {}

    /**
     * Firings that do not count.
     *
     * @param tried firings that could have hung up
     * @param hung those that did
     * @param dropped those that ran far too short
     * @param awayEv how far those are from the others, added up
     */
    record Strays(int tried, int hung, int dropped, double awayEv) {
        int all() {
            return hung + dropped;
        }
    }

    /**
     * Firings with the lens down.
     *
     * @param ev by how much those run longer
     */
    record LensDown(int firings, double ev) {}

    /** As people say it: in stops, what is far out left aside. Where a whole camera is scattered, no firing is. */
    static List<Seen> inStops(List<SpeedFirings> speeds) {
        return of(speeds, DoubleUnaryOperator.identity(), true);
    }

    /** As it is compared, what is far out left aside. */
    static List<Seen> compared(List<SpeedFirings> speeds) {
        return of(speeds, Compared::ofEv, true);
    }

    /** As it is compared, everything counted as it came. */
    static List<Seen> comparedWhole(List<SpeedFirings> speeds) {
        return of(speeds, Compared::ofEv, false);
    }

    private static List<Seen> of(List<SpeedFirings> speeds, DoubleUnaryOperator scale, boolean asideWhatIsFar) {
        List<double[]> later = new ArrayList<>();
        for (SpeedFirings speed : speeds) {
            double[] levels = speed.levels(scale);
            boolean apart = speed.firstAfterRest() && levels.length > 1;
            later.add(apart ? Arrays.copyOfRange(levels, 1, levels.length) : levels);
        }
        List<boolean[]> none =
                later.stream().map(levels -> new boolean[levels.length]).toList();
        List<boolean[]> hung = asideWhatIsFar ? HangUps.among(later) : none;
        List<boolean[]> dropped = asideWhatIsFar ? HangUps.fallenShort(later) : none;
        for (int i = 0; i < later.size(); i++) {
            // where most are far from each other, none is far from the others
            if (2 * (count(hung.get(i)) + count(dropped.get(i))) >= later.get(i).length) {
                Arrays.fill(hung.get(i), false);
                Arrays.fill(dropped.get(i), false);
            }
        }
        return IntStream.range(0, speeds.size())
                .mapToObj(i -> one(speeds.get(i), later.get(i), hung.get(i), dropped.get(i), scale))
                .toList();
    }

    private static Seen one(
            SpeedFirings speed, double[] levels, boolean[] hung, boolean[] dropped, DoubleUnaryOperator scale) {
        int skipped = speed.firings() - levels.length;
        int[] good = IntStream.range(0, levels.length)
                .filter(i -> !hung[i] && !dropped[i])
                .toArray();
        double[] counted = Arrays.stream(good).mapToDouble(i -> levels[i]).toArray();
        double level = StatUtils.mean(counted);
        double away = IntStream.range(0, levels.length)
                .filter(i -> hung[i] || dropped[i])
                .mapToDouble(i -> Math.abs(levels[i] - level))
                .sum();
        int sensors = speed.places().size();
        double[] contrast = new double[sensors];
        double squares = 0;
        for (int k = 0; k < sensors; k++) {
            List<Double> errors = speed.errorsEv().get(k);
            double[] own = Arrays.stream(good)
                    .mapToDouble(i -> scale.applyAsDouble(errors.get(i + skipped)) - levels[i])
                    .toArray();
            contrast[k] = StatUtils.mean(own);
            squares += own.length < 2 ? 0 : StatUtils.variance(own);
        }
        double[] down =
                speed.lensDownEv().stream().mapToDouble(scale::applyAsDouble).toArray();
        return new Seen(
                speed.nominalSeconds(),
                speed.places().stream().mapToDouble(Double::doubleValue).toArray(),
                new Level(
                        counted.length,
                        level,
                        counted.length < 2 ? Double.NaN : Math.sqrt(StatUtils.variance(counted))),
                new Contrast(contrast, Math.sqrt(squares / sensors)),
                new Strays(levels.length, count(hung), count(dropped), away),
                new LensDown(down.length, down.length == 0 ? Double.NaN : middle(down) - level),
                skipped == 0 ? Double.NaN : speed.levels(scale)[0] - level);
    }

    private static int count(boolean[] marks) {
        int marked = 0;
        for (boolean mark : marks) {
            marked += mark ? 1 : 0;
        }
        return marked;
    }

    private static double middle(double[] values) {
        return values.length < 3 ? StatUtils.mean(values) : new Median().evaluate(values);
    }
}
