package ruvant.core.measure.trace;

import java.util.List;
import ruvant.core.measure.recording.RecordingSource;
import ruvant.core.measure.recording.Samples;

/**
 * A stretch of a recording, read as if it were a recording of its own.
 *
 * @param from first sample
 * @param count samples of each channel at most
 */
record Stretch(RecordingSource whole, long from, long count) implements RecordingSource {
    @Override
    public Samples open() {
        Samples samples = whole.open();
        samples.skip(from);
        return new Part(samples, count);
    }

    private static final class Part implements Samples {
        private final Samples samples;
        private final long count;
        private long left;

        Part(Samples samples, long count) {
            this.samples = samples;
            this.count = count;
            this.left = count;
        }

        @Override
        public double rateHz() {
            return samples.rateHz();
        }

        @Override
        public int channels() {
            return samples.channels();
        }

        @Override
        public int read(float[][] into) {
            if (left >= into[0].length) {
                int got = samples.read(into);
                left -= got;
                return got;
            }
            float[][] last = new float[into.length][(int) left];
            int got = left == 0 ? 0 : samples.read(last);
            for (int channel = 0; channel < into.length; channel++) {
                System.arraycopy(last[channel], 0, into[channel], 0, got);
            }
            left -= got;
            return got;
        }

        @Override
        public void skip(long wanted) {
            long skipped = Math.min(left, wanted);
            samples.skip(skipped);
            left -= skipped;
        }

        @Override
        public long expected() {
            return Math.min(count, Math.max(0, samples.expected()));
        }

        @Override
        public List<String> columns() {
            return samples.columns();
        }

        @Override
        public List<String> warnings() {
            return samples.warnings();
        }
    }
}
