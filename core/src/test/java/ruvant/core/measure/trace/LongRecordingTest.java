package ruvant.core.measure.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import ruvant.core.measure.recording.RecordingSource;
import ruvant.core.measure.recording.Samples;
import ruvant.core.trade.StandSetup;

/** Recordings longer than what is looked at in one: made up as they are read, since nobody holds hours of samples. */
class LongRecordingTest {
    private static final double RATE = 8_000;
    private static final double EXPOSURE = 0.05;

    /** Light of a firing every so often, and a little noise. */
    private record Endless(double seconds, double every) implements RecordingSource {
        @Override
        public Samples open() {
            return new Samples() {
                private final Random noise = new Random(1);
                private long at;

                @Override
                public double rateHz() {
                    return RATE;
                }

                @Override
                public int channels() {
                    return 1;
                }

                @Override
                public long expected() {
                    return Math.round(seconds * RATE);
                }

                @Override
                public int read(float[][] into) {
                    int count = (int) Math.min(into[0].length, expected() - at);
                    for (int i = 0; i < count; i++, at++) {
                        double since = at / RATE % every - 2;
                        into[0][i] =
                                (float) ((since >= 0 && since < EXPOSURE ? 0.5 : 0) + 0.004 * noise.nextGaussian());
                    }
                    return count;
                }

                @Override
                public void skip(long count) {
                    at = Math.min(expected(), at + count);
                }

                @Override
                public List<String> warnings() {
                    return List.of();
                }
            };
        }
    }

    @Test
    void everyFiringIsCountedOnceAndAtItsTime() {
        List<Double> progress = new ArrayList<>();
        MeasuredRecording found = TraceAnalysis.of(new Endless(1_900, 7), StandSetup.leaf(), progress::add);
        assertThat(found.seconds()).isEqualTo(1_900);
        assertThat(found.firings()).hasSize(272);
        for (int k = 0; k < found.firings().size(); k++) {
            FiringFound one = found.firings().get(k);
            assertThat(one.index()).isEqualTo(k + 1);
            assertThat(one.startSeconds()).isCloseTo(7.0 * k + 2, within(0.001));
            assertThat(one.channels().getFirst().openEdgeSeconds()).isCloseTo(7.0 * k + 2, within(0.001));
            assertThat(one.exposureSeconds().orElseThrow()).isCloseTo(EXPOSURE, within(0.0002));
        }
        assertThat(progress).hasSizeGreaterThan(2).isSorted().endsWith(1.0);
    }

    @Test
    void theLightOfALateFiringIsFound() {
        Endless recording = new Endless(1_300, 50);
        FiringLight light =
                TraceAnalysis.lightOf(recording, StandSetup.leaf(), 20).getFirst();
        assertThat(light.openSeconds()).isCloseTo(50 * 19 + 2, within(0.001));
        assertThat(light.closeSeconds() - light.openSeconds()).isCloseTo(EXPOSURE, within(0.0002));
        assertThat(TraceAnalysis.lightOf(recording, StandSetup.leaf(), 99)).isEmpty();
    }
}
