package ruvant.core.measure.trace;

import java.util.Arrays;
import java.util.List;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.RecordingSource;
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
    /** An eighth of a millisecond: the fastest marked speed, 1/4000 s, still spans two blocks. */
    private static final double BLOCKS_A_SECOND = 8_000;

    /** Blocks read at once; a few hundred kilobytes, whatever the rate. */
    private static final int READ_AT_ONCE = 1024;

    /** Samples from which on two threads read faster than one, three and a half minutes of a sound input. */
    private static final long WORTH_HALVING = 10_000_000;

    double blockSeconds() {
        return blockFrames / rateHz;
    }

    double seconds() {
        return frames / rateHz;
    }

    /** Reads a recording; a long one in two halves at once. */
    static Coarse of(RecordingSource source) {
        Samples samples = source.open();
        int block = Math.max(1, (int) Math.round(samples.rateHz() / BLOCKS_A_SECOND));
        int step = block * READ_AT_ONCE;
        long half = samples.expected() / 2 / step * step;
        Read read;
        if (samples.expected() < WORTH_HALVING) {
            read = read(samples, block, Long.MAX_VALUE);
        } else {
            Samples second = source.open();
            List<Read> halves =
                    List.of(new Part(samples, 0, half), new Part(second, half, Long.MAX_VALUE)).parallelStream()
                            .map(part -> part.read(block))
                            .toList();
            read = halves.get(0).and(halves.get(1));
        }
        if (read.frames() == 0) {
            throw new RecordingProblem(
                    "empty", "The recording is empty.", "Record again and check that the level moves.");
        }
        return new Coarse(samples.rateHz(), block, read.means(), read.frames());
    }

    /** Blocks of a part of a recording. */
    private record Read(float[][] means, long frames) {
        Read and(Read next) {
            float[][] both = new float[means.length][];
            for (int channel = 0; channel < both.length; channel++) {
                int length = means[channel].length;
                both[channel] = Arrays.copyOf(means[channel], length + next.means[channel].length);
                System.arraycopy(next.means[channel], 0, both[channel], length, next.means[channel].length);
            }
            return new Read(both, frames + next.frames);
        }
    }

    /** What one of two readers reads: from a sample on, so many. */
    private record Part(Samples samples, long from, long count) {
        Read read(int block) {
            samples.skip(from);
            return Coarse.read(samples, block, count);
        }
    }

    private static Read read(Samples samples, int block, long most) {
        int channels = samples.channels();
        float[][] read = new float[channels][block * READ_AT_ONCE];
        float[][] means = new float[channels][READ_AT_ONCE];
        int blocks = 0;
        long frames = 0;
        while (frames < most) {
            int count = samples.read(read);
            frames += count;
            int whole = count / block;
            if (blocks + whole > means[0].length) {
                int longer = Math.max(blocks + whole, means[0].length * 3 / 2);
                for (int channel = 0; channel < channels; channel++) {
                    means[channel] = Arrays.copyOf(means[channel], longer);
                }
            }
            for (int channel = 0; channel < channels; channel++) {
                average(read[channel], block, means[channel], blocks, whole);
            }
            blocks += whole;
            if (count < read[0].length) {
                break;
            }
        }
        for (int channel = 0; channel < channels; channel++) {
            means[channel] = Arrays.copyOf(means[channel], blocks);
        }
        return new Read(means, frames);
    }

    private static void average(float[] samples, int block, float[] into, int from, int count) {
        float scale = 1f / block;
        for (int i = 0, at = 0; i < count; i++) {
            float sum = 0;
            for (int end = at + block; at < end; at++) {
                sum += samples[at];
            }
            into[from + i] = sum * scale;
        }
    }

    /** Noise of one block's mean in a channel: from what neighbours differ by, since light seldom changes. */
    double noise(int channel) {
        float[] blocks = means[channel];
        int step = Math.max(1, blocks.length / 20_000);
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
