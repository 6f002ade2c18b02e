package ruvant.server.treat;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

class OilAndWiringHttpTest extends OverHttp {
    private JsonNode row(String tag, String point) {
        for (JsonNode row : shop.get("/api/jobs/" + tag + "/oil-sheet").body().path("rows")) {
            if (row.at("/point/words").asText().equals(point)) {
                return row;
            }
        }
        throw new AssertionError(point + " is not on the sheet");
    }

    @Test
    void theSheetFollowsWhatIsDoneAndEverySchoolStandsBesideTheOthers() {
        String tag = shop.camera("Oil");
        shop.add(tag, Shop.off("speed cam"));
        JsonNode before = row(tag, "speed cam");
        assertThat(before.at("/stands/next").asText()).isEqualTo("CLEAN");
        assertThat(before.at("/house/bySchool")).hasSize(3);
        shop.add(
                tag,
                "{\"kind\":\"cleaned\",\"part\":\"speed cam\",\"agent\":\"naphtha\",\"materials\":[\"brassSteel\"],\"verdict\":\"OK\",\"reason\":\"\"}",
                "{\"kind\":\"runDry\",\"part\":\"speed cam\",\"result\":\"FREE\",\"remark\":\"\"}");
        assertThat(row(tag, "speed cam").at("/stands/next").asText()).isEqualTo("OIL");
        shop.add(
                tag,
                "{\"kind\":\"lubricated\",\"part\":\"speed cam\",\"point\":\"speed cam\",\"pointKind\":\"%s\",\"lubricant\":\"%s\",\"reason\":\"\"}"
                        .formatted(
                                before.at("/kind/id").asText(),
                                before.at("/house/lubricant").asText()));
        assertThat(row(tag, "speed cam").at("/stands/next").asText()).isEqualTo("DONE");
    }

    @Test
    void aReadingSaysMoreBesideTheOtherOfTheSamePlaces() {
        String tag = shop.camera("Wired");
        JsonNode shows = shop.get("/api/jobs/" + tag
                        + "/wiring/reading?circuit=meter&kind=VOLTAGE&from=cell%20plus&to=cell%20minus")
                .body();
        assertThat(shows.path("value").asDouble()).isBetween(1.2, 1.4);
        assertThat(shows.path("unit").asText()).isEqualTo("V");
        String probed =
                "{\"kind\":\"probed\",\"meter\":\"%s\",\"from\":\"cell plus\",\"to\":\"cell minus\",\"value\":%s}";
        shop.add(tag, probed.formatted("VOLTAGE", "1.35"));
        assertThat(shop.get("/api/jobs/" + tag + "/wiring")
                        .body()
                        .at("/probed/0/said/verdict")
                        .asText())
                .isEqualTo("DOUBTFUL");
        shop.add(tag, probed.formatted("LOADED", "0.9"));
        assertThat(shop.get("/api/jobs/" + tag + "/wiring")
                        .body()
                        .at("/probed/0/said/words")
                        .asText())
                .startsWith("drops by 0.45 V");

        assertThat(shop.get("/api/jobs/" + tag + "/wiring/reading?circuit=meter&kind=VOLTAGE&from=moon&to=cell%20minus")
                        .status())
                .isEqualTo(400);
        assertThat(shop.add(tag, "{\"kind\":\"probed\",\"meter\":\"VOLTAGE\",\"from\":\"a\",\"to\":\"b\"}")
                        .status())
                .isEqualTo(400);
        assertThat(shop.add(tag, "{\"kind\":\"probed\",\"meter\":\"CONTINUITY\",\"from\":\"a\",\"to\":\"b\"}")
                        .status())
                .as("open")
                .isEqualTo(200);
    }

    @Test
    void aModificationStandsOnTheReturnSheetByItself() {
        String tag = shop.camera("Filed");
        String go =
                "{\"kind\":\"modified\",\"part\":\"cam\",\"how\":\"FILED\",\"what\":\"corner\",\"limitMm\":0.5,\"takenMm\":%s,\"agreed\":\"%s\"}";
        assertThat(shop.add(tag, go.formatted("0.2", "")).code()).isEqualTo("ownerNotAsked");
        assertThat(shop.add(tag, go.formatted("0.2", "by letter")).status()).isEqualTo(200);
        assertThat(shop.add(tag, go.formatted("0.2", "")).status())
                .as("agreed to once")
                .isEqualTo(200);
        assertThat(shop.add(tag, go.formatted("0.2", "")).code()).isEqualTo("pastTheLine");
        assertThat(new String(shop.bytes("/api/jobs/" + tag + "/sheet"), java.nio.charset.StandardCharsets.UTF_8))
                .contains("filed by 0.4 mm of at most 0.5 mm, in 2 passes");
    }

    @Test
    void whatRunsDryIsOfferedDryInEveryPractice() {
        String tag = shop.camera("Dry points");
        shop.add(tag, Shop.off("pallet"), Shop.off("return spring"), Shop.off("slow train"));
        for (String point : new String[] {"pallet", "return spring"}) {
            JsonNode house = row(tag, point).get("house");
            assertThat(house.get("lubricant").asText()).as(point).isEqualTo("none");
            house.get("bySchool")
                    .forEach(school ->
                            assertThat(school.get("lubricant").asText()).isEqualTo("none"));
        }
        assertThat(shop.get("/api/jobs/" + tag + "/oil-sheet").body().path("rows"))
                .as("the slow train is the retard train")
                .noneMatch(row -> row.get("part").asText().equals("retard train"));
    }
}
