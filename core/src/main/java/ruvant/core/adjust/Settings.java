package ruvant.core.adjust;

import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Looks for the best allowed setting by steps that grow smaller, from several beginnings. */
final class Settings {
    private final List<Adjuster> adjusters;

    Settings(List<Adjuster> adjusters) {
        this.adjusters = adjusters;
    }

    /** What a setting costs there. */
    record Costing(double[] turns, double cost) {}

    Costing best(ToDoubleFunction<double[]> cost, double[]... beginnings) {
        Costing best = null;
        for (double[] beginning : beginnings) {
            Costing found = descend(cost, allowed(beginning));
            if (best == null || found.cost < best.cost - 1e-12) {
                best = found;
            }
        }
        return best;
    }

    private Costing descend(ToDoubleFunction<double[]> cost, double[] from) {
        double[] at = from;
        double least = cost.applyAsDouble(at);
        double[] stride = adjusters.stream()
                .mapToDouble(one -> one.nearest(Math.max(one.stepTurns(), one.range() / 4) + one.minTurns())
                        - one.nearest(one.minTurns()))
                .toArray();
        boolean finest = false;
        while (!finest) {
            boolean better = true;
            while (better) {
                better = false;
                for (double[] move : moves(stride)) {
                    double[] there = at.clone();
                    for (int i = 0; i < there.length; i++) {
                        there[i] += move[i];
                    }
                    there = allowed(there);
                    if (!Arrays.equals(there, at)) {
                        double costs = cost.applyAsDouble(there);
                        if (costs < least - 1e-12) {
                            at = there;
                            least = costs;
                            better = true;
                        }
                    }
                }
            }
            finest = true;
            for (int i = 0; i < stride.length; i++) {
                double step = adjusters.get(i).stepTurns();
                if (stride[i] > step * 1.001) {
                    finest = false;
                    stride[i] = Math.max(step, Math.rint(stride[i] / 2 / step) * step);
                }
            }
        }
        return new Costing(at, least);
    }

    /** One adjuster at a time, and pairs of them: coupled ones have their best along a slant. */
    private static double[][] moves(double[] stride) {
        int n = stride.length;
        double[][] moves = new double[2 * n + 4 * n * (n - 1) / 2][n];
        int m = 0;
        for (int i = 0; i < n; i++) {
            moves[m++][i] = stride[i];
            moves[m++][i] = -stride[i];
            for (int k = i + 1; k < n; k++) {
                for (int sign = 0; sign < 4; sign++) {
                    moves[m][i] = (sign & 1) == 0 ? stride[i] : -stride[i];
                    moves[m++][k] = (sign & 2) == 0 ? stride[k] : -stride[k];
                }
            }
        }
        return moves;
    }

    double[] allowed(double[] turns) {
        double[] allowed = new double[turns.length];
        for (int i = 0; i < turns.length; i++) {
            allowed[i] = adjusters.get(i).nearest(turns[i]);
        }
        return allowed;
    }
}
