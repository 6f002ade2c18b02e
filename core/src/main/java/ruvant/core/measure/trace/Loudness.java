package ruvant.core.measure.trace;

import java.util.Arrays;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.Samples;

/**
 * How loud a recording is, in blocks of a quarter of a millisecond: the mean square of what neighbouring samples differ
 * by, over all channels, which prefers the clicks of metal to the hum of a room.
 */
record Loudness(double rateHz, double blockSeconds, double[] blocks, long frames) {
    /** A click of metal rises within a quarter of a millisecond. */
    private static final double BLOCK_SECONDS = 0.00025;

    static Loudness of(Samples samples) {
        int block = Math.max(1, (int) Math.round(samples.rateHz() * BLOCK_SECONDS));
        float[][] read = new float[samples.channels()][block * 1024];
        double[] blocks = new double[4096];
        int count = 0;
        long frames = 0;
        float[] before = new float[samples.channels()];
        while (true) {
            int got = samples.read(read);
            frames += got;
            for (int at = 0; at + block <= got; at += block) {
                if (count == blocks.length) {
                    blocks = Arrays.copyOf(blocks, 2 * count);
                }
                double sum = 0;
                for (int channel = 0; channel < read.length; channel++) {
                    for (int i = at; i < at + block; i++) {
                        double step = read[channel][i] - before[channel];
                        before[channel] = read[channel][i];
                        sum += step * step;
                    }
                }
                blocks[count++] = sum / block / read.length;
            }
            if (got < read[0].length) {
                break;
            }
        }
        if (frames == 0) {
            throw new RecordingProblem(
                    "empty", "The recording is empty.", "Record again and check that the level moves.");
        }
        return new Loudness(samples.rateHz(), block / samples.rateHz(), Arrays.copyOf(blocks, count), frames);
    }

    /** What the quiet between firings is like. */
    double floor() {
        double[] sorted = blocks.clone();
        Arrays.sort(sorted);
        return sorted.length == 0 ? 0 : sorted[sorted.length / 4];
    }

    double seconds() {
        return frames / rateHz;
    }
}
