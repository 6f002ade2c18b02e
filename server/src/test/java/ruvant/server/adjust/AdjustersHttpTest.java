package ruvant.server.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a shop knows better of adjusters is offered on its cameras at once. */
class AdjustersHttpTest extends OverHttp {
    private ObjectNode kind(String id) {
        return (ObjectNode) StreamSupport.stream(
                        shop.get("/api/adjusters").body().at("/book/adjusters").spliterator(), false)
                .filter(one -> one.get("id").asText().equals(id))
                .findFirst()
                .orElseThrow()
                .deepCopy();
    }

    private Shop.Answer change(JsonNode kind) {
        return shop.say(
                "knowledge",
                "{\"kind\":\"adjustersChanged\",\"changes\":{\"results\":[],\"adjusters\":[" + kind + "]}}");
    }

    private JsonNode offered(String tag, String words) {
        return StreamSupport.stream(
                        shop.get("/api/jobs/" + tag + "/adjusters")
                                .body()
                                .get("offers")
                                .spliterator(),
                        false)
                .map(one -> one.get("what"))
                .filter(what -> what.at("/name/words").asText().equals(words))
                .findFirst()
                .orElse(null);
    }

    @Test
    void aChangedAdjusterIsOfferedAsItIsHereAndGoesBack() {
        String tag = shop.camera("Turned here");
        ObjectNode release = kind("release-bar");
        ((ObjectNode) release.get("name")).put("words", "release rod");
        ((ObjectNode) release.get("held")).put("caution", "It bends.");

        assertThat(change(release).status()).isEqualTo(200);

        assertThat(shop.get("/api/adjusters").body().get("changed").toString()).isEqualTo("[\"release-bar\"]");
        assertThat(offered(tag, "release bar")).isNull();
        assertThat(offered(tag, "release rod").get("caution").asText()).isEqualTo("It bends.");

        shop.say("knowledge", "{\"kind\":\"adjusterTakenBack\",\"id\":\"release-bar\"}");
        assertThat(offered(tag, "release rod")).isNull();
        assertThat(offered(tag, "release bar")).isNotNull();
    }

    @Test
    void anAdjusterThatMovesNothingIsRefusedInWords() {
        ObjectNode release = kind("release-bar");
        release.putArray("moves");

        Shop.Answer refused = change(release);

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asText()).isEqualTo("“release bar” moves nothing.");
        assertThat(shop.get("/api/adjusters").body().get("changed")).isEmpty();
    }

    @Test
    void aFigureThatCannotBeIsRefusedAtItsField() {
        ObjectNode release = kind("release-bar");
        ((ObjectNode) release.get("travel")).put("most", 90);

        Shop.Answer refused = change(release);

        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("field").asText()).isEqualTo("most");
    }
}
