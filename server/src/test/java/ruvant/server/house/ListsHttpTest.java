package ruvant.server.house;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** What a shop changes in the lists of the trade, and in its money, counts at once and everywhere. */
class ListsHttpTest extends OverHttp {
    private static String changed(String what) {
        return "{\"kind\":\"listsChanged\",\"changes\":%s}".formatted(what);
    }

    private static String takenBack(String id) {
        return "{\"kind\":\"listTakenBack\",\"id\":\"%s\"}".formatted(id);
    }

    @AfterEach
    void asItShipped() {
        shop.get("/api/tables").body().get("changed").forEach(id -> shop.say("house", takenBack(id.asText())));
        shop.say("house", "{\"kind\":\"currencyChosen\",\"money\":{\"currency\":\"EUR\",\"locale\":\"en-IE\"}}");
    }

    private static boolean has(JsonNode functions, String words) {
        for (JsonNode one : functions) {
            if (one.get("words").asText().equals(words)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void functionsOfOnesOwnAreTriedOnTheCamerasTheyAreFor() {
        String tag = shop.camera("Own functions");
        Shop.Answer said = shop.say("house", changed("""
                        {"words":[],"cells":[],"rungs":[],"functions":[{"id":"own-hood","label":"hooded","bodies":["TLR"],
                         "functions":[{"id":"sports-finder","words":"Sports finder"}]}]}"""));
        assertThat(said.status()).isEqualTo(200);
        assertThat(has(shop.get("/api/jobs/" + tag).body().get("functions"), "Sports finder"))
                .isTrue();
        shop.say("house", takenBack("own-hood"));
        assertThat(has(shop.get("/api/jobs/" + tag).body().get("functions"), "Sports finder"))
                .isFalse();
    }

    @Test
    void aNameCoversAsTheShopSays() {
        assertThat(shop.get("/api/guess?name=light%20baffle")
                        .body()
                        .get("covers")
                        .asBoolean())
                .isFalse();
        shop.say(
                "house",
                changed(
                        "{\"words\":[{\"id\":\"covering\",\"label\":\"Covers\",\"words\":[\"baffle\"]}],\"functions\":[],\"cells\":[],\"rungs\":[]}"));
        assertThat(shop.get("/api/guess?name=light%20baffle")
                        .body()
                        .get("covers")
                        .asBoolean())
                .isTrue();
        assertThat(shop.get("/api/jobs/" + shop.camera("Reads") + "/log").status())
                .isNotEqualTo(500);
    }

    @Test
    void aListThatWouldBeEmptyIsRefusedInWords() {
        Shop.Answer refused = shop.say(
                "house",
                changed(
                        "{\"words\":[{\"id\":\"moving\",\"label\":\"Moving\",\"words\":[]}],\"functions\":[],\"cells\":[],\"rungs\":[]}"));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asText()).contains("“moving” are missing");
    }

    @Test
    void aRungOfOnesOwnThatCannotBeUndoneIsTheOwnersToAgreeTo() {
        shop.say("house", changed("""
                        {"words":[],"functions":[],"cells":[],"rungs":[{"id":"own-saw","label":"saw a slot","how":"with a thin blade",
                         "risk":"the head","waitMinutes":0,"irreversible":true}]}"""));
        String tag = shop.camera("Stuck");
        String sawed =
                "{\"kind\":\"stuckTried\",\"part\":\"cover\",\"fastener\":\"left\",\"rung\":{\"id\":\"own-saw\",\"words\":\"saw a slot\"},\"freed\":true,\"remark\":\"\",\"agreed\":\"%s\"}";
        assertThat(shop.add(tag, sawed.formatted("")).code()).isEqualTo("ownerNotAsked");
        assertThat(shop.add(tag, sawed.formatted("by letter")).status()).isEqualTo(200);
    }

    @Test
    void aStuckFastenerOfAnEarlierVersionsLineGoesOnWhereThatLeftOff() {
        String tag = shop.camera("Earlier");
        JsonNode job = shop.add(
                        tag,
                        "{\"kind\":\"stuckTried\",\"part\":\"cover\",\"fastener\":\"left\",\"rung\":\"SOLVENT\",\"freed\":false,\"remark\":\"\",\"agreed\":\"\"}")
                .body();
        assertThat(job.at("/stuck/0/what/tries/0/rung/id").asText()).isEqualTo("solvent");
        assertThat(job.at("/stuck/0/next/id").asText()).isEqualTo("heat");
    }

    @Test
    void amountsAreReadInTheShopsCurrency() {
        assertThat(shop.get("/api/amount?typed=12.50").body().get("minor").asLong())
                .isEqualTo(1250);
        shop.say("house", "{\"kind\":\"currencyChosen\",\"money\":{\"currency\":\"JPY\",\"locale\":\"ja-JP\"}}");
        assertThat(shop.get("/api/amount?typed=1250").body().get("minor").asLong())
                .isEqualTo(1250);
        assertThat(shop.get("/api/amount?typed=1250").body().get("currency").asText())
                .isEqualTo("JPY");
        assertThat(shop.get("/api/amount?typed=12.50").status()).isEqualTo(400);
        assertThat(shop.get("/api/house").body().get("moneyDigits").asInt()).isZero();
        Shop.Answer none = shop.say(
                "house", "{\"kind\":\"currencyChosen\",\"money\":{\"currency\":\"EURO\",\"locale\":\"en-IE\"}}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.body().get("field").asText()).isEqualTo("currency");
    }
}
