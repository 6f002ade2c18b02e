package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Comparator;
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

    /** On a short plateau noise at its ends bends it, so a slope there must be beyond doubt. */
    private static final double SHORT_SLOPE_GAIN = 60;

    /** Fewer samples have no slope. */
    private static final int FEWEST_SLOPING = 12;

    /** A ripple has two factors and a phase to please, and moves every edge: it must be beyond doubt. */
    private static final double RIPPLE_GAIN = 40;

    /** A piece of a wave is as good as a slope or a bend; only a whole turn shows that it is one. */
    private static final double LEAST_RIPPLE_PERIODS = 1.1;

    /** Standard deviations of a wave's amplitude. */
    private static final double SURE_WAVE = 6;

    /** Beyond this something else than a lamp on the mains is being fitted. */
    private static final double DEEPEST = 0.6;

    /** In halves of the plateau: a slope is known on it and a little way down the edges, no farther. */
    private static final double BEYOND = 1.5;

    /** A quarter turn of the lamp's ripple; what slopes on a shorter plateau is the end of a ramp, or noise. */
    private static final double LEAST_SLOPING_SECONDS = 0.0025;

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
    private record Shape(int degree, double rippleHz, int harmonics, double rateHz, boolean inStep) {
        Shape(int degree, double rippleHz, int harmonics, double rateHz) {
            this(degree, rippleHz, harmonics, rateHz, false);
        }

        int columns() {
            return 1 + degree + 2 * harmonics;
        }

        /** In noise variances, so that what is simple is preferred. */
        double costs() {
            return degree * SLOPE_GAIN + (harmonics > 0 ? RIPPLE_GAIN + 6 * harmonics : 0);
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
        return new LampLevel(fit.solve(), new Shape(0, 0, 0, 1), Math.sqrt(variance), 0, 1);
    }

    /**
     * A ripple that goes on over the whole recording in step with the mains.
     *
     * @param turns solved for level, cosine and sine of the ripple and of its harmonics, time counting from the recording's
     *     beginning
     */
    static LampLevel inStep(Fit.Solved turns, double rippleHz, double noise, double rateHz) {
        return new LampLevel(turns, new Shape(0, rippleHz, MainsRipple.HARMONICS, rateHz, true), noise, 0, 1);
    }

    /** The same level for samples that begin later in the recording. */
    LampLevel seenFrom(long sample) {
        return new LampLevel(solved, shape, noise, middle - sample, half);
    }

    /** One level for samples of a plateau, {@code to} not included. */
    static LampLevel steady(Side side, int from, int to) {
        return fit(side, from, to, new Shape(0, 0, 0, side.rateHz()));
    }

    /** From the samples of a plateau, {@code to} not included. */
    static LampLevel of(Side side, int from, int to) {
        double rate = side.rateHz();
        double seconds = (to - from) / rate;
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape(0, 0, 0, rate));
        shapes.add(new Shape(1, 0, 0, rate));
        if (seconds < LEAST_SLOPING_SECONDS) {
            LampLevel steady = fit(side, from, to, shapes.getFirst());
            LampLevel sloping = fit(side, from, to, shapes.getLast());
            double noise = side.noiseOver(to - from);
            boolean slopes = to - from > FEWEST_SLOPING
                    && steady.solved.squares() - sloping.solved.squares() > SHORT_SLOPE_GAIN * noise * noise;
            return slopes ? sloping : steady;
        }
        shapes.add(new Shape(2, 0, 0, rate));
        for (double hz : new double[] {100, 120}) {
            if (seconds * hz > LEAST_RIPPLE_PERIODS) {
                int degree = seconds * hz > 2 ? 1 : 0;
                shapes.add(new Shape(degree, hz, 1, rate));
                if (seconds * hz > 1.5) {
                    shapes.add(new Shape(degree, hz, 3, rate));
                }
            }
        }
        double sample = side.noiseOver(to - from);
        double white = Math.max(sample * sample, 1e-14);
        LampLevel steady = fit(side, from, to, shapes.getFirst());
        if (steady.solved.squares() / white < restless(from, to)) {
            LampLevel sloping = fit(side, from, to, shapes.get(1));
            return steady.solved.squares() - sloping.solved.squares() > SLOPE_GAIN * white ? sloping : steady;
        }
        List<LampLevel> fits =
                shapes.stream().map(shape -> fit(side, from, to, shape)).toList();
        // what the richest leaves over is noise as well, or whatever wanders would be taken for a wave
        double left = fits.stream()
                .mapToDouble(one -> one.solved.squares() / Math.max(1, rows(from, to) - one.shape.columns()))
                .min()
                .orElse(white);
        double variance = Math.max(white, left);
        return fits.stream()
                .filter(one -> one.shape.harmonics() == 0 || one.isWaveSure(Math.sqrt(variance)))
                .min(Comparator.comparingDouble(one -> one.solved.squares() / variance + one.shape.costs()))
                .orElse(steady);
    }

    /** Whether the wave stands out of what is left over, and is not one that only a piece of shows. */
    private boolean isWaveSure(double left) {
        int column = 1 + shape.degree();
        double amplitude = Math.hypot(solved.values()[column], solved.values()[column + 1]);
        double error = left * Math.sqrt(solved.inverse().getEntry(column, column));
        return amplitude > SURE_WAVE * error && amplitude < DEEPEST * Math.abs(mean());
    }

    private static int rows(int from, int to) {
        int group = Math.max(1, (int) Math.ceil((double) (to - from) / MOST_ROWS));
        return (to - from) / group;
    }

    /** What is left over of a plateau that holds nothing but noise stays under this, in noise variances. */
    private static double restless(int from, int to) {
        double rows = rows(from, to);
        return rows + 3 * Math.sqrt(2 * rows) + SLOPE_GAIN;
    }

    private static LampLevel fit(Side side, int from, int to, Shape shape) {
        int group = Math.max(1, (int) Math.ceil((double) (to - from) / MOST_ROWS));
        double middle = (from + to - 1) / 2.0;
        double half = Math.max(1, (to - from) / 2.0);
        LampLevel empty = new LampLevel(null, shape, side.noiseOver(to - from), middle, half);
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
        return new LampLevel(fit.solve(), shape, side.noiseOver(to - from), middle, half);
    }

    private double[] row(double at) {
        double[] row = new double[shape.columns()];
        row[0] = 1;
        int column = 1;
        double place = Math.clamp((at - middle) / half, -BEYOND, BEYOND);
        for (int k = 0; k < shape.degree(); k++) {
            row[column] = place * (k == 0 ? 1 : row[column - 1]);
            column++;
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
        int column = 1 + shape.degree();
        return Math.hypot(solved.values()[column], solved.values()[column + 1]) / Math.abs(mean());
    }

    /** How well that is known. */
    double rippleUncertainty() {
        if (shape.harmonics() == 0) {
            return 0;
        }
        int column = 1 + shape.degree();
        return noise * Math.sqrt(solved.inverse().getEntry(column, column)) / Math.abs(mean());
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
        return shape.harmonics() == 0 && shape.degree() == 0;
    }
}
