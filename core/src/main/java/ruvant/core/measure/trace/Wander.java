package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * How much more the mean over many samples of the dark scatters than noise without memory would let it: some noise wanders, and
 * undoing a coupling makes all of it wander a little.
 *
 * @param seconds widths of the means, growing
 * @param factors by which their scatter is larger, at least 1
 */
record Wander(double[] seconds, double[] factors) {
    /** From a narrow edge to a short plateau. */
    private static final double[] WIDTHS = {0.00025, 0.0005, 0.001, 0.002, 0.004, 0.008};

    /** Fewer means tell their scatter to a third of itself at best. */
    private static final int FEWEST = 8;

    static final Wander NONE = new Wander(new double[0], new double[0]);

    static Wander of(double[] light, double noise, double rateHz, Dark.Stretch... dark) {
        List<double[]> found = new ArrayList<>();
        double before = 1;
        for (double width : WIDTHS) {
            int length = (int) Math.max(2, Math.round(width * rateHz));
            double squares = 0;
            int count = 0;
            for (Dark.Stretch one : dark) {
                for (int at = one.from(); at + length <= one.to(); at += length) {
                    double sum = 0;
                    for (int i = at; i < at + length; i++) {
                        sum += light[i];
                    }
                    squares += sum * sum / length;
                    count++;
                }
            }
            if (count < FEWEST || noise <= 0) {
                break;
            }
            // wider means never scatter less against their expectation than narrow ones do
            before = Math.max(before, Math.sqrt(squares / count) / noise);
            found.add(new double[] {width, before});
        }
        return new Wander(
                found.stream().mapToDouble(one -> one[0]).toArray(),
                found.stream().mapToDouble(one -> one[1]).toArray());
    }

    /** Of the widest means. */
    double most() {
        return factors.length == 0 ? 1 : factors[factors.length - 1];
    }

    /** For a mean over so many seconds. */
    double over(double width) {
        if (seconds.length == 0) {
            return 1;
        }
        if (width <= seconds[0]) {
            return 1 + (factors[0] - 1) * Math.max(0, width / seconds[0]);
        }
        for (int k = 1; k < seconds.length; k++) {
            if (width <= seconds[k]) {
                double part = Math.log(width / seconds[k - 1]) / Math.log(seconds[k] / seconds[k - 1]);
                return factors[k - 1] + part * (factors[k] - factors[k - 1]);
            }
        }
        return factors[factors.length - 1];
    }
}
