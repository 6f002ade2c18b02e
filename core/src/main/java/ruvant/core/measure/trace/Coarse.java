package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.Samples;

/**
 * A whole recording in short blocks, each the mean of its samples: small enough to keep for any length, fine enough to
 * show every firing.
 *
 * @param rateHz samples a second of the recording
 * @param blockFrames samples in a block
 * @param means one array of blocks for each channel
 * @param frames samples of each channel in the recording
 */
record Coarse(double rateHz, int blockFrames, float[][] means, long frames) {
    private static final double BLOCKS_A_SECOND = 8_000;
    private static final int READ_AT_ONCE = 1024;

    double blockSeconds() {
        return blockFrames / rateHz;
    }

    double seconds() {
        return frames / rateHz;
    }

    int blocks() {
        return means[0].length;
    }

    static Coarse of(Samples samples) {
        int block = Math.max(1, (int) Math.round(samples.rateHz() / BLOCKS_A_SECOND));
        int channels = samples.channels();
        float[][] read = new float[channels][block * READ_AT_ONCE];
        List<float[][]> pieces = new ArrayList<>();
        long frames = 0;
        while (true) {
            int count = samples.read(read);
            frames += count;
            int whole = count / block;
            float[][] piece = new float[channels][whole];
            for (int channel = 0; channel < channels; channel++) {
                average(read[channel], block, piece[channel]);
            }
            pieces.add(piece);
            if (count < read[0].length) {
                break;
            }
        }
        if (frames == 0) {
            throw new RecordingProblem(
                    "empty", "The recording is empty.", "Record again and watch that the level moves.");
        }
        return new Coarse(samples.rateHz(), block, joined(pieces, channels), frames);
    }

    private static void average(float[] samples, int block, float[] into) {
        float scale = 1f / block;
        for (int i = 0, at = 0; i < into.length; i++) {
            float sum = 0;
            for (int end = at + block; at < end; at++) {
                sum += samples[at];
            }
            into[i] = sum * scale;
        }
    }

    private static float[][] joined(List<float[][]> pieces, int channels) {
        int length = pieces.stream().mapToInt(piece -> piece[0].length).sum();
        float[][] all = new float[channels][length];
        int at = 0;
        for (float[][] piece : pieces) {
            for (int channel = 0; channel < channels; channel++) {
                System.arraycopy(piece[channel], 0, all[channel], at, piece[channel].length);
            }
            at += piece[0].length;
        }
        return all;
    }

    /** Noise of one block's mean in a channel: from what neighbours differ by, since light seldom changes. */
    double noise(int channel) {
        float[] blocks = means[channel];
        int step = Math.max(1, blocks.length / 100_000);
        double[] differences = new double[Math.max(0, (blocks.length - 2) / step)];
        for (int i = 0; i < differences.length; i++) {
            differences[i] = Math.abs(blocks[i * step + 1] - blocks[i * step]);
        }
        if (differences.length == 0) {
            return 0;
        }
        Arrays.sort(differences);
        return 1.4826 * differences[differences.length / 2] / Math.sqrt(2);
    }
}
