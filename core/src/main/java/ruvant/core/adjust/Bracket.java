package ruvant.core.adjust;

import java.util.List;
import java.util.Optional;

/**
 * Where a judged result comes right, by trials that only say too little, right or too much. Each stretch of settings that
 * could be the right one is held against all trials; a judgement is wrong now and then, most easily at an edge.
 */
final class Bracket {
    /** One judgement in thirty is wrong. */
    private static final double MISJUDGED = 1.0 / 30;

    /** The way an adjuster is supposed to work is wrong one time in ten. */
    private static final double WRONG_WAY = 0.1;

    /** A right stretch is usually about this part of the range. */
    private static final double USUAL_WIDTH = 0.15;

    /** That there is none at all. */
    private static final double NEVER = 0.03;

    private final int steps;
    private final double[] right;
    private final double[] onward;
    private double never;
    private final int[] low;
    private final int[] high;
    private final int[] good;

    /** What came of a setting, counted in steps from the outward end. */
    record Tried(int step, AdjustEntry.Came came) {}

    private Bracket(int steps) {
        this.steps = steps;
        right = new double[steps];
        onward = new double[steps];
        low = new int[steps];
        high = new int[steps];
        good = new int[steps];
    }

    /**
     * Reads the trials.
     *
     * @param steps how many settings there are, at least 2
     * @param way 1 where turning it on goes from too low to too high, -1 the other way, 0 where that is not known
     * @param highSide whether there is a wrong side above as well as below
     * @param lowSide likewise below
     */
    static Bracket of(int steps, int way, boolean lowSide, boolean highSide, List<Tried> tried) {
        Bracket bracket = new Bracket(steps);
        for (Tried one : tried) {
            switch (one.came()) {
                case TOO_LOW -> bracket.low[one.step()]++;
                case RIGHT -> bracket.good[one.step()]++;
                case TOO_HIGH -> bracket.high[one.step()]++;
            }
        }
        double sum = bracket.weigh(1, way == 0 ? 0.5 : way > 0 ? 1 - WRONG_WAY : WRONG_WAY, lowSide, highSide)
                + bracket.weigh(-1, way == 0 ? 0.5 : way < 0 ? 1 - WRONG_WAY : WRONG_WAY, lowSide, highSide);
        bracket.never /= sum;
        for (int s = 0; s < steps; s++) {
            bracket.right[s] /= sum;
            bracket.onward[s] /= sum;
        }
        return bracket;
    }

    /** Adds up all right stretches, from one edge to the other; returns their weight. */
    private double weigh(int way, double prior, boolean lowSide, boolean highSide) {
        double[] asLow = new double[steps + 1];
        double[] asRight = new double[steps + 1];
        double[] asHigh = new double[steps + 1];
        for (int k = 0; k < steps; k++) {
            int step = way > 0 ? k : steps - 1 - k;
            asLow[k + 1] = asLow[k] + logChance(step, low);
            asRight[k + 1] = asRight[k] + logChance(step, good);
            asHigh[k + 1] = asHigh[k] + logChance(step, high);
        }
        double sum = 0;
        double usual = Math.max(1, USUAL_WIDTH * steps);
        for (int from = 0; from < (lowSide ? steps + 1 : 1); from++) {
            // the right stretch begins at its step and ends before another
            for (int to = highSide ? from : steps; to <= steps; to++) {
                double width = to - (double) from;
                double weight = prior
                        * (highSide && lowSide
                                ? width == 0 ? NEVER / (1 - NEVER) * usual / 3 : Math.exp(-width / usual)
                                : 1)
                        * Math.exp(asLow[from] + asRight[to] - asRight[from] + asHigh[steps] - asHigh[to]);
                sum += weight;
                never += width == 0 ? weight : 0;
                for (int k = 0; k < steps; k++) {
                    int step = way > 0 ? k : steps - 1 - k;
                    if (k >= from && k < to) {
                        right[step] += weight;
                    } else if ((k < from) == way > 0) {
                        onward[step] += weight;
                    }
                }
            }
        }
        return sum;
    }

    /** Log likelihood of what came at a step where this would be true. */
    private double logChance(int step, int[] agrees) {
        int all = low[step] + good[step] + high[step];
        int so = agrees[step];
        return so * Math.log(1 - 2 * MISJUDGED) + (all - so) * Math.log(MISJUDGED);
    }

    /** Chance that a setting is right. */
    double right(int step) {
        return right[step];
    }

    /** Chance that no setting is right. */
    double never() {
        return never;
    }

    /** The settings that were right, from the outermost to the innermost; empty for none. */
    Optional<int[]> accepted() {
        int first = -1;
        int last = -1;
        for (int s = 0; s < steps; s++) {
            if (good[s] > low[s] + high[s]) {
                first = first < 0 ? s : first;
                last = s;
            }
        }
        return first < 0 ? Optional.empty() : Optional.of(new int[] {first, last});
    }

    /** The nearest setting that was wrong, in steps; -1 where none was. */
    int nearestWrong(int step) {
        int nearest = -1;
        for (int s = 0; s < steps; s++) {
            if (low[s] + high[s] > good[s]) {
                int far = Math.abs(s - step);
                nearest = nearest < 0 ? far : Math.min(nearest, far);
            }
        }
        return nearest;
    }

    /** Whether the same setting came out both ways as often. */
    boolean bothWays(int step) {
        return good[step] > 0 && good[step] <= low[step] + high[step];
    }
}
