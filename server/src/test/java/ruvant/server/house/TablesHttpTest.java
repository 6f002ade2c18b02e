package ruvant.server.house;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a shop changes in its tables takes effect wherever they are asked. */
class TablesHttpTest extends OverHttp {
    private static final String NOTHING_ELSE = "\"materials\":[],\"agents\":[],\"soils\":[],\"waits\":[]";

    @AfterEach
    void asItShipped() {
        for (JsonNode id : shop.get("/api/tables").body().path("changed")) {
            takeBack(id.asText());
        }
    }

    private JsonNode entry(String list, String id) {
        for (JsonNode one : shop.get("/api/tables").body().path("materials").path(list)) {
            if (one.path("id").asText().equals(id)) {
                return one;
            }
        }
        throw new AssertionError(list + " has no " + id);
    }

    private void takeBack(String id) {
        shop.say("house", "{\"kind\":\"tableTakenBack\",\"id\":\"%s\"}".formatted(id));
    }

    private Shop.Answer change(String list, JsonNode entry) {
        Shop.Answer said = shop.say(
                "house",
                "{\"kind\":\"tablesChanged\",\"changes\":{"
                        + NOTHING_ELSE.replace("\"" + list + "\":[]", "\"" + list + "\":[" + entry + "]") + "}}");
        return said.status() == 200 ? shop.get("/api/tables") : said;
    }

    @Test
    void anAgentOfOnesOwnIsJudgedOfferedReadAndKept() {
        ObjectNode ether = (ObjectNode) entry("agents", "naphtha").deepCopy();
        ether.put("id", "own-ether").put("label", "Ether").put("flashOffMinutes", 3);
        ObjectNode soil = (ObjectNode) entry("soils", "gummedTrain").deepCopy();
        soil.withArray("agents").add("own-ether");
        assertThat(change("agents", ether).status()).isEqualTo(200);
        assertThat(change("soils", soil).status()).isEqualTo(200);

        String tag = shop.camera("Ether");
        assertThat(shop.get("/api/agents?materials=brassSteel").body())
                .anyMatch(one -> one.path("agent").asText().equals("own-ether"));
        assertThat(shop.get("/api/jobs/" + tag + "/cleaning?part=gear&soil=gummedTrain&by=Ada")
                        .body()
                        .path("ways"))
                .anyMatch(way -> way.path("agent").asText().equals("own-ether")
                        && way.path("flashOffMinutes").asInt() == 3);
        assertThat(shop.post("/api/jobs/" + tag + "/read", "{\"text\":\"clean gear ether\"}")
                        .body()
                        .at("/chips/0/entries/0/agent/id")
                        .asText())
                .isEqualTo("own-ether");
        assertThat(shop.add(
                                tag,
                                "{\"kind\":\"cleaned\",\"part\":\"gear\",\"agent\":\"own-ether\",\"materials\":[\"brassSteel\"],\"verdict\":\"OK\",\"reason\":\"\"}")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aChangedVerdictRefusesFromThenOnAndIsTakenBack() {
        String tag = shop.camera("Verdict");
        String cleaned =
                "{\"kind\":\"cleaned\",\"part\":\"plate\",\"agent\":\"naphtha\",\"materials\":[\"brassSteel\"],\"verdict\":\"OK\",\"reason\":\"\"}";
        ObjectNode naphtha = (ObjectNode) entry("agents", "naphtha").deepCopy();
        ((ObjectNode) naphtha.path("verdicts").path("brassSteel"))
                .put("verdict", "NO")
                .put("reason", "not in this house");
        Shop.Answer changed = change("agents", naphtha);
        assertThat(changed.body().path("differences")).hasSize(1);
        assertThat(changed.body().at("/differences/0/shipped").asText()).isEqualTo("OK");

        assertThat(shop.add(tag, cleaned).code()).isEqualTo("verdictChanged");
        takeBack("naphtha");
        assertThat(shop.add(tag, cleaned).status()).isEqualTo(200);
    }

    @Test
    void aMaterialOfOnesOwnIsGuessedFromTheNamesOfParts() {
        ObjectNode zinc = Shop.JSON.createObjectNode().put("id", "own-zinc").put("label", "Zinc casting");
        zinc.putArray("words").add("yoke");
        assertThat(change("materials", zinc).status()).isEqualTo(200);
        assertThat(shop.get("/api/guess?name=film%20yoke")
                        .body()
                        .at("/materials/0")
                        .asText())
                .isEqualTo("own-zinc");
        String tag = shop.camera("Zinc");
        assertThat(shop.get("/api/jobs/" + tag + "/made-of?part=film%20yoke")
                        .body()
                        .at("/materials/0")
                        .asText())
                .isEqualTo("own-zinc");
    }

    @Test
    void whatSpeaksOfNothingIsRefusedAndChangesNothing() {
        ObjectNode naphtha = (ObjectNode) entry("agents", "naphtha").deepCopy();
        naphtha.withObject("/verdicts").putObject("moon").put("verdict", "OK").put("reason", "");
        Shop.Answer refused = change("agents", naphtha);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("detail").asText()).contains("moon");
        assertThat(shop.get("/api/tables").body().path("changed")).isEmpty();
    }
}
