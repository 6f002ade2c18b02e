package ruvant.server.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.recording.Samples;

class CsvSamplesTest {
    private static Samples read(String... lines) {
        return CsvSamples.read(new ByteArrayInputStream(String.join("\n", lines).getBytes(StandardCharsets.UTF_8)));
    }

    private static float[][] all(Samples samples) {
        float[][] into = new float[samples.channels()][2];
        assertThat(samples.read(into)).isEqualTo(2);
        return into;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "time_s,ch1,ch2|0.0000,0.5,-1|0.0001,0.25,1",
                "time_s;ch1;ch2|0,0000;0,5;-1|0,0001;0,25;1",
                "\uFEFFtime_s\tch1\tch2|0.0000\t0.5\t-1|0.0001\t0.25\t1\r",
                "# made by hand|time (s),\"ch1\",\"ch2\"|0,0.5,-1||1e-4,0.25,1|",
                "# sample rate: 10000|ch1,ch2|0.5,-1|0.25,1",
                "sample_rate,10000|0.5,-1|0.25,1",
                "0.0000,0.5,-1|0.0001,0.25,1"
            })
    void theSameTableInManyHands(String lines) {
        Samples samples = read(lines.split("\\|"));
        assertThat(samples.rateHz()).isCloseTo(10_000, within(1e-6));
        assertThat(samples.columns()).containsExactly("ch1", "ch2");
        float[][] values = all(samples);
        assertThat(values[0]).containsExactly(0.5f, 0.25f);
        assertThat(values[1]).containsExactly(-1f, 1f);
        assertThat(samples.read(values)).isZero();
    }

    @Test
    void aContactIsAColumnLikeOthers() {
        assertThat(read("time_s,ch1,x_contact", "0,0,1", "0.0001,0,0").columns())
                .containsExactly("ch1", "x_contact");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "''!empty",
                "time_s,ch1!rateless",
                "time_s,ch1|0,1!empty",
                "ch1,ch2|0.5,1|0.5,1!rateUnknown",
                "# sample rate: 1.2.3|ch1,ch2|0.5,1|0.5,1!rateUnfit",
                "time_s,ch1|0,1|0.0001,0.5|0.0009,1!timeUneven",
                "time_s,ch1|0,1|0,1!timeUneven",
                "time_s,ch1|0,1|0.0001,1,2!rowUneven",
                "time_s,ch1|0,1|0.0001,much!notANumber",
                "time_s,ch1|0,1|0.0001,NaN!notANumber",
                "time_s,ch1|0,1|2,1!rateUnfit",
                "time_s!channelsUnfit",
                "time_s,a,b,c,d,e|0,1,1,1,1,1|0.0001,1,1,1,1,1!channelsUnfit"
            })
    void whatIsNoSuchTableIsRefusedWithAWayOut(String lines, String code) {
        try {
            read(lines.split("\\|"));
        } catch (RecordingProblem problem) {
            assertThat(problem.refusal().code()).isEqualTo(code.equals("rateless") ? "empty" : code);
            assertThat(problem.refusal().remedy()).isNotBlank();
            return;
        }
        throw new AssertionError("It was read");
    }

    @Test
    void namesOfColumnsKeepTheirLetters() {
        assertThat(read("time_s,Mitte,Öffnung", "0,0,1", "0.0001,0,0").columns())
                .containsExactly("Mitte", "Öffnung");
    }

    @Test
    void aTableThatBreaksOffInAQuotedCellIsRefusedWithAWayOut() {
        assertThatThrownBy(() -> read("time_s,ch1", "0,1", "0.0001,\"0.5"))
                .isInstanceOfSatisfying(RecordingProblem.class, problem -> {
                    assertThat(problem.refusal().code()).isEqualTo("rowUneven");
                    assertThat(problem.refusal().remedy()).contains("without quotation marks");
                });
    }

    @Test
    void aLongTableIsReadToItsEnd() {
        StringBuilder table = new StringBuilder("# made by a tester\ntime_s;ch1\n");
        int rows = 20_000;
        for (int i = 0; i < rows; i++) {
            table.append(String.format(java.util.Locale.ROOT, "%.5f;%d%n", i / 10_000.0, i % 7));
        }
        Samples samples = read(table.toString());
        float[][] into = new float[1][rows + 1];
        assertThat(samples.read(into)).isEqualTo(rows);
        assertThat(into[0][rows - 1]).isEqualTo((rows - 1) % 7);
        assertThat(samples.rateHz()).isCloseTo(10_000, within(1e-3));
    }

    @Test
    void aFileThatIsOneLongLineIsNoTableOfSamples() {
        assertThatThrownBy(() -> read("0,".repeat(10_000) + "0"))
                .isInstanceOfSatisfying(
                        RecordingProblem.class,
                        problem -> assertThat(problem.refusal().code()).isEqualTo("channelsUnfit"));
    }
}
