package ruvant.server.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** The stand that listens, and what a job keeps of it. */
class StandHttpTest extends OverHttp {
    private static final String LEAF = "{\"kind\":\"LEAF\",\"coupling\":\"AUTO\",\"sensors\":[]}";
    private static final String THREE =
            "{\"kind\":\"FOCAL_PLANE\",\"coupling\":\"AUTO\",\"gateMm\":36,\"sensors\":[{\"positionMm\":2,\"widthMm\":1},{\"positionMm\":18,\"widthMm\":1},{\"positionMm\":34,\"widthMm\":1}]}";

    private String session(String setup, int channels) {
        Shop.Answer answer = shop.post(
                "/api/stand/sessions", "{\"setup\":%s,\"rateHz\":48000,\"channels\":%d}".formatted(setup, channels));
        assertThat(answer.status()).isEqualTo(200);
        return "/api/stand/sessions/" + answer.body().get("id").asText();
    }

    private JsonNode fire(String session, double nominal, double error) {
        Shop.Answer answer = shop.post(session + "/stand-in", """
                {"nominalSeconds":%s,"shutter":{"slowErrorEv":%s,"fastErrorEv":%s,"scatterEv":0,"missPart":0,"travelMs":10,
                 "trailingPart":1.05,"reboundPart":0,"snrDb":35,"cutoffHz":5,"rippleDepth":0}}""".formatted(nominal, error, error));
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body().at("/caught/0");
    }

    private static String measured(String speed, String setup, JsonNode caught) {
        return "{\"kind\":\"firingsMeasured\",\"speed\":\"%s\",\"phase\":\"AFTER\",\"instrument\":\"stand\",\"setup\":%s,\"recording\":\"%s\",\"analysis\":%d,\"firings\":[%s]}"
                .formatted(
                        speed,
                        setup,
                        caught.get("recording").asText(),
                        caught.get("analysis").asInt(),
                        caught.get("shot"));
    }

    @Test
    void samplesOfARealInputAreHeardAsFirings() {
        String session = session(LEAF, 1);
        float[] samples = StandRecordings.leaf(1 / 125.0, 1 / 4.0).samples()[0];
        List<JsonNode> caught = new ArrayList<>();
        for (int from = 0; from < samples.length; from += 2_400) {
            int count = Math.min(2_400, samples.length - from);
            ByteBuffer bytes = ByteBuffer.allocate(4 * count).order(ByteOrder.LITTLE_ENDIAN);
            for (int i = 0; i < count; i++) {
                bytes.putFloat(samples[from + i]);
            }
            Shop.Answer heard = shop.postBytes(session + "/samples?nominalSeconds=0.0078125", bytes.array());
            assertThat(heard.status()).isEqualTo(200);
            heard.body().get("caught").forEach(caught::add);
        }
        assertThat(caught).hasSize(2);
        assertThat(caught.get(0).at("/shot/seconds").asDouble()).isCloseTo(0.008, within(0.00005));
        assertThat(caught.get(0).get("errorEv").asDouble()).isCloseTo(0.034, within(0.01));
        byte[] kept =
                shop.bytes("/api/recordings/" + caught.get(0).get("recording").asText());
        assertThat(kept).startsWith("RIFF".getBytes(StandardCharsets.US_ASCII));
        assertThat(shop.measure(kept, "{\"kind\":\"leaf\"}")
                        .body()
                        .at("/firings/0/exposureSeconds")
                        .asDouble())
                .isCloseTo(0.008, within(0.00005));
    }

    @Test
    void theStandInGoesTheSameWayIntoTheLogAndItsPictures() {
        String tag = shop.camera("Measured");
        String session = session(THREE, 3);
        for (int i = 0; i < 3; i++) {
            JsonNode caught = fire(session, 1.0 / 512, 0.3);
            assertThat(shop.add(tag, measured("1/500", THREE, caught)).status()).isEqualTo(200);
        }
        JsonNode job = shop.get("/api/jobs/" + tag).body();
        JsonNode row = job.get("speeds").get(job.get("speeds").size() - 1);
        assertThat(row.get("speed").asText()).isEqualTo("1/500");
        assertThat(row.at("/after/bias/ev").asDouble()).isCloseTo(0.3, within(0.05));
        JsonNode curtains = row.at("/after/curtains");
        assertThat(curtains.get("firings").asInt()).isEqualTo(3);
        assertThat(curtains.at("/travel/leadingSeconds").asDouble()).isCloseTo(0.010, within(0.0002));
        assertThat(curtains.at("/travel/trailingSeconds").asDouble()).isCloseTo(0.0105, within(0.0002));
        assertThat(curtains.get("places")).hasSize(13);

        String line = job.at("/prove/timed/0/id").asText();
        JsonNode light =
                shop.get("/api/jobs/" + tag + "/runs/" + line + "/light?shot=1").body();
        assertThat(light).hasSize(3);
        assertThat(light.at("/0/closeSeconds").asDouble()
                        - light.at("/0/openSeconds").asDouble())
                .isCloseTo(job.at("/prove/timed/0/firings/0/sensorSeconds/0").asDouble(), within(1e-6));

        String csv = new String(shop.bytes("/api/jobs/" + tag + "/firings.csv"), StandardCharsets.UTF_8);
        assertThat(csv.lines()).hasSize(4).element(0).asString().startsWith("speed,phase,held");
        assertThat(csv).contains("1/500,after,level,stand,");
        JsonNode file = shop.get("/api/jobs/" + tag + "/firings.json").body();
        assertThat(file).hasSize(3).allMatch(run -> run.get("phase").asText().equals("AFTER"));
        assertThat(file.get(0).get("instrument").asText()).isEqualTo("stand");
        assertThat(file.get(0).get("firings").size())
                .isEqualTo(file.get(0).get("seconds").size());
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/speeds.svg"), StandardCharsets.UTF_8))
                .startsWith("<svg");
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/sheet"), StandardCharsets.UTF_8))
                .contains("1/500");
    }

