package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The mains' hum in a channel with its harmonics, as the dark around each firing shows it: not the lamp's ripple, which only
 * shines while the shutter is open. It is taken off the recording as it stands, before anything else is asked of it.
 */
final class Hum {
    /** Six turns of 50 Hz, seven of 60: enough that the two are told apart. */
    private static final double CHUNK_SECONDS = 0.12;

    /** Four means a turn of the highest harmonic. */
    private static final double GROUP_SECONDS = 0.001;

    /** Three seconds of dark tell whether there is a hum as well as ten minutes. */
    private static final int MOST_CHUNKS = 24;

    /** By then rebounds are over and what a usual coupling left has mostly sunk. */
    private static final double AFTER_SECONDS = 0.03;

    /** The coarse edge may lie late by the run of the blades. */
    private static final double BEFORE_SECONDS = 0.01;

    /** Dark on either side of a firing, twelve turns; mains wander by a small part of a turn in it. */
    private static final double BESIDE_SECONDS = 0.25;

    /** A shorter stretch has no level, slope and bend of its own beside the waves. */
    private static final double LEAST_SECONDS = 0.02;

    /** Three turns of the mains in all. */
    private static final double TELLING_SECONDS = 0.06;

    /** Rectifiers and motors make odd harmonics, transformers the second; beyond the fifth little is left. */
    private static final int HARMONICS = 5;

    /** Beside the mains, to see how much of a wave noise alone makes that is not white. */
    private static final double[] BESIDE_HZ = {37, 83};

    /** Times what noise leaves; it is met by chance once in four hundred chunks, and they are averaged. */
    private static final double SURE = 6;

    private final double hz;
    private final double amplitude;
    private final double blockSeconds;
    private final List<Near> near = new ArrayList<>();

    /**
     * The hum around one firing.
     *
     * @param from block from which on it is taken off
     * @param waves cosine and sine of each harmonic, time counting from the recording's beginning
     */
    private record Near(int from, int to, double[] waves) {}

    private Hum(double hz, double amplitude, double blockSeconds) {
        this.hz = hz;
        this.amplitude = amplitude;
        this.blockSeconds = blockSeconds;
    }

    /** As the mains are meant to be. */
    double nominalHz() {
        return Math.abs(hz - 50) < Math.abs(hz - 60) ? 50 : 60;
    }

    /** Of its loudest harmonic, in the recording's measure. */
    double amplitude() {
        return amplitude;
    }

    static Optional<Hum> in(float[] blocks, double blockSeconds, List<Lit> lit, double noise) {
        List<Integer> chunks = chunks(blocks.length, blockSeconds, lit);
        int chunk = (int) (CHUNK_SECONDS / blockSeconds);
        if (chunks.isEmpty()) {
            return Optional.empty();
        }
        double[] fifty = powers(blocks, blockSeconds, chunks, 50, HARMONICS);
        double[] sixty = powers(blocks, blockSeconds, chunks, 60, HARMONICS);
        boolean isFifty = sum(fifty) >= sum(sixty);
        double[] stronger = isFifty ? fifty : sixty;
        double[] weaker = isFifty ? sixty : fifty;
        // white noise alone leaves 4σ²/n in a squared amplitude
        double expected = 4 * noise * noise / chunk;
        for (double beside : BESIDE_HZ) {
            expected = Math.max(expected, powers(blocks, blockSeconds, chunks, beside, 1)[0]);
        }
        double loudest = 0;
        for (double power : stronger) {
            loudest = Math.max(loudest, power);
        }
        if (loudest < SURE * expected * (1 + 2 / Math.sqrt(chunks.size())) || sum(stronger) < 2 * sum(weaker)) {
            return Optional.empty();
        }
        double nominal = isFifty ? 50 : 60;
        int harmonic = 1;
        while (stronger[harmonic - 1] < loudest) {
            harmonic++;
        }
        double hz = nominal + strays(blocks, blockSeconds, chunks, nominal, harmonic) / harmonic;
        Hum hum = new Hum(hz, Math.sqrt(loudest), blockSeconds);
        hum.follow(blocks, lit);
        return hum.near.isEmpty() ? Optional.empty() : Optional.of(hum);
    }

    private static double sum(double[] powers) {
        double sum = 0;
        for (double power : powers) {
            sum += power;
        }
        return sum;
    }

