package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * Finds the factors of {@link CoupledBy} by which a recording comes back to the same dark behind a firing as before it.
 * Around a short firing both darks and the area in between tell; of one that is long against the sinking the integral
 * says nothing any more, so each stretch behind an edge tells by how it sinks, the lit ones as well as the dark.
 */
final class CouplingEstimate {
    /** Blades and curtains are done within 5 ms of the coarse edge. */
    private static final double AFTER_EDGE_SECONDS = 0.005;

    /** The same before an edge, and the coarse edge may lie late by a few blocks. */
    private static final double BEFORE_EDGE_SECONDS = 0.008;

    /** Dark on either side, two and a half turns of the mains: shorter, hum looks like sinking. */
    private static final double SHORTEST_LOOK_SECONDS = 0.05;

    /** Dark on either side; a hand needs that long to cock, so more is seldom there. */
    private static final double LONGEST_LOOK_SECONDS = 0.6;

    /** While the sinking is not known: three turns of the mains. */
    private static final double FIRST_LOOK_SECONDS = 0.06;
    /** Taken for long while the sinking is not known. */
    private static final double LONG_SECONDS = 0.04;

    /** After five sinks less than one part in a hundred is left to see. */
    private static final double LOOKED_AT_SINKS = 5;

    /** Short against the sinking of any usual input: a coupling of 20 Hz sinks in 8 ms. */
    private static final double BLOCK_SECONDS = 0.001;

    /** Standard deviations; a direct input taken for a coupled one spoils every firing, so it must be beyond doubt. */
    private static final double SURE = 5;

    /** The same for what the dark says against it. */
    private static final double CONTRADICTS = 5;

    /** Standard deviations; one stretch in ten thousand lies farther off by chance, a knock at the table always does. */
    private static final double FAR_OFF = 4;

    /** A tenth of a hertz: slower coupling loses less than noise over any firing that can be timed. */
    private static final double LEAST_CUTOFF = 2 * Math.PI * 0.1;

    private final float[] blocks;
    private final double blockSeconds;
    private final int group;
    private final List<Lit> lit;
    private final double main;
    private final double noise;
    private final boolean clipped;

    /**
     * @param main size of the main steps
     * @param noise of one block
     * @param clipped whether plateaus are cut, so that their area is not known and only what comes behind them counts
     */
    CouplingEstimate(float[] blocks, double blockSeconds, List<Lit> lit, double main, double noise, boolean clipped) {
        this.blocks = blocks;
        this.blockSeconds = blockSeconds;
        this.group = Math.max(1, (int) Math.round(BLOCK_SECONDS / blockSeconds));
        this.lit = lit;
        this.main = main;
        this.noise = noise;
        this.clipped = clipped;
    }

    CoupledBy found() {
        List<Stretch> stretches = stretches(FIRST_LOOK_SECONDS, LONG_SECONDS);
        Found found = fit(stretches, 1);
        for (int round = 0; round < 3 && found != null; round++) {
            double sinks = 1 / Math.max(found.first, 0.5);
            stretches = stretches(
                    Math.clamp(LOOKED_AT_SINKS * sinks, SHORTEST_LOOK_SECONDS, LONGEST_LOOK_SECONDS), 3 * sinks);
            Found next = fit(stretches, 1);
            found = next == null ? found : next;
        }
        Found direct = fit(stretches, 0);
        if (found == null || direct == null) {
            return CoupledBy.DIRECT;
        }
        boolean sinks = found.first > SURE * found.firstError && found.gain(direct) > SURE * SURE;
        if (!sinks || found.first < LEAST_CUTOFF || darkContradicts(found)) {
            return CoupledBy.DIRECT;
        }
        CoupledBy single = new CoupledBy(found.first, 0, found.firstError);
        return new SecondStage(blocks, blockSeconds, lit, main, noise)
                .beside(single)
                .orElse(single);
    }

    /** Blades that stop on their way look like sinking while it is lit; the dark on both sides does not lie. */
    private boolean darkContradicts(Found found) {
        if (clipped) {
            return false;
        }
        List<Stretch> dark = stretches(FIRST_LOOK_SECONDS, Double.POSITIVE_INFINITY).stream()
                .filter(one -> !one.lit())
                .toList();
        Found alone = fit(dark, 1);
        return alone != null
                && alone.first + CONTRADICTS * alone.firstError < found.first / 2
                && alone.first < CONTRADICTS * alone.firstError;
    }

    private record Found(double first, double firstError, double squares, double rows) {
        /** By how much the other is worse, in units of what noise leaves over. */
        double gain(Found simpler) {
            return (simpler.squares - squares) / Math.max(1e-30, squares / rows);
        }
    }

    /** One stretch of the recording: some of it told from, all of it integrated over. */
    private record Stretch(int from, int to, int unsureFrom, int unsureTo, boolean lit) {}

    private int blocksIn(double seconds) {
        return (int) Math.round(seconds / blockSeconds);
    }

    private List<Stretch> stretches(double look, double longSeconds) {
        List<Stretch> stretches = new ArrayList<>();
        int reach = blocksIn(look);
        for (int k = 0; k < lit.size(); k++) {
            Lit one = lit.get(k);
            if (one.cut()) {
                continue;
            }
            int room = k == 0 ? 0 : lit.get(k - 1).again() + blocksIn(AFTER_EDGE_SECONDS);
            int next = k + 1 == lit.size() ? blocks.length : lit.get(k + 1).from() - blocksIn(BEFORE_EDGE_SECONDS);
            int darkEnds = one.from() - blocksIn(BEFORE_EDGE_SECONDS);
            int darkAgain = one.again() + blocksIn(AFTER_EDGE_SECONDS);
            int from = Math.max(room, one.from() - reach);
            int to = Math.min(next, one.again() + reach);
            if (clipped || one.blocks() * blockSeconds > longSeconds) {
                add(stretches, new Stretch(darkAgain, to, 0, 0, false));
                int litFrom = one.from() + blocksIn(AFTER_EDGE_SECONDS);
                int litTo = Math.min(one.to() - blocksIn(AFTER_EDGE_SECONDS), litFrom + reach);
                if (!clipped) {
                    add(stretches, new Stretch(litFrom, litTo, 0, 0, true));
                }
            } else if (darkEnds - from >= 5 * group) {
                add(stretches, new Stretch(from, to, darkEnds, darkAgain, false));
            } else {
                add(stretches, new Stretch(darkAgain, to, 0, 0, false));
            }
        }
        return stretches;
    }

