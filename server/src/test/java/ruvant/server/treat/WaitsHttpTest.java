package ruvant.server.treat;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

class WaitsHttpTest extends OverHttp {
    private static String soak(String station, int minutes) {
        return "{\"kind\":\"waitStarted\",\"what\":\"soak\",\"minutes\":%d,\"latestMinutes\":0,\"station\":\"%s\",\"late\":\"\"}"
                .formatted(minutes, station);
    }

    private JsonNode station(String name) {
        for (JsonNode one : shop.get("/api/waits").body().get("stations")) {
            if (one.get("name").asText().equals(name)) {
                return one;
            }
        }
        throw new AssertionError(name);
    }

    @Test
    void aFullStationRefusesAnotherCameraUntilItIsTakenOut() {
        String first = shop.camera("First in the bath");
        String second = shop.camera("Second");
        assertThat(shop.add(first, soak("bath", 40)).status()).isEqualTo(200);
        assertThat(station("bath").get("held").asInt()).isEqualTo(1);

        Shop.Answer full = shop.add(second, soak("bath", 20));
        assertThat(full.status()).isEqualTo(409);
        assertThat(full.body().toString()).contains("The bath is full", first, "is free in");

        String wait = shop.get("/api/jobs/" + first)
                .body()
                .at("/treat/waits/0/running/id")
                .asText();
        shop.add(first, "{\"kind\":\"waitEnded\",\"waitId\":\"%s\",\"remark\":\"\"}".formatted(wait));
        assertThat(shop.add(second, soak("bath", 20)).status()).isEqualTo(200);
        assertThat(shop.get("/api/waits").body().get("waits").toString()).contains(second);
        shop.add(
                second,
                "{\"kind\":\"waitEnded\",\"waitId\":\"%s\",\"remark\":\"\"}"
                        .formatted(shop.get("/api/jobs/" + second)
                                .body()
                                .at("/treat/waits/0/running/id")
                                .asText()));
    }

    @Test
    void aCoatKnowsWhatFollowsIt() {
        String tag = shop.camera("Painted");
        shop.add(
                tag,
                "{\"kind\":\"waitStarted\",\"what\":\"Filler primer to next coat\",\"minutes\":45,\"latestMinutes\":0,\"station\":\"\",\"late\":\"\"}");

        assertThat(shop.get("/api/jobs/" + tag)
                        .body()
                        .at("/treat/waits/0/then/label")
                        .asText())
                .isEqualTo("Enamel coat to next coat");
    }
}
