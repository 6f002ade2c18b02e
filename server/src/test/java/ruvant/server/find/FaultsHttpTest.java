package ruvant.server.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class FaultsHttpTest extends OverHttp {
    private JsonNode cause(String id) {
        return StreamSupport.stream(
                        shop.get("/api/faults").body().at("/knowledge/causes").spliterator(), false)
                .filter(one -> one.get("id").asText().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private Shop.Answer change(JsonNode cause) {
        Shop.Answer said = shop.say(
                "knowledge",
                "{\"kind\":\"faultsChanged\",\"changes\":{\"symptoms\":[],\"causes\":[" + cause + "],\"looks\":[]}}");
        return said.status() == 200 ? shop.get("/api/faults") : said;
    }

    @Test
    void whatIsChangedCountsAtOnceAndCanBeTakenBack() {
        ObjectNode gummed = (ObjectNode) cause("trainGummed").deepCopy();
        double before = gummed.get("prior").asDouble();
        gummed.put("prior", 0.1);

        JsonNode changed = change(gummed).body();

        assertThat(changed.get("changed").toString()).contains("trainGummed");
        assertThat(cause("trainGummed").get("prior").asDouble()).isEqualTo(0.1);
        String tag = shop.camera("Common");
        shop.add(tag, "{\"kind\":\"symptomSeen\",\"what\":\"slow speeds late\"}");
        assertThat(shop.get("/api/jobs/" + tag + "/diagnosis")
                        .body()
                        .at("/suspects/0/id")
                        .asText())
                .isNotEqualTo("trainGummed");

        shop.say("knowledge", "{\"kind\":\"faultTakenBack\",\"id\":\"trainGummed\"}");
        assertThat(cause("trainGummed").get("prior").asDouble()).isEqualTo(before);
        assertThat(shop.get("/api/jobs/" + tag + "/diagnosis")
                        .body()
                        .at("/suspects/0/id")
                        .asText())
                .isEqualTo("trainGummed");
    }

    @Test
    void aCauseThatNoLookTellsIsRefusedAndNothingIsKept() {
        ObjectNode odd = (ObjectNode) cause("trainGummed").deepCopy();
        odd.put("id", "own-odd").put("words", "odd cause");

        Shop.Answer refused = change(odd);

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().toString()).contains("No look distinguishes “odd cause”");
        assertThat(shop.get("/api/faults").body().toString()).doesNotContain("own-odd");
    }

    @Test
    void aSwapAReopenedFindingAndARootAreKnownToTheDiagnosis() {
        String tag = shop.camera("Turned");
        shop.add(
                tag,
                "{\"kind\":\"found\",\"what\":\"sprung door\"}",
                "{\"kind\":\"swapTried\",\"suspect\":\"take-up clutch greasy\",\"part\":\"clutch\",\"from\":\"donor 3\",\"changed\":false,\"seen\":\"\"}");
        String line = shop.get("/api/jobs/" + tag).body().at("/find/found/0/id").asText();
        shop.add(
                tag,
                "{\"kind\":\"reopened\",\"finding\":\"%s\",\"was\":\"sprung door\",\"suspect\":\"back or its hinge bent\",\"why\":\"paper pulls out\"}"
                        .formatted(line),
                "{\"kind\":\"causeConfirmed\",\"cause\":\"back or its hinge bent\",\"evidence\":\"even with a finger on it\"}",
                "{\"kind\":\"rootNamed\",\"cause\":\"back or its hinge bent\",\"root\":\"dropped\"}");

        JsonNode diagnosis = shop.get("/api/jobs/" + tag + "/diagnosis").body();

        assertThat(diagnosis.at("/falseLeads/0/words").asText()).isEqualTo("take-up clutch greasy");
        assertThat(diagnosis.at("/causes/0/roots").toString()).contains("dropped");
        assertThat(shop.get("/api/jobs/" + tag).body().at("/find/roots/0/more").asText())
                .isEqualTo("dropped");
        assertThat(shop.add(
                                tag,
                                "{\"kind\":\"reopened\",\"finding\":\"00000000-0000-4000-8000-000000000000\",\"was\":\"x\",\"suspect\":\"y\",\"why\":\"z\"}")
                        .status())
                .isEqualTo(409);
    }
}