    /** Where chunks of dark begin. */
    private static List<Integer> chunks(int length, double blockSeconds, List<Lit> lit) {
        int chunk = (int) (CHUNK_SECONDS / blockSeconds);
        List<Integer> chunks = new ArrayList<>();
        int from = 0;
        for (int k = 0; k <= lit.size() && chunks.size() < MOST_CHUNKS; k++) {
            int to = k == lit.size() ? length : lit.get(k).from() - (int) (BEFORE_SECONDS / blockSeconds);
            for (int at = to - chunk; at >= from && chunks.size() < MOST_CHUNKS; at -= chunk) {
                chunks.add(at);
            }
            from = k == lit.size() ? 0 : lit.get(k).again() + (int) (AFTER_SECONDS / blockSeconds);
        }
        return chunks;
    }

    /** Squared amplitude of each harmonic, mean over all chunks. */
    private static double[] powers(
            float[] blocks, double blockSeconds, List<Integer> chunks, double hz, int harmonics) {
        double[] powers = new double[harmonics];
        for (int at : chunks) {
            double[] waves = waves(blocks, blockSeconds, at, hz, harmonics);
            for (int k = 0; k < harmonics; k++) {
                powers[k] += (waves[2 * k] * waves[2 * k] + waves[2 * k + 1] * waves[2 * k + 1]) / chunks.size();
            }
        }
        return powers;
    }

    /** By how much a harmonic turns faster than supposed, Hz: from how its phase goes on from chunk to chunk. */
    private static double strays(float[] blocks, double blockSeconds, List<Integer> chunks, double hz, int harmonic) {
        int chunk = (int) (CHUNK_SECONDS / blockSeconds);
        double cos = 0;
        double sin = 0;
        for (int k = 1; k < chunks.size(); k++) {
            if (chunks.get(k - 1) - chunks.get(k) == chunk) {
                double[] later = waves(blocks, blockSeconds, chunks.get(k - 1), hz, harmonic);
                double[] first = waves(blocks, blockSeconds, chunks.get(k), hz, harmonic);
                int at = 2 * harmonic - 2;
                // the product with the conjugate turns by how far the phase went; cosine and sine are counted from time
                // 0
                cos += later[at] * first[at] + later[at + 1] * first[at + 1];
                sin += first[at] * later[at + 1] - first[at + 1] * later[at];
            }
        }
        return cos == 0 && sin == 0 ? 0 : -Math.atan2(sin, cos) / (2 * Math.PI * chunk * blockSeconds);
    }

    private static double[] waves(float[] blocks, double blockSeconds, int from, double hz, int harmonics) {
        int chunk = (int) (CHUNK_SECONDS / blockSeconds);
        Waves fit = new Waves(hz, harmonics, 1, blockSeconds);
        fit.add(blocks, from, from + chunk, 0);
        return fit.found();
    }

    /** Level, slope and bend of each stretch of dark, and waves that go on through all of them. */
    private static final class Waves {
        private final double hz;
        private final int harmonics;
        private final int stretches;
        private final double blockSeconds;
        private final int group;
        private final Fit fit;

        Waves(double hz, int harmonics, int stretches, double blockSeconds) {
            this.hz = hz;
            this.harmonics = harmonics;
            this.stretches = stretches;
            this.blockSeconds = blockSeconds;
            this.group = Math.max(1, (int) Math.round(GROUP_SECONDS / blockSeconds));
            this.fit = new Fit(3 * stretches + 2 * harmonics);
        }

        void add(float[] blocks, int from, int to, int stretch) {
            double[] row = new double[3 * stretches + 2 * harmonics];
            for (int i = from; i + group <= to; i += group) {
                double sum = 0;
                for (int j = i; j < i + group; j++) {
                    sum += blocks[j];
                }
                double place = 2.0 * (i - from) / (to - from) - 1;
                row[3 * stretch] = 1;
                row[3 * stretch + 1] = place;
                row[3 * stretch + 2] = place * place;
                double seconds = (i + group / 2.0) * blockSeconds;
                for (int k = 0; k < harmonics; k++) {
                    double turn = 2 * Math.PI * hz * (k + 1) * seconds;
                    row[3 * stretches + 2 * k] = Math.cos(turn);
                    row[3 * stretches + 2 * k + 1] = Math.sin(turn);
                }
                fit.add(row, sum / group);
            }
        }

        double rows() {
            return fit.rows();
        }

