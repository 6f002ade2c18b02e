package ruvant.server.treat;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import tools.jackson.databind.JsonNode;

class CleaningHttpTest extends OverHttp {
    private JsonNode cleaning(String tag, String by) {
        return shop.get("/api/jobs/" + tag + "/cleaning?part=governor&soil=gummedTrain&by=" + by)
                .body();
    }

    @Test
    void aCautionIsShownOnceADayToEachPersonAtWhateverCamera() {
        String one = shop.camera("Warned");
        String other = shop.camera("Other");
        assertThat(cleaning(one, "Ada").at("/ways/0/caution").asText()).isEqualTo("flammable");

        shop.add(one, "{\"kind\":\"cautionShown\",\"caution\":\"flammable\"}");

        assertThat(cleaning(other, "Ada").at("/ways/0/caution").asText()).isEmpty();
        assertThat(cleaning(other, "Teo").at("/ways/0/caution").asText()).isEqualTo("flammable");
        assertThat(shop.get("/api/logs/" + one + "/lines").body().toString()).contains("caution shown: flammable");
    }

    @Test
    void whatIsHotAtAnotherCameraIsSaidHere() {
        String hot = shop.camera("On the pad");
        shop.add(
                hot,
                "{\"kind\":\"waitStarted\",\"what\":\"Heat pad\",\"minutes\":30,\"latestMinutes\":0,\"station\":\"heat pad\",\"late\":\"\"}");

        assertThat(cleaning(shop.camera("Beside"), "Ada").get("hot").toString()).contains("Heat pad of " + hot);

        shop.add(
                hot,
                "{\"kind\":\"waitEnded\",\"waitId\":\"%s\",\"remark\":\"cut short\"}"
                        .formatted(shop.get("/api/jobs/" + hot)
                                .body()
                                .at("/treat/waits/0/running/id")
                                .asText()));
        assertThat(cleaning(hot, "Ada").get("hot")).isEmpty();
    }
}
