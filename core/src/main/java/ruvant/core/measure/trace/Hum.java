package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;

/** The mains' hum in the dark of a channel: not the lamp's, which only shines while the shutter is open. */
record Hum(double hz, double amplitude) {
    /** Six turns of 50 Hz, seven of 60: enough that the two are told apart. */
    private static final double CHUNK_SECONDS = 0.12;

    /** Twenty means a turn. */
    private static final double GROUP_SECONDS = 0.001;

    /** Seven seconds of dark tell a hum as well as ten minutes. */
    private static final int MOST_CHUNKS = 60;

    /** By then rebounds are over and what a usual coupling left has mostly sunk. */
    private static final double AFTER_SECONDS = 0.05;

    /** The coarse edge may lie late by the run of the blades. */
    private static final double BEFORE_SECONDS = 0.01;

    /** Times what white noise leaves; it is met by chance once in four hundred chunks, and they are averaged. */
    private static final double SURE = 6;

    static Optional<Hum> in(float[] blocks, double blockSeconds, List<Lit> lit, double noise) {
        int chunk = (int) (CHUNK_SECONDS / blockSeconds);
        int group = Math.max(1, (int) Math.round(GROUP_SECONDS / blockSeconds));
        double[] hertz = {50, 60};
        double[] power = new double[2];
        int chunks = 0;
        int from = 0;
        for (int k = 0; k <= lit.size() && chunks < MOST_CHUNKS; k++) {
            int to = k == lit.size() ? blocks.length : lit.get(k).from() - (int) (BEFORE_SECONDS / blockSeconds);
            for (int at = to - chunk; at >= from && chunks < MOST_CHUNKS; at -= chunk) {
                for (int h = 0; h < hertz.length; h++) {
                    power[h] += power(blocks, at, chunk, 2 * Math.PI * hertz[h] * blockSeconds, group);
                }
                chunks++;
            }
            from = k == lit.size() ? 0 : lit.get(k).to() + (int) (AFTER_SECONDS / blockSeconds);
        }
        if (chunks == 0) {
            return Optional.empty();
        }
        int stronger = power[0] >= power[1] ? 0 : 1;
        // white noise alone leaves 4σ²/n in a squared amplitude
        double expected = 4 * noise * noise / chunk;
        double amplitude = Math.sqrt(power[stronger] / chunks);
        boolean sure = power[stronger] / chunks > SURE * expected * (1 + 2 / Math.sqrt(chunks))
                && power[stronger] > 2 * power[1 - stronger];
        return sure ? Optional.of(new Hum(hertz[stronger], amplitude)) : Optional.empty();
    }

    private static double power(float[] blocks, int from, int length, double turn, int group) {
        Fit fit = new Fit(5);
        for (int i = 0; i + group <= length; i += group) {
            double sum = 0;
            for (int j = i; j < i + group; j++) {
                sum += blocks[from + j];
            }
            double place = 2.0 * i / length - 1;
            fit.add(new double[] {1, place, place * place, Math.cos(turn * i), Math.sin(turn * i)}, sum / group);
        }
        double[] values = fit.solve().values();
        return values[3] * values[3] + values[4] * values[4];
    }
}