        /** What the mean over a group takes off a wave is put back. */
        double[] found() {
            double[] values = fit.solve().values();
            double[] waves = new double[2 * harmonics];
            for (int k = 0; k < harmonics; k++) {
                double half = Math.PI * hz * (k + 1) * group * blockSeconds;
                double left = Math.sin(half) / half;
                waves[2 * k] = values[3 * stretches + 2 * k] / left;
                waves[2 * k + 1] = values[3 * stretches + 2 * k + 1] / left;
            }
            return waves;
        }
    }

    /** Each firing has its own waves, which go on to the middle of the dark on both sides. */
    private void follow(float[] blocks, List<Lit> lit) {
        int reach = (int) (BESIDE_SECONDS / blockSeconds);
        for (int k = 0; k < lit.size(); k++) {
            Lit one = lit.get(k);
            int before = k == 0 ? 0 : lit.get(k - 1).again() + (int) (AFTER_SECONDS / blockSeconds);
            int darkTo = one.from() - (int) (BEFORE_SECONDS / blockSeconds);
            int darkFrom = one.again() + (int) (AFTER_SECONDS / blockSeconds);
            int after =
                    k + 1 == lit.size() ? blocks.length : lit.get(k + 1).from() - (int) (BEFORE_SECONDS / blockSeconds);
            int from = k == 0 ? 0 : (before + darkTo) / 2;
            int to = k + 1 == lit.size() ? blocks.length : (darkFrom + after) / 2;
            int[] first = {Math.max(before, darkTo - reach), darkTo};
            int[] last = {darkFrom, Math.min(after, darkFrom + reach)};
            if (one.blocks() > reach) {
                // the mains wander while a long firing lasts
                int middle = (one.from() + one.to()) / 2;
                beside(blocks, List.of(first), from, middle);
                beside(blocks, List.of(last), middle, to);
            } else {
                beside(blocks, List.of(first, last), from, to);
            }
        }
    }

    private void beside(float[] blocks, List<int[]> dark, int from, int to) {
        int least = (int) (LEAST_SECONDS / blockSeconds);
        List<int[]> telling =
                dark.stream().filter(one -> one[1] - one[0] > least).toList();
        if (telling.isEmpty()) {
            return;
        }
        Waves fit = new Waves(hz, HARMONICS, telling.size(), blockSeconds);
        for (int k = 0; k < telling.size(); k++) {
            fit.add(blocks, telling.get(k)[0], telling.get(k)[1], k);
        }
        if (fit.rows() * GROUP_SECONDS > TELLING_SECONDS) {
            near.add(new Near(from, to, fit.found()));
        }
    }

    /** Blocks of the channel without it, as far as it is known. */
    float[] without(float[] blocks) {
        float[] left = blocks.clone();
        for (Near one : near) {
            take(one, left, Math.max(0, one.from()), Math.min(left.length, one.to()), blockSeconds, 0);
        }
        return left;
    }

    /**
     * Takes it off samples.
     *
     * @param from recording's sample at which they begin
     */
    void takeFrom(float[] samples, long from, double rateHz) {
        for (Near one : near) {
            int begin = (int) Math.clamp(Math.round(one.from() * blockSeconds * rateHz) - from, 0, samples.length);
            int end = (int) Math.clamp(Math.round(one.to() * blockSeconds * rateHz) - from, 0, samples.length);
            take(one, samples, begin, end, 1 / rateHz, from);
        }
    }

    /** Turns the waves on from sample to sample, which spares a sine for each. */
    private void take(Near one, float[] values, int begin, int end, double step, long from) {
        for (int k = 0; k < HARMONICS; k++) {
            double turn = 2 * Math.PI * hz * (k + 1) * step;
            double at = 2 * Math.PI * hz * (k + 1) * (begin + from + 0.5) * step;
            double cos = one.waves()[2 * k] * Math.cos(at) + one.waves()[2 * k + 1] * Math.sin(at);
            double sin = one.waves()[2 * k + 1] * Math.cos(at) - one.waves()[2 * k] * Math.sin(at);
            double turnCos = Math.cos(turn);
            double turnSin = Math.sin(turn);
            for (int i = begin; i < end; i++) {
                values[i] -= (float) cos;
                double next = cos * turnCos + sin * turnSin;
                sin = sin * turnCos - cos * turnSin;
                cos = next;
            }
        }
    }
}
