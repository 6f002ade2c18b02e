package ruvant.server.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** What speeds say, with a job and without one; ears, limits and the maker's sheet that they are held against. */
class SpeedsSayHttpTest extends OverHttp {
    private static final String GUMMED = """
            {"family":"leaf","speeds":[
              {"marked":"1","nominalSeconds":1,"errorEv":[[0.62,0.81,0.55,0.9,0.7]],"lensDownErrorEv":[1.1,1.2]},
              {"nominalSeconds":0.125,"sensors":["middle"],"errorEv":[[0.5,0.71,0.66,0.48,0.52]],"firstAfterRest":true},
              {"marked":"1/125","nominalSeconds":0.0078125,"errorEv":[[0.02,0.05,0.01,0.03,0.04]]},
              {"marked":"1/250","nominalSeconds":0.00390625,"errorEv":[[0.02,0.05,0.01,0.03,0.04]]}]}""";

    private static String timed(String speed, String attitude, boolean rested, double... seconds) {
        return "{\"kind\":\"firingsTimed\",\"speed\":\"%s\",\"phase\":\"BEFORE\",\"attitude\":\"%s\",\"instrument\":\"\",\"seconds\":%s,\"afterRest\":%s}"
                .formatted(speed, attitude, Arrays.toString(seconds), rested);
    }

    private static String guessed(String said, double ev) {
        return "{\"kind\":\"speedGuessed\",\"speed\":\"1/60\",\"phase\":\"BEFORE\",\"said\":\"%s\",\"errorEv\":%s}"
                .formatted(said, ev);
    }

    @Test
    void errorsOfFiringsAreAnsweredWithRankedCauses() {
        Shop.Answer answer = shop.post("/api/find/signature", GUMMED);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.body().at("/causes/0/id").asText()).isEqualTo("trainGummed");
        assertThat(answer.body().at("/causes/0/probability").asDouble()).isGreaterThan(0.5);
        assertThat(answer.body().at("/causes/0/name").asText()).isEqualTo("retard train gummed");
        assertThat(answer.body().get("causes")).hasSize(10);
        assertThat(answer.body().get("sentence").asText()).contains("0.125 s late", "scattered");
        assertThat(answer.body().get("toTellApart").asText()).isNotBlank();
    }

    @Test
    void whatIsNoPatternIsSaidInWords() {
        Shop.Answer kind = shop.post("/api/find/signature", GUMMED.replace("\"leaf\"", "\"rotary\""));
        assertThat(kind.status()).isEqualTo(400);
        assertThat(kind.body().toString()).contains("rotary", "focalPlaneMechanical");
        Shop.Answer few = shop.post("/api/find/signature", "{\"family\":\"leaf\",\"speeds\":[]}");
        assertThat(few.status()).isEqualTo(400);
        assertThat(few.body().toString()).contains("at least 3 speeds");
        Shop.Answer sensors = shop.post("/api/find/signature", GUMMED.replace("[\"middle\"]", "[\"left\"]"));
        assertThat(sensors.body().toString()).contains("start, middle or end");
    }

    @Test
    void aJobsFiringsSayWhatTheyAreEvidenceOfAndMapTheirMisses() {
        String tag = shop.camera("Pattern");
        assertThat(shop.get("/api/jobs/" + tag + "/pattern?phase=BEFORE").body().isNull())
                .isTrue();
        shop.add(
                tag,
                timed("1", "LEVEL", true, 2.6, 1.6, 1.9, 1.5, 1.7),
                timed("1", "LENS_DOWN", false, 2.2, 2.3),
                timed("1/60", "LEVEL", false, 0.0158, 0.0157, 0.041, 0.0157),
                timed("1/125", "LEVEL", false, 0.0079, 0.0080, 0.0079));
        JsonNode said = shop.get("/api/jobs/" + tag + "/pattern?phase=BEFORE").body();
        assertThat(said.get("firings").asInt()).isEqualTo(14);
        assertThat(said.at("/says/causes/0/id").asText()).isEqualTo("trainGummed");
        JsonNode map = shop.get("/api/jobs/" + tag + "/fault-map").body();
        assertThat(map.get("misses").asInt()).isGreaterThanOrEqualTo(1);
        assertThat(map.at("/columns/1/attitude").asText()).isEqualTo("LENS_DOWN");
        JsonNode row = shop.get("/api/jobs/" + tag).body().at("/speeds/0");
        assertThat(row.at("/firstAfterRest/effectEv").asDouble()).isGreaterThan(0.4);
    }

    @Test
    void anEarIsTrustedByWhatItSaidBefore() {
        String tag = shop.camera("Ears");
        double before = compared();
        for (int i = 0; i < 3; i++) {
            shop.add(tag, guessed("a third slow", 0.34 + 0.01 * i), timed("1/60", "LEVEL", false, 1 / 64.0));
        }
        assertThat(compared()).isEqualTo(before + 3);
        shop.add(tag, guessed("half a stop slow", 0.5));
        JsonNode found = shop.get("/api/jobs/" + tag + "/ear-findings").body().get(0);
        assertThat(found.get("said").asText()).isEqualTo("half a stop slow");
        assertThat(found.get("errorEv").asDouble()).as("the bias taken off").isLessThan(0.5);
        assertThat(shop.get("/api/guess-by-ear?typed=two%20thirds%20fast")
                        .body()
                        .get("errorEv")
                        .asDouble())
                .isCloseTo(-0.667, within(0.001));
        assertThat(shop.get("/api/guess-by-ear?typed=whirrs").status()).isEqualTo(400);
    }

    private double compared() {
        double sum = 0;
        for (JsonNode one : shop.get("/api/ears").body()) {
            sum += one.at("/ear/compared").asDouble();
        }
        return sum;
    }

    @Test
    void theMakersSheetGoesBeforeTheHouse() {
        String model = "Sheeted " + UUID.randomUUID();
        String tag = shop.post(
                        "/api/jobs",
                        Shop.opening(UUID.randomUUID(), "Ada Lind").replace("\"Twin\"", "\"" + model + "\""))
                .body()
                .get("tag")
                .asText();
        shop.say("knowledge", """
                {"kind":"sheetKept","sheet":{
                 "maker":"Pellworm","model":"%s","source":"sheet 9","meansSeconds":{"1/60":0.0167},
                 "limits":{"slowEv":0.2,"fastEv":0.3,"scatterEv":0.1,"taperSlowEv":0.3,"taperFastEv":0.4}}}""".formatted(model));
        assertThat(shop.get("/api/models/one?maker=Pellworm&model=" + model.replace(" ", "%20"))
                        .body()
                        .at("/sheet/source")
                        .asText())
                .isEqualTo("sheet 9");
        JsonNode row = shop.get("/api/jobs/" + tag).body().at("/speeds/1");
        assertThat(row.at("/allowed/source").asText()).isEqualTo("maker, sheet 9");
        assertThat(row.at("/nominal/seconds").asDouble()).isEqualTo(0.0167);
        Shop.Answer wrong = shop.say(
                "knowledge",
                "{\"kind\":\"sheetKept\",\"sheet\":{\"maker\":\"Pellworm\",\"model\":\"%s\",\"source\":\"x\",\"meansSeconds\":{\"soon\":1}}}"
                        .formatted(model));
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.body().toString()).contains("not a marked speed");
    }
}
