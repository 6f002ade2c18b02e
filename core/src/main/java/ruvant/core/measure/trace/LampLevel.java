package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How bright the lamp is while the shutter is open: steady, growing, or rippling with the mains, whichever the plateau
 * gives evidence of.
 */
final class LampLevel {
    /** As many means fit eight factors as well as all samples do. */
    private static final int MOST_ROWS = 500;
    /** A slope must mend the fit by so many noise variances, a ripple by so many. */
    private static final double SLOPE_GAIN = 12;

    /** A ripple has two factors and a phase to please, and moves every edge: it must be beyond doubt. */
    private static final double RIPPLE_GAIN = 40;

    /** A shorter piece of a wave is as good as a slope. */
    private static final double LEAST_RIPPLE_PERIODS = 0.35;

    /** A ripple of which so many turns were seen, or that many firings show together, goes on as it was seen. */
    private static final double WELL_KNOWN_TURNS = 1.5;

    /** As a part of the unevenness: what is left of it when the wave itself is known. */
    private static final double KNOWN = 0.15;

    private final Fit.Solved solved;
    private final Shape shape;
    private final double noise;
    private final double middle;
    private final double half;

    /** What the level is made of. */
    private record Shape(boolean sloping, double rippleHz, int harmonics, double rateHz, boolean inStep) {
        Shape(boolean sloping, double rippleHz, int harmonics, double rateHz) {
            this(sloping, rippleHz, harmonics, rateHz, false);
        }

        int columns() {
            return 1 + (sloping ? 1 : 0) + 2 * harmonics;
        }
    }

    private LampLevel(Fit.Solved solved, Shape shape, double noise, double middle, double half) {
        this.solved = solved;
        this.shape = shape;
        this.noise = noise;
        this.middle = middle;
        this.half = half;
    }

    /** A level that is known from elsewhere. */
    static LampLevel steady(double level, double variance) {
        Fit fit = new Fit(1);
        fit.add(new double[] {1}, level);
        return new LampLevel(fit.solve(), new Shape(false, 0, 0, 1), Math.sqrt(variance), 0, 1);
    }

    /**
     * A ripple that goes on over the whole recording in step with the mains.
     *
     * @param turns solved for level, cosine and sine of the ripple and of its double, time counting from the recording's
     *     beginning
     */
    static LampLevel inStep(Fit.Solved turns, double rippleHz, double noise, double rateHz) {
        return new LampLevel(turns, new Shape(false, rippleHz, 2, rateHz, true), noise, 0, 1);
    }

    /** The same level for samples that begin later in the recording. */
    LampLevel seenFrom(long sample) {
        return new LampLevel(solved, shape, noise, middle - sample, half);
    }

    /** From the samples of a plateau, {@code to} not included. */
    static LampLevel of(Side side, int from, int to) {
        List<Shape> shapes = new ArrayList<>();
        double rate = side.rateHz();
        shapes.add(new Shape(false, 0, 0, rate));
        shapes.add(new Shape(true, 0, 0, rate));
        double seconds = (to - from) / rate;
        for (double hz : new double[] {100, 120}) {
            if (seconds * hz > LEAST_RIPPLE_PERIODS) {
                shapes.add(new Shape(seconds * hz > 2, hz, 1, rate));
                if (seconds * hz > 1.5) {
                    shapes.add(new Shape(seconds * hz > 2, hz, 3, rate));
                }
            }
        }
        double variance = Math.max(side.noise() * side.noise(), 1e-14);
        LampLevel best = null;
        double bestCost = Double.MAX_VALUE;
        for (Shape shape : shapes) {
            if (shape.harmonics() > 0 && bestCost < restless(from, to)) {
                break;
            }
            LampLevel one = fit(side, from, to, shape);
            double cost = one.solved.squares() / variance
                    + (shape.sloping() ? SLOPE_GAIN : 0)
                    + (shape.harmonics() > 0 ? RIPPLE_GAIN + 6 * shape.harmonics() : 0);
            if (cost < bestCost) {
                bestCost = cost;
                best = one;
            }
        }
        return best;
    }

    /** What is left over of a plateau that holds nothing but noise stays under this, in noise variances. */
    private static double restless(int from, int to) {
        double rows = Math.min(MOST_ROWS, to - from);
        return rows + 3 * Math.sqrt(2 * rows) + SLOPE_GAIN;
    }

    private static LampLevel fit(Side side, int from, int to, Shape shape) {
        int group = Math.max(1, (int) Math.ceil((double) (to - from) / MOST_ROWS));
        double middle = (from + to - 1) / 2.0;
        double half = Math.max(1, (to - from) / 2.0);
        LampLevel empty = new LampLevel(null, shape, side.noise(), middle, half);
        Fit fit = new Fit(shape.columns());
        for (int i = from; i + group <= to; i += group) {
            double sum = 0;
            for (int j = i; j < i + group; j++) {
                sum += side.light()[j];
            }
            double[] row = empty.row(i + (group - 1) / 2.0);
            double weight = Math.sqrt(group);
            for (int c = 0; c < row.length; c++) {
                row[c] *= weight;
            }
            fit.add(row, sum / group * weight);
        }
        return new LampLevel(fit.solve(), shape, side.noise(), middle, half);
    }

    private double[] row(double at) {
        double[] row = new double[shape.columns()];
        row[0] = 1;
        int column = 1;
        if (shape.sloping()) {
            row[column++] = (at - middle) / half;
        }
        for (int k = 1; k <= shape.harmonics(); k++) {
            double turn = 2 * Math.PI * k * shape.rippleHz() * (at - middle) / shape.rateHz();
            row[column++] = Math.cos(turn);
            row[column++] = Math.sin(turn);
        }
        return row;
    }

    double at(double sample) {
        if (shape.columns() == 1) {
            return solved.values()[0];
        }
        return solved.at(row(sample));
    }

    /** Variance of the level there. */
    double variance(double sample) {
        return solved.variance(row(sample)) * noise * noise;
    }

    double mean() {
        return solved.values()[0];
    }

    /** The mains' ripple in it, Hz. */
    Optional<Double> rippleHz() {
        return shape.harmonics() > 0 ? Optional.of(shape.rippleHz()) : Optional.empty();
    }

    /** Amplitude of the ripple as a part of the mean light. */
    double rippleDepth() {
        if (shape.harmonics() == 0) {
            return 0;
        }
        int column = shape.sloping() ? 2 : 1;
        return Math.hypot(solved.values()[column], solved.values()[column + 1]) / Math.abs(mean());
    }

    /** How well the mean is known, as a part of it. */
    double relativeUncertainty() {
        return noise * Math.sqrt(solved.inverse().getEntry(0, 0)) / Math.abs(mean());
    }

    /** By how much the level at a place, and the ripple round it, differ from the mean, as a part of it. */
    double unevenness(double sample) {
        if (isSteady()) {
            return 0;
        }
        double differs = Math.abs(at(sample) / mean() - 1) + rippleDepth();
        double turns = 2 * half / shape.rateHz() * shape.rippleHz();
        boolean known = shape.harmonics() > 0 && (shape.inStep() || turns > WELL_KNOWN_TURNS);
        return known ? KNOWN * differs : differs;
    }

    boolean isSteady() {
        return shape.harmonics() == 0 && !shape.sloping();
    }
}
