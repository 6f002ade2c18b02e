package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Whether the input has a second stage of coupling. Behind a firing the dark then comes back as the sum of two
 * exponentials, which is asked of the recording as it stands: its noise is white there, as that of its integrals is not.
 */
final class SecondStage {
    /** Behind a long firing the blades are done by then. */
    private static final double AFTER_EDGE_SECONDS = 0.008;

    /** Blades that come back have closed again by then. */
    private static final double REBOUNDS_END_SECONDS = 0.03;

    /** The coarse edge may lie late by the run of the blades. */
    private static final double BEFORE_EDGE_SECONDS = 0.01;

    /** A hand needs that long to cock; three sinks of 0.6 Hz. */
    private static final double LOOKED_AT_SECONDS = 0.8;

    /** Far shorter than any of the two sinkings. */
    private static final double GROUP_SECONDS = 0.002;

    /** A slower second stage sinks by too little in what can be looked at. */
    private static final double SLOWEST_HZ = 0.3;

    /** Of a grid that is made finer afterwards; neighbours differ by less than what both fit. */
    private static final int STEPS = 9;

    /** A mean is as long as this part of the time before it; no exponential bends within it by more than noise shows. */
    private static final int GROWS = 6;

    /** In noise variances, for two more factors: a stage that is not there bends every long exposure. */
    private static final double GAIN = 60;

    /** Of the main step; less of it moves no exposure by a hundredth of a stop. */
    private static final double LEAST_PART = 0.002;

    private final List<Tail> tails = new ArrayList<>();
    private final double seconds;
    private final double main;
    private final double noise;

    SecondStage(float[] blocks, double blockSeconds, List<Lit> lit, double main, double blockNoise) {
        int group = Math.max(1, (int) Math.round(GROUP_SECONDS / blockSeconds));
        this.seconds = group * blockSeconds;
        this.main = main;
        this.noise = blockNoise / Math.sqrt(group);
        for (int k = 0; k < lit.size(); k++) {
            Lit one = lit.get(k);
            // the tail of a short firing begins with its rebounds
            boolean longOne = one.blocks() * blockSeconds > REBOUNDS_END_SECONDS;
            double guard = longOne ? AFTER_EDGE_SECONDS : REBOUNDS_END_SECONDS;
            int from = Math.max(
                    one.to() + (int) (guard / blockSeconds), one.again() + (int) (AFTER_EDGE_SECONDS / blockSeconds));
            int next = k + 1 == lit.size()
                    ? blocks.length
                    : lit.get(k + 1).from() - (int) (BEFORE_EDGE_SECONDS / blockSeconds);
            int to = Math.min(next, from + (int) (LOOKED_AT_SECONDS / blockSeconds));
            int count = (to - from) / group;
            if (!one.cut() && count * seconds > 0.15) {
                double[] tail = new double[count];
                for (int i = 0; i < count; i++) {
                    for (int j = 0; j < group; j++) {
                        tail[i] += blocks[from + i * group + j] / group;
                    }
                }
                tails.add(Tail.of(tail, seconds));
            }
        }
    }

    /** Both stages, angular; empty where one explains the tails as well. */
    Optional<CoupledBy> beside(CoupledBy single) {
        if (tails.isEmpty()) {
            return Optional.empty();
        }
        Best one = best(new double[] {single.first()}, new double[] {0});
        Best alone = best(grid(single.first() * 0.85, single.first() * 1.18, 9), new double[] {0});
        if (alone.squares < noise * noise * (alone.rows + GAIN)) {
            return Optional.empty();
        }
        double fastest = single.first() / 1.6;
        double slowest = 2 * Math.PI * SLOWEST_HZ;
        if (fastest < slowest) {
            return Optional.empty();
        }
        double[] seconds = grid(slowest, fastest, STEPS);
        Best two = best(grid(single.first() * 0.5, single.first() * 1.3, 7), seconds);
        for (double width = 0.15; width > 0.004; width /= 2.5) {
            two = best(
                    grid(two.first * (1 - width), two.first * (1 + width), 5),
                    grid(two.second * (1 - width), two.second * (1 + width), 5));
        }
        double before = Math.min(one.squares, alone.squares);
        boolean better = (before - two.squares) / (two.squares / two.rows) > GAIN;
        boolean seen = two.secondPart > LEAST_PART * main;
        boolean apart = two.second > slowest * 1.02 && two.second < 0.8 * two.first;
        return better && seen && apart
                ? Optional.of(new CoupledBy(two.first + two.second, two.first * two.second, single.uncertainty()))
                : Optional.empty();
    }

    private record Best(double first, double second, double squares, double rows, double secondPart) {}

    private Best best(double[] firsts, double[] seconds) {
        Best best = null;
        for (double first : firsts) {
            for (double second : seconds) {
                Best one = fit(first, second);
                if (best == null || one.squares < best.squares) {
                    best = one;
                }
            }
        }
        return best;
    }

    private Best fit(double first, double second) {
        double squares = 0;
        double rows = 0;
        double part = 0;
        int columns = second > 0 ? 3 : 2;
        double[] row = new double[columns];
        for (Tail tail : tails) {
            Fit fit = new Fit(columns);
            for (int i = 0; i < tail.means.length; i++) {
                double weight = tail.weights[i];
                row[0] = weight;
                row[1] = weight * Math.exp(-first * tail.times[i]);
                if (second > 0) {
                    row[2] = weight * Math.exp(-second * tail.times[i]);
                }
                fit.add(row, weight * tail.means[i]);
            }
            Fit.Solved solved = fit.solve();
            squares += solved.squares() + tail.within;
            rows += tail.groups - columns;
            part = Math.max(part, second > 0 ? Math.abs(solved.values()[2]) : 0);
        }
        return new Best(first, second, squares, rows, part);
    }

    /**
     * A tail in means that grow longer the later they are, since what sinks hardly changes any more there.
     *
     * @param times of the means, seconds from its beginning
     * @param weights roots of how many groups are in each
     * @param within what the groups scatter by within their means, squared and summed
     * @param groups all of them
     */
    private record Tail(double[] times, double[] means, double[] weights, double within, int groups) {
        static Tail of(double[] values, double seconds) {
            List<double[]> found = new ArrayList<>();
            double within = 0;
            for (int from = 0; from < values.length; ) {
                int to = Math.min(values.length, from + Math.max(1, from / GROWS));
                double sum = 0;
                double squares = 0;
                for (int i = from; i < to; i++) {
                    sum += values[i];
                    squares += values[i] * values[i];
                }
                int count = to - from;
                within += squares - sum * sum / count;
                found.add(new double[] {(from + to - 1) / 2.0 * seconds, sum / count, Math.sqrt(count)});
                from = to;
            }
            return new Tail(column(found, 0), column(found, 1), column(found, 2), within, values.length);
        }

        private static double[] column(List<double[]> rows, int which) {
            return rows.stream().mapToDouble(row -> row[which]).toArray();
        }
    }

    private static double[] grid(double from, double to, int steps) {
        double[] grid = new double[steps];
        for (int i = 0; i < steps; i++) {
            grid[i] = from * Math.pow(to / from, (double) i / (steps - 1));
        }
        return grid;
    }
}