    private void add(List<Stretch> stretches, Stretch one) {
        if (one.to() - Math.max(one.from(), one.unsureTo()) >= 10 * group) {
            stretches.add(one);
        }
    }

    private Found fit(List<Stretch> stretches, int factors) {
        Fit sum = new Fit(Math.max(1, factors));
        double[] total = new double[2];
        for (Stretch one : stretches) {
            gather(one, factors, sum, total);
        }
        if (total[1] < 10) {
            return null;
        }
        if (factors == 0) {
            return new Found(0, 0, total[0], total[1]);
        }
        Fit.Solved solved = sum.solve();
        double variance = solved.squares() / total[1];
        return new Found(
                -solved.values()[0], Math.sqrt(variance * solved.inverse().getEntry(0, 0)), solved.squares(), total[1]);
    }

    /**
     * Adds what one stretch says. Its own level, slope and, while the lamp shines, ripple are taken out of all columns
     * beforehand, so that they need not be unknowns of the whole. A rebound of the blades lies far off and is left out.
     */
    private void gather(Stretch one, int factors, Fit sum, double[] total) {
        int count = (one.to() - one.from()) / group;
        double[][] columns = new double[1 + factors][count];
        boolean[] told = new boolean[count];
        integrate(one, columns, told);
        double[][] own = own(one, count);
        double[][] left = new double[columns.length][];
        for (int round = 0; round < 2; round++) {
            for (int c = 0; c < columns.length; c++) {
                left[c] = without(columns[c], own, told);
            }
            if (round == 0 && !one.lit()) {
                leaveOutRebounds(left, told);
            }
        }
        double rows = -own[0].length;
        double[] row = new double[Math.max(1, factors)];
        for (int i = 0; i < count; i++) {
            if (told[i]) {
                for (int f = 0; f < factors; f++) {
                    row[f] = left[1 + f][i];
                }
                sum.add(row, left[0][i]);
                total[0] += left[0][i] * left[0][i];
                rows++;
            }
        }
        total[1] += Math.max(0, rows);
    }

    /** First column the recording itself, then its integral. */
    private void integrate(Stretch one, double[][] columns, boolean[] told) {
        double seconds = group * blockSeconds;
        double start = 0;
        int settled = Math.min(8, told.length);
        for (int i = 0; i < settled * group; i++) {
            start += blocks[one.from() + i];
        }
        start /= settled * group;
        double once = 0;
        double before = 0;
        for (int i = 0; i < told.length; i++) {
            int at = one.from() + i * group;
            double now = 0;
            for (int j = 0; j < group; j++) {
                now += blocks[at + j];
            }
            now = now / group - start;
            once += (now + before) / 2 * seconds;
            columns[0][i] = now;
            if (columns.length > 1) {
                columns[1][i] = once;
            }
            told[i] = at + group <= one.unsureFrom() || at >= one.unsureTo();
            before = now;
        }
    }

    private double[][] own(Stretch one, int count) {
        boolean ripples = one.lit() && count * group * blockSeconds > 0.03;
        int width = 2 + (ripples ? 4 : 0);
        double[][] own = new double[count][width];
        for (int i = 0; i < count; i++) {
            double place = 2.0 * i / count - 1;
            double seconds = i * group * blockSeconds;
            int column = 0;
            own[i][column++] = 1;
            own[i][column++] = place;
            if (ripples) {
                for (double hz : new double[] {100, 120}) {
                    own[i][column++] = Math.cos(2 * Math.PI * hz * seconds);
                    own[i][column++] = Math.sin(2 * Math.PI * hz * seconds);
                }
            }
        }
        return own;
    }

    private static void leaveOutRebounds(double[][] left, boolean[] told) {
        Fit fit = new Fit(Math.max(1, left.length - 1));
        for (int i = 0; i < told.length; i++) {
            if (told[i]) {
                fit.add(row(left, i), left[0][i]);
            }
        }
        Fit.Solved solved = fit.solve();
        double scatter = Math.sqrt(solved.squares() / Math.max(1, fit.rows()));
        for (int i = 0; i < told.length; i++) {
            double apart = left[0][i] - (left.length > 1 ? solved.at(row(left, i)) : 0);
            told[i] = told[i] && Math.abs(apart) < FAR_OFF * scatter;
        }
    }

    private static double[] row(double[][] left, int at) {
        double[] row = new double[Math.max(1, left.length - 1)];
        for (int c = 1; c < left.length; c++) {
            row[c - 1] = left[c][at];
        }
        return row;
    }

    private static double[] without(double[] column, double[][] own, boolean[] told) {
        Fit fit = new Fit(own[0].length);
        for (int i = 0; i < column.length; i++) {
            if (told[i]) {
                fit.add(own[i], column[i]);
            }
        }
        Fit.Solved solved = fit.solve();
        double[] left = new double[column.length];
        for (int i = 0; i < column.length; i++) {
            left[i] = told[i] ? column[i] - solved.at(own[i]) : 0;
        }
        return left;
    }
}
