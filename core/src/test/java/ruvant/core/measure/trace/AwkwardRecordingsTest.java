package ruvant.core.measure.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.trade.StandSetup;

/** Whatever comes in, the answer is figures or a refusal, never a breakdown. */
class AwkwardRecordingsTest {
    private static final int EACH = 60;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void isAnsweredOrRefused(int kind) {
        for (int seed = 0; seed < EACH; seed++) {
            Random random = new Random(1_000L * kind + seed);
            double rate = new double[] {8_000, 11_025, 48_000, 192_000}[random.nextInt(4)];
            int channels = 1 + random.nextInt(3);
            float[][] samples = new float[channels][];
            int length = kind == 1 ? random.nextInt(200) : (int) (rate * (0.05 + 1.5 * random.nextDouble()));
            for (int channel = 0; channel < channels; channel++) {
                samples[channel] = awkward(kind, length, rate, random);
            }
            StandSetup setup = channels == 1 ? StandSetup.leaf() : Recordings.GATE;
            try {
                check(Recordings.measured(rate, samples, setup));
            } catch (RecordingProblem refused) {
                assertThat(refused.refusal().remedy()).isNotBlank();
            }
            try {
                Recordings.measured(rate, samples, StandSetup.sound());
            } catch (RecordingProblem refused) {
                assertThat(refused.refusal().code()).isNotBlank();
            }
        }
    }

    private static void check(MeasuredRecording found) {
        for (FiringFound firing : found.firings()) {
            for (FiringFound.OnChannel on : firing.channels()) {
                assertThat(on.exposureSeconds()).isFinite();
                assertThat(on.uncertaintySeconds()).isFinite().isNotNegative();
            }
        }
    }

    private static float[] awkward(int kind, int length, double rate, Random random) {
        float[] samples = new float[length];
        double level = 0;
        for (int i = 0; i < length; i++) {
            samples[i] = switch (kind) {
                case 1 -> random.nextFloat();
                case 2 -> 0.3f;
                // levels that jump about
                case 3 -> {
                    level = random.nextInt((int) (rate / 40)) == 0 ? random.nextDouble() : level;
                    yield (float) (level + 0.01 * random.nextGaussian());
                }
                // lone spikes
                case 4 -> random.nextInt(3_000) == 0 ? 1 : (float) (0.001 * random.nextGaussian());
                // the input driven from limit to limit
                case 5 -> i / (int) (rate / 30) % 2 == 0 ? 1 : -1;
                // a lamp on the mains and no shutter
                case 6 -> (float) Math.abs(Math.sin(2 * Math.PI * 50 * i / rate));
                // one way only
                case 7 -> i > length / 2 ? 0.8f : (float) (0.001 * random.nextGaussian());
                // a slow swell
                default -> (float) (0.5 * Math.sin(2 * Math.PI * 2 * i / rate) + 0.02 * random.nextGaussian());
            };
        }
        return samples;
    }
}
