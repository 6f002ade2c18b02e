package ruvant.core.measure.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WavSamplesTest {
    private final WavFile file = new WavFile();

    /** Reads everything, a few samples at a time, from bytes that come in small portions. */
    private static float[][] all(byte[] wav, int portion) {
        Bytes whole = Bytes.of(wav);
        Bytes bytes = (into, offset, length) -> whole.read(into, offset, Math.min(length, portion));
        WavSamples samples = new WavSamples(bytes);
        float[][] all = new float[samples.channels()][0];
        float[][] block = new float[samples.channels()][7];
        for (int count = samples.read(block); count > 0; count = samples.read(block)) {
            for (int channel = 0; channel < all.length; channel++) {
                int had = all[channel].length;
                all[channel] = Arrays.copyOf(all[channel], had + count);
                System.arraycopy(block[channel], 0, all[channel], had, count);
            }
        }
        return all;
    }

    private static RecordingProblem problem(byte[] wav) {
        try {
            all(wav, 4096);
        } catch (RecordingProblem problem) {
            return problem;
        }
        throw new AssertionError("It was read");
    }

    @ParameterizedTest
    @CsvSource({
        "1, 8, 0.008, false",
        "1, 16, 0.00004, false",
        "1, 24, 0.0000002, false",
        "1, 32, 0.0000001, false",
        "3, 32, 0.0000001, false",
        "1, 16, 0.00004, true",
        "3, 32, 0.0000001, true"
    })
    void everyCodingIsReadWithItsChannelsApart(int kind, int bits, double error, boolean extensible) {
        file.kind = kind;
        file.bits = bits;
        file.extensible = extensible;
        file.channels = 3;
        float[][] read = all(file.of(0, 0.5, -1, 0.25, -0.25, 1, -0.001, 0.75, 0), 5);
        double[][] meant = {{0, 0.25, -0.001}, {0.5, -0.25, 0.75}, {-1, 1, 0}};
        for (int channel = 0; channel < 3; channel++) {
            for (int i = 0; i < 3; i++) {
                assertThat((double) read[channel][i]).isCloseTo(meant[channel][i], within(error));
            }
        }
    }

    @Test
    void aLongFileIsTheSameInWhateverPortionsItComes() {
        Random random = new Random(5);
        double[] samples = random.doubles(60_001, -1, 1).toArray();
        byte[] wav = file.of(samples);
        float[][] read = all(wav, 1_000_000);
        assertThat(read[0]).hasSize(60_001);
        assertThat(all(wav, 333)[0]).isEqualTo(read[0]);
    }

    @Test
    void otherChunksAreLeftAside() {
        file.chunkBefore = "made by hand";
        file.chunkAfter = "odd";
        assertThat(all(file.of(0.5, 0.5), 9)[0]).hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(longs = {0, 0xFFFF_FFFFL, 3, 1_000_000, 4})
    void whatTheHeaderSaysOfTheLengthIsNotBelieved(long said) {
        file.saidLength = said;
        assertThat(all(file.of(-0.5, -0.25, 0.125, 0.25, -0.75), 9)[0]).hasSize(5);
    }

    @Test
    void saysThatItWasSo() {
        file.saidLength = 4L;
        WavSamples samples = new WavSamples(Bytes.of(file.of(-0.5, -0.25, 0.125)));
        samples.read(new float[1][10]);
        assertThat(samples.warnings()).containsExactly("the file goes on after its header says that it ends");
    }

    @Test
    void aSampleCutInTwoAtTheEndIsNone() {
        file.saidLength = 0L;
        byte[] wav = file.of(0.5, 0.25);
        assertThat(all(Arrays.copyOf(wav, wav.length - 1), 9)[0]).hasSize(1);
    }

    @Test
    void whatIsNoNumberIsReplacedByTheOneBeforeAndSaid() {
        file.kind = 3;
        file.bits = 32;
        WavSamples samples = new WavSamples(Bytes.of(file.of(0.5, Double.NaN, Double.POSITIVE_INFINITY, 0.25)));
        float[][] read = new float[1][4];
        samples.read(read);
        assertThat(read[0]).containsExactly(0.5f, 0.5f, 0.5f, 0.25f);
        assertThat(samples.warnings()).singleElement().asString().startsWith("2 samples are not numbers");
    }

    @Test
    void aFileWithoutSamplesHasNone() {
        assertThat(all(file.of(), 9)[0]).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "kind, 2, codingUnknown",
        "bits, 64, codingUnknown",
        "channels, 5, channelsUnfit",
        "rate, 4000, rateUnfit"
    })
    void whatCannotBeMeasuredIsRefusedWithAWayOut(String what, int value, String code) {
        switch (what) {
            case "kind" -> file.kind = value;
            case "bits" -> file.bits = value;
            case "channels" -> file.channels = value;
            default -> file.rateHz = value;
        }
        RecordingProblem problem = problem(file.of(0.5, 0.5, 0.5, 0.5, 0.5));
        assertThat(problem.refusal().code()).isEqualTo(code);
        assertThat(problem.refusal().remedy()).isNotBlank();
    }

    @Test
    void whereverAFileIsCutOffItIsReadOrRefusedInWords() {
        file.chunkBefore = "made by hand";
        byte[] wav = file.of(0.5, -0.5, 0.5);
        for (int length = 0; length < wav.length - 6; length++) {
            byte[] cut = Arrays.copyOf(wav, length);
            assertThatThrownBy(() -> all(cut, 9))
                    .isInstanceOf(RecordingProblem.class)
                    .hasMessageContaining("WAV");
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})
    void nonsenseIsRefusedInWords(int seed) {
        byte[] nonsense = new byte[5000];
        new Random(seed).nextBytes(nonsense);
        assertThat(problem(nonsense).refusal().code()).isEqualTo("notWav");
        byte[] wav = file.of(0.5);
        System.arraycopy(nonsense, 0, wav, 20, 16);
        try {
            all(wav, 64);
        } catch (RecordingProblem refused) {
            assertThat(refused.refusal().remedy()).isNotBlank();
        }
    }
}
