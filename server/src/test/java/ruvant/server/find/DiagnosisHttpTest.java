package ruvant.server.find;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import tools.jackson.databind.JsonNode;

class DiagnosisHttpTest extends OverHttp {
    private JsonNode diagnosis(String tag) {
        return shop.get("/api/jobs/" + tag + "/diagnosis").body();
    }

    private static String looked(String look, boolean seen) {
        return "{\"kind\":\"looked\",\"look\":\"%s\",\"words\":\"%s: seen\",\"seen\":%s,\"sure\":true,\"remark\":\"\"}"
                .formatted(look, look, seen);
    }

    @Test
    void aCaseGrowsClearerLookByLook() {
        String tag = shop.camera("Suspects");
        JsonNode nothing = diagnosis(tag);
        assertThat(nothing.get("understood")).isEmpty();
        assertThat(nothing.get("known").size()).isGreaterThan(40);
        assertThat(nothing.get("next")).isNotEmpty();

        shop.add(tag, "{\"kind\":\"symptomSeen\",\"what\":\"the slow speeds are late, worse with lens down\"}");
        JsonNode late = diagnosis(tag);
        assertThat(late.get("understood")).hasSize(2);
        assertThat(late.at("/suspects/0/id").asText()).isEqualTo("trainGummed");
        assertThat(late.get("openBits").asDouble())
                .isLessThan(nothing.get("openBits").asDouble());

        shop.add(tag, looked("solventTrain", false), looked("ringFree", true));
        JsonNode turned = diagnosis(tag);
        assertThat(turned.at("/suspects/0/id").asText()).isEqualTo("ringDrags");
        assertThat(turned.get("looks")).hasSize(2);
        assertThat(turned.at("/looks/1/moved").asText()).isEqualTo("retard train gummed");
        assertThat(turned.at("/looks/1/to").asDouble())
                .isLessThan(turned.at("/looks/1/from").asDouble());
        assertThat(turned.get("next").findValuesAsString("id")).doesNotContain("solventTrain", "ringFree");
    }

    @Test
    void aLookTakenBackCountsNoMore() {
        String tag = shop.camera("Struck look");
        shop.add(tag, "{\"kind\":\"symptomSeen\",\"what\":\"slow speeds late\"}");
        double before = diagnosis(tag).at("/suspects/0/probability").asDouble();
        shop.add(tag, looked("solventTrain", false));
        String line = diagnosis(tag).at("/looks/0/line").asText();
        shop.add(tag, "{\"kind\":\"struck\",\"target\":\"%s\",\"reason\":\"wrong camera\"}".formatted(line));
        assertThat(diagnosis(tag).at("/suspects/0/probability").asDouble()).isEqualTo(before);
    }

    @Test
    void whatIsOpenAlreadyIsCheaperToLookAt() {
        String tag = shop.camera("Open cover");
        shop.add(tag, "{\"kind\":\"symptomSeen\",\"what\":\"slow speeds late\"}");
        double closed = minutes(tag, "meshEye");
        shop.add(tag, "{\"kind\":\"removed\",\"part\":\"front plate\",\"side\":\"FRONT\",\"covers\":true}");
        assertThat(minutes(tag, "meshEye")).isLessThan(closed);
    }

    private double minutes(String tag, String look) {
        for (JsonNode one : diagnosis(tag).get("next")) {
            if (one.get("id").asText().equals(look)) {
                return one.get("minutes").asDouble();
            }
        }
        throw new AssertionError(look + " is not offered");
    }
}
