package ruvant.server.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import tools.jackson.databind.JsonNode;

class JobAdjustHttpTest extends OverHttp {
    private JsonNode adjusters(String tag, String choose) {
        return shop.get("/api/jobs/" + tag + "/adjusters?choose=" + choose).body();
    }

    private void fired(String tag, String speed, String seconds) {
        shop.add(tag, """
                {"kind":"firingsTimed","speed":"%s","phase":"AFTER","attitude":"LEVEL","instrument":"","seconds":[%s],"afterRest":false}""".formatted(speed, seconds));
    }

    @Test
    void aTurnTypedAtTheLogLineAndFiringsMakeTrialsAndTheNextTurn() {
        String tag = shop.camera("Adjusted");
        fired(tag, "1/60", "0.0235,0.0237,0.0233");
        JsonNode before = adjusters(tag, "");
        String offered = before.at("/offers/0/what/name/words").asText();
        assertThat(before.at("/offers/0/off/0/id").asText()).isEqualTo("1/60");
        assertThat(before.at("/plan/verdict").asText()).isEqualTo("TURN");

        JsonNode read = shop.post("/api/jobs/" + tag + "/read", "{\"text\":\"turn " + offered + " 1/8 out\"}")
                .body();
        shop.add(
                tag,
                StreamSupport.stream(read.at("/chips/0/entries").spliterator(), false)
                        .map(JsonNode::toString)
                        .toArray(String[]::new));
        JsonNode after = adjusters(tag, "");

        assertThat(after.at("/offers/0/timesTurned").asInt()).isEqualTo(1);
        assertThat(after.at("/plan/verdict").asText()).isEqualTo("MEASURE_FIRST");
        assertThat(after.get("introductions")).isEmpty();
        assertThat(after.at("/history/0/turned/0").asText()).contains(offered);
    }

    @Test
    void noFamilyWarnsOfARatchetAfterItIsLetGo() {
        String tag = shop.camera("Cautious");
        JsonNode view = adjusters(tag, "");
        StreamSupport.stream(view.get("offers").spliterator(), false)
                .filter(offer -> offer.at("/what/lock").asText().equals("RATCHET"))
                .forEach(offer -> assertThat(offer.at("/what/caution").asText()).isNotBlank());
        assertThat(adjusters(tag, "no%20such%20thing").at("/plan/verdict").asText())
                .isEqualTo("NOTHING_CHOSEN");
    }

    @Test
    void aNameWithACommaIsOneNameAndASpeedNoDialHasIsRefused() {
        String tag = shop.camera("Comma");
        shop.add(
                tag,
                "{\"kind\":\"turned\",\"adjuster\":\"brake, lower\",\"unit\":\"EIGHTHS\",\"by\":0.125,\"remark\":\"\"}");

        assertThat(adjusters(tag, "brake-lower").at("/chosen/0/words").asText()).isEqualTo("brake, lower");
        assertThat(shop.add(tag, "{\"kind\":\"resultRead\",\"result\":\"99999\",\"value\":1,\"remark\":\"\"}")
                        .status())
                .isEqualTo(400);
        assertThat(shop.add(tag, "{\"kind\":\"resultRead\",\"result\":\"1/60\",\"value\":0.4,\"remark\":\"\"}")
                        .status())
                .isEqualTo(200);
        assertThat(adjusters(tag, "brake-lower")
                        .at("/plan/outlooks/0/result/id")
                        .asText())
                .isEqualTo("1/60");
    }
}
