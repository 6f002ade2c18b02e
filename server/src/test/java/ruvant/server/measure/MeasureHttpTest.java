package ruvant.server.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The plain door and the command that answers the same. */
class MeasureHttpTest extends OverHttp {
    private static final String LEAF = "{\"kind\":\"leaf\",\"coupling\":\"auto\",\"nominalSeconds\":0.008}";

    @Test
    void aRecordingIsAnsweredWithExposuresAndTheirUncertainty() {
        Shop.Answer answer = shop.measure(StandRecordings.wav(StandRecordings.leaf(1 / 125.0, 1 / 125.0, 0.5)), LEAF);
        assertThat(answer.status()).isEqualTo(200);
        JsonNode firings = answer.body().get("firings");
        assertThat(firings).hasSize(3);
        assertThat(firings.at("/0/exposureSeconds").asDouble()).isCloseTo(0.008, within(0.00005));
        assertThat(firings.at("/0/uncertaintySeconds").asDouble()).isBetween(1e-7, 5e-5);
        assertThat(firings.at("/0/usable").asBoolean()).isTrue();
        assertThat(firings.at("/0/channels/0/closeEdgeSeconds").asDouble())
                .isGreaterThan(firings.at("/0/channels/0/openEdgeSeconds").asDouble());
        assertThat(firings.at("/2/flags").toString()).contains("acTimedByEdges");
        assertThat(answer.body().at("/input/coupling").asText()).isEqualTo("ac");
        assertThat(answer.body().at("/input/cutoffHz").asDouble()).isCloseTo(5, within(0.3));
        assertThat(answer.body().at("/input/polarity").asText()).isEqualTo("normal");
    }

    @Test
    void aTableIsAnsweredLikeARecording() {
        Shop.Answer answer = shop.measure(StandRecordings.csv(StandRecordings.leaf(1 / 60.0)), LEAF);
        assertThat(answer.body().at("/firings/0/exposureSeconds").asDouble()).isCloseTo(1 / 60.0, within(0.0001));
    }

    @Test
    void inLinesTheLastOneIsTheAnswer() {
        byte[] recording = StandRecordings.wav(StandRecordings.leaf(0.01));
        List<String> lines = shop.measureInLines(recording, LEAF);
        assertThat(lines.getLast()).contains("\"exposureSeconds\":0.0");
        assertThat(shop.measureInLines(StandRecordings.wav(StandRecordings.leaf()), LEAF)
                        .getLast())
                .contains("noFiring", "remedy");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    {"kind":"bogus"} | setupUnreadable | leaf, focalPlane or sound
                    {"kind":"leaf","sensors":[{"positionMm":1,"widthMm":-3}]} | setupUnreadable | -3
                    {"kind":"leaf" | setupUnreadable | JSON
                    {"kind":"leaf"} | noFiring | No firing
                    """)
    void whatCannotBeMeasuredIsRefusedWithCodeWordsAndRemedy(String setup, String code, String words) {
        byte[] recording = code.equals("noFiring")
                ? StandRecordings.wav(StandRecordings.leaf())
                : StandRecordings.wav(StandRecordings.leaf(0.01));
        Shop.Answer answer = shop.measure(recording, setup);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.body().get("message").asText()
                        + answer.body().get("remedy").asText())
                .contains(words);
        assertThat(answer.body().get("remedy").asText()).isNotBlank();
    }

    @Test
    void whatIsNoRecordingIsRefused() {
        assertThat(shop.measure(new byte[0], LEAF).code()).isEqualTo("empty");
        assertThat(shop.measure(new byte[] {1, 2, 3, 4, 5, 6}, LEAF).code()).isEqualTo("notWav");
    }

    @Test
    void theCommandPrintsTheSame(@TempDir Path folder) throws IOException {
        byte[] recording = StandRecordings.wav(StandRecordings.leaf(1 / 30.0));
        Path file = Files.write(folder.resolve("run.wav"), recording);
        Path setup = Files.writeString(folder.resolve("setup.json"), LEAF);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int code = MeasureCommand.run(
                new String[] {file.toString(), "--setup", setup.toString()}, new PrintStream(out), System.err);
        assertThat(code).isZero();
        JsonNode printed = JsonMapper.builderWithJackson2Defaults().build().readTree(out.toByteArray());
        assertThat(printed).isEqualTo(shop.measure(recording, LEAF).body());
    }

    @Test
    void theCommandRefusesInTheSameWords(@TempDir Path folder) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        String nowhere = folder.resolve("none.wav").toString();
        assertThat(MeasureCommand.run(new String[] {nowhere}, new PrintStream(out), System.err))
                .isEqualTo(1);
        assertThat(out.toString()).contains("\"code\" : \"unreadable\"");
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        assertThat(MeasureCommand.run(new String[] {"--setup"}, System.out, new PrintStream(err)))
                .isEqualTo(2);
        assertThat(err.toString()).contains("ruvant measure FILE");
    }

    @Test
    void aSetupThatIsNoneIsRefusedInWordsInLinesAsWell() throws Exception {
        byte[] wav = StandRecordings.wav(StandRecordings.leaf(1 / 60.0));
        assertThat(shop.measureInLines(wav, "{\"kind\":7}"))
                .singleElement()
                .asString()
                .contains("message", "remedy");
    }
}
