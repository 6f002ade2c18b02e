package ruvant.core.measure.recording;

import java.util.List;
import java.util.stream.IntStream;

/** Samples that are at hand already, one array for each channel. */
public final class HeldSamples implements Samples {
    private final double rateHz;
    private final float[][] samples;
    private final List<String> columns;
    private int at;

    public HeldSamples(double rateHz, float[][] samples) {
        this(
                rateHz,
                samples,
                IntStream.rangeClosed(1, samples.length)
                        .mapToObj(channel -> "ch" + channel)
                        .toList());
    }

    /** @param columns what the channels are called, one name for each */
    public HeldSamples(double rateHz, float[][] samples, List<String> columns) {
        this.rateHz = rateHz;
        this.samples = samples;
        this.columns = List.copyOf(columns);
    }

    @Override
    public List<String> columns() {
        return columns;
    }

    @Override
    public double rateHz() {
        return rateHz;
    }

    @Override
    public int channels() {
        return samples.length;
    }

    @Override
    public int read(float[][] into) {
        int count = Math.min(into[0].length, samples[0].length - at);
        for (int channel = 0; channel < samples.length; channel++) {
            System.arraycopy(samples[channel], at, into[channel], 0, count);
        }
        at += count;
        return count;
    }

    @Override
    public void skip(long count) {
        at = (int) Math.min(samples[0].length, at + count);
    }

    @Override
    public List<String> warnings() {
        return List.of();
    }
}
