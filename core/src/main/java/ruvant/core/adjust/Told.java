package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.List;

/** What the trials can tell of the adjusters at all, whatever was measured in them. */
final class Told {
    /** Of an adjuster's range: settings closer together than that say nothing of what lies between them. */
    private static final double APART = 0.01;

    private final AdjustCase wanted;

    Told(AdjustCase wanted) {
        this.wanted = wanted;
    }

    /** How often in a row it was measured where everything stands now. */
    int timesHere() {
        double[] now = wanted.turnsNow();
        int times = 0;
        for (Trial trial : wanted.trials().reversed()) {
            for (int i = 0; i < now.length; i++) {
                if (Math.abs(trial.turns().get(i) - now[i]) > 1e-9) {
                    return times;
                }
            }
            times++;
        }
        return times;
    }

    /**
     * How many adjusters, or combinations of them, can be told apart by the trials. Two that were only ever turned together count
     * as one: nobody knows which of them did it.
     */
    int apart() {
        return ways().size();
    }

    /** The same after one more trial at a setting. */
    int apartWith(double[] turns) {
        List<double[]> ways = ways();
        add(ways, turns);
        return ways.size();
    }

    /** Directions in which was turned, at right angles to one another. */
    private List<double[]> ways() {
        List<double[]> ways = new ArrayList<>();
        for (Trial trial : wanted.trials()) {
            add(ways, trial.turns().stream().mapToDouble(Double::doubleValue).toArray());
        }
        return ways;
    }

    private void add(List<double[]> ways, double[] turns) {
        double[] left = new double[turns.length];
        for (int i = 0; i < left.length; i++) {
            left[i] = (turns[i] - wanted.trials().getFirst().turns().get(i))
                    / wanted.adjusters().get(i).range();
        }
        for (double[] way : ways) {
            double along = dot(left, way);
            for (int i = 0; i < left.length; i++) {
                left[i] -= along * way[i];
            }
        }
        double length = Math.sqrt(dot(left, left));
        if (length > APART) {
            for (int i = 0; i < left.length; i++) {
                left[i] /= length;
            }
            ways.add(left);
        }
    }

    private static double dot(double[] one, double[] other) {
        double sum = 0;
        for (int i = 0; i < one.length; i++) {
            sum += one[i] * other[i];
        }
        return sum;
    }
}