    @Test
    void aStruckFiringCountsNoMore() {
        String tag = shop.camera("Struck");
        JsonNode caught = fire(session(LEAF, 1), 1.0 / 64, 0.2);
        shop.add(tag, measured("1/60", LEAF, caught));
        String line =
                shop.get("/api/jobs/" + tag).body().at("/prove/timed/0/id").asText();
        shop.add(tag, "{\"kind\":\"struck\",\"target\":\"%s\",\"reason\":\"none\"}".formatted(line));
        assertThat(shop.get("/api/jobs/" + tag).body().at("/prove/timed")).isEmpty();
    }

    @Test
    void whatMakesNoSenseIsRefusedInWords() {
        String tag = shop.camera("Refused");
        String bad =
                "{\"kind\":\"firingsMeasured\",\"speed\":\"1/60\",\"phase\":\"AFTER\",\"setup\":%s,\"recording\":\"../secret\",\"analysis\":1,\"firings\":[{\"index\":1,\"seconds\":0.01,\"uncertaintySeconds\":0}]}"
                        .formatted(LEAF);
        assertThat(shop.add(tag, bad).body().get("detail").asText()).contains("not a recording stored");
        Shop.Answer gone =
                shop.postBytes("/api/stand/sessions/" + UUID.randomUUID() + "/samples?nominalSeconds=1", new byte[400]);
        assertThat(gone.body().get("remedy").asText()).contains("again");
        assertThat(shop.get("/api/recordings/ruvant.db").status()).isEqualTo(404);
    }

    @Test
    void aWholeRunIsMatchedInTheOrderTheDialWasTurned() {
        String tag = shop.camera("Sweep");
        byte[] fastFirst =
                StandRecordings.wav(StandRecordings.leaf(1 / 480.0, 1 / 490.0, 1 / 52.0, 1 / 53.0, 1.3, 1.31));
        JsonNode run = shop.sweep(tag, fastFirst, LEAF, "FAST_TO_SLOW", 2).body();
        List<String> speeds = new ArrayList<>();
        run.get("proposals").forEach(one -> speeds.add(one.get("speed").asText()));
        assertThat(speeds).containsExactly("1/500", "1/500", "1/60", "1/60", "1", "1");
        assertThat(run.at("/proposals/4/errorEv").asDouble()).isCloseTo(0.38, within(0.02));
        assertThat(shop.bytes("/api/recordings/" + run.get("recording").asText()))
                .isEqualTo(fastFirst);
        byte[] table = StandRecordings.csv(StandRecordings.leaf(1 / 60.0));
        JsonNode nearest = shop.sweep(tag, table, LEAF, "IN_NO_ORDER", 1).body();
        assertThat(nearest.at("/proposals/0/speed").asText()).isEqualTo("1/60");
        assertThat(nearest.get("recording").asText()).endsWith(".csv");
        Shop.Answer refused = shop.sweep(tag, StandRecordings.wav(StandRecordings.leaf()), LEAF, "SLOW_TO_FAST", 2);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("remedy").asText()).contains("lamp");
    }

    @Test
    void standsAreKeptAndTwoOfANameRefused() {
        JsonNode first = shop.get("/api/stands").body().get("stands");
        assertThat(first).hasSizeGreaterThanOrEqualTo(1);
        String one = "{\"name\":\"By the window\",\"instrument\":\"diode\",\"lamp\":\"MAINS\",\"setup\":%s}"
                .formatted(THREE);
        assertThat(stands("[" + one + "," + one + "]").body().get("detail").asText())
                .contains("same name");
        assertThat(stands("[]").status()).isEqualTo(400);
        stands("[" + one + "]");
        assertThat(shop.get("/api/stands").body().at("/stands/0/name").asText()).isEqualTo("By the window");
        assertThat(shop.get("/api/stands").body().at("/stands/0/setup/sensors")).hasSize(3);
        stands(first.toString());
    }

    private Shop.Answer stands(String stands) {
        return shop.say("house", "{\"kind\":\"standsSet\",\"stands\":" + stands + "}");
    }
}
