package ruvant.core.adjust;

import java.util.List;

/**
 * Which setting leads to the end soonest: how likely it is right itself, and if it is not, how likely the next one would be once it
 * was measured. So a turn is also worth what it teaches. Every drawn camera is taken for the true one in its turn; what would be
 * measured there makes others likelier or less.
 */
final class Lookahead {
    /** So many more cycles are taken to be needed where the one after next misses as well. */
    private static final double FURTHER = 3;

    /** A tenth of a tolerance from the best there is counts as having come to it. */
    static final double A_TENTH = 0.1;

    /** Wider than noise alone, since the drawn cameras are few and the true one is none of them. */
    private static final double WIDER = 1.5;

    private final AdjustCase wanted;
    private final AnsweringCamera[] cameras;
    private final int asTrue;
    private final boolean[][] right;
    private final double[] enough;

    /**
     * @param cameras as they may be
     * @param asTrue so many of them are taken for the true one
     * @param settings among which the one after next is chosen
     */
    Lookahead(AdjustCase wanted, AnsweringCamera[] cameras, int asTrue, List<double[]> settings) {
        this.wanted = wanted;
        this.cameras = cameras;
        this.asTrue = asTrue;
        this.right = new boolean[settings.size()][cameras.length];
        this.enough = new double[cameras.length];
        double[][] worst = new double[settings.size()][cameras.length];
        for (int k = 0; k < cameras.length; k++) {
            double least = Double.POSITIVE_INFINITY;
            for (int s = 0; s < settings.size(); s++) {
                worst[s][k] = cameras[k].worst(wanted.results(), settings.get(s));
                least = Math.min(least, worst[s][k]);
            }
            enough[k] = Math.max(1, least + A_TENTH);
            for (int s = 0; s < settings.size(); s++) {
                right[s][k] = worst[s][k] <= enough[k];
            }
        }
    }

    /** Cycles that are to be expected after a setting was tried, its own left out. */
    double further(double[] turns) {
        int results = wanted.results().size();
        double[][] seen = new double[cameras.length][results];
        for (int k = 0; k < cameras.length; k++) {
            for (int j = 0; j < results; j++) {
                WantedResult result = wanted.results().get(j);
                double blur = WIDER * Math.max(result.measureSd(), 0.05 * result.tolerance());
                seen[k][j] = cameras[k].error(j, turns) / blur;
            }
        }
        double sum = 0;
        double[] weights = new double[cameras.length];
        for (int c = 0; c < asTrue; c++) {
            if (cameras[c].worst(wanted.results(), turns) > enough[c]) {
                sum += 1 + FURTHER * (1 - next(c, seen, weights));
            }
        }
        return sum / asTrue;
    }

    /** How likely the best next setting is right for what a camera would have shown. */
    private double next(int camera, double[][] seen, double[] weights) {
        double all = 0;
        for (int k = 0; k < weights.length; k++) {
            double apart = 0;
            for (int j = 0; j < seen[k].length; j++) {
                double off = seen[k][j] - seen[camera][j];
                apart += off * off;
            }
            weights[k] = apart > 30 ? 0 : Math.exp(-apart / 2);
            all += weights[k];
        }
        double most = 0;
        for (boolean[] setting : right) {
            double in = 0;
            for (int k = 0; k < weights.length; k++) {
                in += setting[k] ? weights[k] : 0;
            }
            most = Math.max(most, in);
        }
        return most / all;
    }
}
