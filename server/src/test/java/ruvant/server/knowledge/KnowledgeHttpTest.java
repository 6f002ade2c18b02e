package ruvant.server.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** Each test has a model of its own: what is learned of one says nothing of another. */
class KnowledgeHttpTest extends OverHttp {
    private static final String CARE =
            "{\"kind\":\"removed\",\"part\":\"dial\",\"side\":\"TOP\",\"covers\":false,\"hazards\":[\"BALL\"]}";
    private static final String COVER = "{\"kind\":\"removed\",\"part\":\"cover\",\"side\":\"TOP\",\"covers\":true}";

    private String camera(String model, String pattern, String serial) {
        String opening = Shop.opening(UUID.randomUUID(), "Ada Lind")
                .replace("\"Twin\"", "\"" + model + "\"")
                .replace("2nd pattern", pattern)
                .replace("338120", serial);
        return shop.post("/api/jobs", opening).body().get("tag").asText();
    }

    private JsonNode identify(String model, String serial) {
        return shop.get("/api/identify?maker=pellworm&model=" + URLEncoder.encode(model, StandardCharsets.UTF_8)
                        + "&serial=" + serial)
                .body();
    }

    private JsonNode known(String tag) {
        return shop.get("/api/jobs/" + tag + "/known").body();
    }

    @Test
    void aModelThatIsNewHereIsSaidToBeNew() {
        JsonNode said = identify("Never Seen", "1");
        assertThat(said.get("jobs").asInt()).isZero();
        assertThat(said.has("usual")).isFalse();
        assertThat(said.get("care")).isEmpty();
        assertThat(known(camera("Only One", "", "1")).get("ofFamily").asBoolean())
                .isTrue();
    }

    @Test
    void aCameraIsKnownByItsNumberAndItsModelByEarlierOnes() {
        camera("Numbered", "1st", "1000");
        camera("Numbered", "1st", "1999");
        String last = camera("Numbered", "2nd", "3000");
        shop.add(last, CARE);
        JsonNode said = identify("NUMBERED", "1500");
        assertThat(said.get("jobs").asInt()).isEqualTo(3);
        assertThat(said.at("/pattern/pattern").asText()).isEqualTo("1st");
        assertThat(said.at("/pattern/sure").asBoolean()).isTrue();
        assertThat(said.at("/usual/camera/pattern").asText())
                .as("described like the last one that came")
                .isEqualTo("2nd");
        assertThat(said.at("/care").findValuesAsString("name")).containsExactly("dial");
    }

    @Test
    void aJobLearnsFromTheOthersOfItsModelAndNotFromItself() {
        String first = camera("Stepped", "", "1");
        shop.add(first, COVER, CARE);
        String second = camera("Stepped", "", "2");
        assertThat(known(first).get("ofFamily").asBoolean()).isTrue();
        JsonNode said = known(second);
        assertThat(said.get("jobs").asInt()).isEqualTo(1);
        assertThat(said.get("next").findValuesAsString("part")).containsExactly("cover");
        JsonNode dial = said.at("/parts/1");
        assertThat(dial.at("/part/name").asText()).isEqualTo("dial");
        assertThat(dial.get("care").asBoolean()).isTrue();
        assertThat(dial.get("unlogged")).extracting(JsonNode::asText).containsExactly("cover");
        shop.add(second, COVER);
        said = known(second);
        assertThat(said.get("next").findValuesAsString("part")).containsExactly("dial");
        assertThat(said.at("/parts/1/unlogged")).isEmpty();
    }

    @Test
    void aModelThatIsNewHereLearnsFromItsFamilyWithoutMeasures() {
        for (String model : List.of("Kin A", "Kin B")) {
            shop.add(
                    ofFamily(model, "SWING"),
                    COVER.replace(
                            "true", "true,\"fasteners\":[{\"kind\":\"SCREW\",\"drive\":\"SLOTTED\",\"count\":3}]"),
                    CARE);
        }
        JsonNode said = known(ofFamily("Kin C", "SWING"));
        assertThat(said.get("ofFamily").asBoolean()).isTrue();
        assertThat(said.get("jobs").asInt()).isEqualTo(2);
        assertThat(said.get("next").findValuesAsString("part")).containsExactly("cover");
        assertThat(said.at("/parts/0/part/fasteners")).isEmpty();
        assertThat(said.get("parts").findValuesAsString("name")).contains("dial");
    }

    private String ofFamily(String model, String family) {
        String opening = Shop.opening(UUID.randomUUID(), "Ada Lind")
                .replace("\"Twin\"", "\"" + model + "\"")
                .replaceFirst("\"family\":\"[A-Z_]+\"", "\"family\":\"" + family + "\"");
        return shop.post("/api/jobs", opening).body().get("tag").asText();
    }

