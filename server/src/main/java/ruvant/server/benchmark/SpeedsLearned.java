package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.LongStream;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.descriptive.rank.Median;
import ruvant.core.practice.unseen.shutter.Fired;
import ruvant.core.practice.unseen.shutter.UnseenShutter;
import ruvant.core.signature.ShutterCause;
import ruvant.core.signature.ShutterKind;

/** The cause of a shutter's speeds as a classifier tells it that learned from shutters of the same making. */
final class SpeedsLearned {
    /** Speeds at which every dial is read off, whole stops from 1 s. */
    private static final int SPEEDS = 11;

    private final List<String> causes;
    private final boolean wholly;
    private final Forest forest;

    /** Learns from the even seeds. */
    SpeedsLearned(ShutterKind kind, boolean wholly, int cases) {
        this.wholly = wholly;
        causes = kind.causes().stream().map(ShutterCause::id).toList();
        List<UnseenShutter> shutters = LongStream.range(0, cases)
                .parallel()
                .mapToObj(i -> UnseenShutter.of(kind.key(), wholly, 1_000_000 + 2 * i))
                .toList();
        forest = Forest.grown(
                shutters.stream().map(this::features).toList(),
                shutters.stream().map(one -> causes.indexOf(one.cause())).toList(),
                causes.size());
    }

    /** At which place it puts the true cause, 0 for first. */
    int place(UnseenShutter shutter) {
        return Forest.ordered(forest.shares(features(shutter))).indexOf(causes.indexOf(shutter.cause()));
    }

    private double[] features(UnseenShutter shutter) {
        List<double[]> bySpeed = shutter.speeds().stream().map(this::features).toList();
        double[] dial = shutter.speeds().stream()
                .mapToDouble(one -> -Math.log(one.nominalSeconds()) / Math.log(2))
                .toArray();
        int each = bySpeed.getFirst().length;
        double[] all = new double[SPEEDS * each + 4];
        for (int s = 0; s < SPEEDS; s++) {
            int after = 0;
            while (after < dial.length - 1 && dial[after] < s) {
                after++;
            }
            int before = Math.max(0, after - 1);
            double part = after == before ? 0 : Math.clamp((s - dial[before]) / (dial[after] - dial[before]), 0, 1);
            for (int f = 0; f < each; f++) {
                all[s * each + f] = (1 - part) * bySpeed.get(before)[f] + part * bySpeed.get(after)[f];
            }
        }
        all[SPEEDS * each] = shutter.leadingLog2().orElse(0.0);
        all[SPEEDS * each + 1] = shutter.trailingLog2().orElse(0.0);
        double[] levels = bySpeed.stream().mapToDouble(one -> one[0]).toArray();
        all[SPEEDS * each + 2] = new Median().evaluate(levels);
        // by how much the one that is farthest off is off by itself
        all[SPEEDS * each + 3] = farthest(levels) - Math.sqrt(StatUtils.variance(levels));
        return all;
    }

    private static double farthest(double[] levels) {
        double middle = new Median().evaluate(levels);
        return Arrays.stream(levels).map(one -> Math.abs(one - middle)).max().orElse(0);
    }

    private double[] features(Fired fired) {
        List<double[]> level = new ArrayList<>(fired.seconds().stream()
                .map(seconds -> stops(seconds, fired.nominalSeconds()))
                .toList());
        double first = StatUtils.mean(level.getFirst());
        if (fired.rested()) {
            level.removeFirst();
        }
        double[] means = level.stream().mapToDouble(StatUtils::mean).toArray();
        double middle = new Median().evaluate(means);
        if (!wholly) {
            return new double[] {middle, scatter(means), StatUtils.max(means) - middle, middle - StatUtils.min(means)};
        }
        double down = new Median()
                .evaluate(fired.lensDown().stream()
                        .mapToDouble(seconds -> StatUtils.mean(stops(seconds, fired.nominalSeconds())))
                        .toArray());
        double[] across =
                level.stream().mapToDouble(one -> one[one.length - 1] - one[0]).toArray();
        return new double[] {
            middle,
            scatter(means),
            StatUtils.max(means) - middle,
            middle - StatUtils.min(means),
            first - middle,
            down - middle,
            StatUtils.mean(across),
            scatter(across)
        };
    }

    /** Scatters differ by factors. */
    private static double scatter(double[] values) {
        return Math.log(0.003 + Math.sqrt(StatUtils.variance(values)));
    }

    private static double[] stops(double[] seconds, double nominal) {
        return Arrays.stream(seconds)
                .map(one -> Math.max(-3, Math.log(Math.max(1e-6, one) / nominal) / Math.log(2)))
                .toArray();
    }
}
