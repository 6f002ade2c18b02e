package ruvant.core.measure.trace;

/** The dark level around a firing: a straight line, bent where two stages of coupling were undone. */
final class Dark {
    /** A bent line has three factors; a thousand means tell them as well as all samples do. */
    private static final int MOST_ROWS = 1_000;

    private final double middle;
    private final double scale;
    private final boolean bent;
    private final Fit fit;
    private Fit.Solved solved;

    private Dark(double middle, double scale, boolean bent) {
        this.middle = middle;
        this.scale = scale;
        this.bent = bent;
        this.fit = new Fit(bent ? 3 : 2);
    }

    /** A stretch of the array, {@code to} not included. */
    record Stretch(int from, int to) {
        int length() {
            return Math.max(0, to - from);
        }
    }

    /** Fits the dark in one or two stretches of an array, straight or bent by its coupling. */
    static Dark of(double[] values, Stretch first, Stretch second, PulseMaker.Channel channel) {
        // a double integral bends the level
        boolean bent = channel.coupling().second() > 0;
        int low = first.length() > 0 ? first.from() : second.from();
        int high = second.length() > 0 ? second.to() : first.to();
        Dark dark = new Dark((low + high) / 2.0, Math.max(1, (high - low) / 2.0), bent);
        int group = Math.max(1, (first.length() + second.length()) / MOST_ROWS);
        dark.add(values, first, group);
        dark.add(values, second, group);
        dark.solved = dark.fit.solve();
        return dark;
    }

    private void add(double[] values, Stretch stretch, int group) {
        for (int i = stretch.from(); i + group <= stretch.to(); i += group) {
            double sum = 0;
            for (int j = i; j < i + group; j++) {
                sum += values[j];
            }
            fit.add(row(i + (group - 1) / 2.0), sum / group);
        }
    }

    private double[] row(double at) {
        double place = (at - middle) / scale;
        double[] row = new double[bent ? 3 : 2];
        row[0] = 1;
        row[1] = place;
        if (bent) {
            row[2] = place * place;
        }
        return row;
    }

    double at(double sample) {
        return solved.at(row(sample));
    }

    double variance(double sample, double noise) {
        return solved.variance(row(sample)) * noise * noise;
    }

    /** Takes the level off a whole array. */
    void takeFrom(double[] values) {
        if (!bent) {
            double slope = solved.values()[1] / scale;
            double start = solved.values()[0] - slope * middle;
            for (int i = 0; i < values.length; i++) {
                values[i] -= start + slope * i;
            }
            return;
        }
        for (int i = 0; i < values.length; i++) {
            values[i] -= at(i);
        }
    }

    /** Standard deviation of the samples about zero in a stretch, from neighbours, so that what is slow does not count. */
    static double noise(double[] values, Stretch stretch) {
        double sum = 0;
        double squares = 0;
        int count = 0;
        for (int i = stretch.from() + 1; i < stretch.to(); i++) {
            double step = values[i] - values[i - 1];
            sum += step * step;
            squares += values[i] * values[i];
            count++;
        }
        return count == 0 ? 0 : Math.max(Math.sqrt(sum / count / 2), 0.5 * Math.sqrt(squares / count));
    }
}