    @Test
    void whatTheEyeSeesTellsThePatternToo() {
        for (String[] one : new String[][] {{"early", "engraved"}, {"late", "printed"}}) {
            shop.post(
                    "/api/jobs",
                    Shop.opening(UUID.randomUUID(), "Ada Lind")
                            .replace("\"Twin\"", "\"Featured\"")
                            .replace("2nd pattern", one[0])
                            .replaceFirst("\"complaint\"", "\"features\":[\"scale " + one[1] + "\"],\"complaint\""));
        }
        JsonNode said = shop.get("/api/identify?maker=Pellworm&model=Featured&features=Scale%20printed")
                .body();
        assertThat(said.at("/pattern/pattern").asText()).isEqualTo("late");
        assertThat(said.get("features").findValuesAsString("text"))
                .containsExactlyInAnyOrder("scale engraved", "scale printed");
        JsonNode model =
                shop.get("/api/models/one?maker=Pellworm&model=Featured").body();
        assertThat(model.at("/signs/features")).hasSize(2);
    }

    @Test
    void theLineOffersWhatUsuallyComesNext() {
        shop.add(camera("Offered", "", "1"), COVER, Shop.off("crank"));
        String tag = camera("Offered", "", "2");
        JsonNode reading =
                shop.post("/api/jobs/" + tag + "/read", "{\"text\":\"off c\"}").body();
        assertThat(reading.get("completions")).extracting(JsonNode::asText).containsExactlyInAnyOrder("crank", "cover");
        reading =
                shop.post("/api/jobs/" + tag + "/read", "{\"text\":\"off cr\"}").body();
        assertThat(reading.get("completions")).extracting(JsonNode::asText).containsExactly("crank");
    }

    @Test
    void modelsAreCountedAndEachHasItsWaysIn() {
        shop.add(camera("Counted", "", "1"), COVER, CARE);
        camera("counted", "", "2");
        JsonNode counted = null;
        for (JsonNode one : shop.get("/api/models").body()) {
            counted = one.get("model").asText().equalsIgnoreCase("counted") ? one : counted;
        }
        assertThat(counted.get("jobs").asInt()).isEqualTo(2);
        assertThat(counted.get("here").asInt()).isEqualTo(2);
        JsonNode one = shop.get("/api/models/one?maker=Pellworm&model=Counted").body();
        assertThat(one.at("/ways/0/target").asText()).isEqualTo("dial");
        assertThat(one.at("/ways/0/steps").findValuesAsString("part")).containsExactly("cover", "dial");
        assertThat(shop.get("/api/models/one?maker=Nobody&model=None")
                        .body()
                        .at("/knowledge/jobs")
                        .asInt())
                .isZero();
    }

    @Test
    void theUsualStepIsALineThatIsReadBackAsIt() {
        shop.add(
                camera("Lined", "", "1"),
                COVER.replace(
                        "true",
                        "true,\"fasteners\":[{\"kind\":\"SCREW\",\"drive\":\"CROSS\",\"threadMm\":1.7,\"lengthMm\":3,\"count\":4}]"));
        String tag = camera("Lined", "", "2");
        String line = known(tag).at("/next/0/line").asText();
        assertThat(line).isEqualTo("off cover, top, covers, 4 cross 1.7x3, well A1");
        JsonNode read = shop.post("/api/jobs/" + tag + "/read", "{\"text\":\"" + line + "\"}")
                .body();
        assertThat(shop.add(tag, read.at("/chips/0/entries/0").toString()).status())
                .isEqualTo(200);
    }

    @Test
    void whatAnEarlierJobLookedAtHoldsThePartInTheNext() {
        String first = camera("Checked", "", "1");
        shop.add(
                first,
                CARE,
                "{\"kind\":\"gateAdded\",\"part\":\"dial\",\"check\":\"lever left of the post\"}",
                "{\"kind\":\"gateAnswered\",\"part\":\"dial\",\"check\":\"lever left of the post\",\"passed\":true}");
        String second = camera("Checked", "", "2");
        shop.add(second, CARE.replace(",\"hazards\":[\"BALL\"]", ""));
        JsonNode dial = shop.get("/api/jobs/" + second).body().at("/parts/0");
        assertThat(dial.get("checks").findValuesAsString("words")).containsExactly("lever left of the post");
        assertThat(dial.at("/answer/kind").asText()).isEqualTo("NOT_YET");
        String back = "{\"kind\":\"refitted\",\"part\":\"dial\",\"fasteners\":[]}";
        assertThat(shop.add(second, back).code()).isEqualTo("notYet");
        shop.add(
                second,
                "{\"kind\":\"gateAnswered\",\"part\":\"dial\",\"check\":\"lever left of the post\",\"passed\":true}");
        assertThat(shop.add(second, back).status()).isEqualTo(200);
    }
}
