package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;

/**
 * A lamp on the mains, seen through many short firings. None of them shows a whole turn of the ripple, but all lie on the
 * same one: level, cosine and sine in step with the mains over the whole recording explain every plateau, if the mains'
 * frequency is looked for finely enough.
 */
final class MainsRipple {
    /** Twice the frequency of the mains, since a lamp glows on both half waves. */
    private static final double[] NOMINAL_HZ = {100, 120};

    /** Public mains keep within 0.1 Hz of their frequency, twice that for the lamp, and a sound clock strays a little. */
    private static final double STRAYS_HZ = 0.25;
    /** The mains keep to their frequency: another must explain so much more, in noise variances. */
    private static final double STRAYING_COSTS = 16;

    /** Three factors and a frequency are told from twenty means with something left over to contradict. */
    private static final int FEWEST_ROWS = 20;

    /** Two firings lie on a wave of any frequency. */
    private static final int FEWEST_FIRINGS = 3;

    /** Or one and a half turns seen in all. */
    private static final double LEAST_SECONDS = 0.015;

    /** Filament lamps ripple by 5 to 15 %; beyond 35 % something else is being fitted. */
    private static final double DEEPEST = 0.35;

    /** Times the noise; a lamp that really ripples leaves little more than noise, harmonics included. */
    private static final double LEFT_OVER = 2.0;

    /** Or this part of what plateaus differ by, where noise is so small that the lamp's finer shape shows. */
    private static final double UNEXPLAINED = 0.03;

    /** Firings that differ by less than 0.02 stops are not worth a wave. */
    private static final double LEAST_UNEVENNESS = 0.014;

    /** In noise variances, for the phase and some hundred frequencies that are tried. */
    private static final double GAIN = 60;

    /** A lamp's glow is not a pure wave: twice and three times its frequency are in it. */
    static final int HARMONICS = 3;

    /** Standard deviations of its amplitude. */
    private static final double SURE_WAVE = 6;

    private MainsRipple() {}

    /** The ripple, time counting from the recording's beginning; empty where it does not explain the plateaus. */
    static Optional<LampLevel> inStep(List<Pulse> pulses) {
        List<Pulse> telling =
                pulses.stream().filter(pulse -> pulse.level().isPresent()).toList();
        double seen =
                telling.stream().mapToDouble(pulse -> pulse.plateau().seconds()).sum();
        if (telling.size() < FEWEST_FIRINGS && seen < LEAST_SECONDS) {
            return Optional.empty();
        }
        double first = telling.getFirst().opening().from()
                / telling.getFirst().opening().rateHz();
        double last =
                telling.getLast().opening().from() / telling.getLast().opening().rateHz();
        double step = 1 / (8 * Math.max(0.5, last - first));
        Found level = fit(telling, 0);
        if (level.squares < level.rows + GAIN || level.unevenness() < LEAST_UNEVENNESS) {
            return Optional.empty();
        }
        Found best = null;
        double least = Double.POSITIVE_INFINITY;
        for (double nominal : NOMINAL_HZ) {
            int steps = (int) Math.min(400, STRAYS_HZ / step);
            for (int k = -steps; k <= steps; k++) {
                Found one = fit(telling, nominal + k * step);
                double cost = one.squares + (k == 0 ? 0 : STRAYING_COSTS);
                if (best == null || cost < least) {
                    best = one;
                    least = cost;
                }
            }
        }
        if (best.rows < FEWEST_ROWS || !best.explains(level) || level.squares - best.squares < GAIN) {
            return Optional.empty();
        }
        double[] turns = best.solved.values();
        double noise = Math.sqrt(best.squares / best.rows);
        double amplitude = Math.hypot(turns[1], turns[2]);
        double error = noise * Math.sqrt(best.solved.inverse().getEntry(1, 1));
        if (amplitude > DEEPEST * turns[0] || amplitude < SURE_WAVE * error) {
            return Optional.empty();
        }
        Side side = telling.getFirst().opening();
        return Optional.of(LampLevel.inStep(best.solved, best.hz, noise, side.rateHz()));
    }

    private record Found(double hz, Fit.Solved solved, double squares, double rows) {
        /** Whether noise is nearly all it leaves over, or the wave nearly all there was. */
        boolean explains(Found level) {
            return squares < LEFT_OVER * rows || squares < UNEXPLAINED * level.squares;
        }

        /** By how much plateaus differ from one level beyond their noise, as a part of it. */
        double unevenness() {
            double level = solved.values()[0];
            return Math.sqrt(Math.max(0, squares - rows) * solved.inverse().getEntry(0, 0)) / Math.abs(level);
        }
    }

    /** Rows are weighted to a noise of one, so that what is left over counts in noise variances. */
    private static Found fit(List<Pulse> pulses, double hz) {
        int columns = hz > 0 ? 1 + 2 * HARMONICS : 1;
        Fit fit = new Fit(columns);
        double[] row = new double[columns];
        for (Pulse pulse : pulses) {
            Plateau plateau = pulse.plateau();
            double weight = 1 / Math.max(1e-12, plateau.noise());
            for (int i = 0; i < plateau.means().length; i++) {
                row[0] = weight;
                for (int k = 1; 2 * k < columns; k++) {
                    double turn = 2 * Math.PI * hz * k * plateau.times()[i];
                    row[2 * k - 1] = weight * Math.cos(turn);
                    row[2 * k] = weight * Math.sin(turn);
                }
                fit.add(row, weight * plateau.means()[i]);
            }
        }
        Fit.Solved solved = fit.solve();
        return new Found(hz, solved, solved.squares(), fit.rows() - columns);
    }
}
