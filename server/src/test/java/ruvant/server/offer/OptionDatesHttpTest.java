package ruvant.server.offer;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.server.Shop;
import ruvant.server.Started;
import tools.jackson.databind.JsonNode;

/** When each option would be done, in a shop with one camera: a date hangs on everything else that waits. */
class OptionDatesHttpTest {
    @TempDir
    static Path own;

    @Test
    void everyOptionHasItsDatesInAnEmptyShop() {
        try (Started ruvant = Started.on(own.resolve("shop"))) {
            everyOptionHasItsDates(ruvant.shop());
        }
    }

    private static void everyOptionHasItsDates(Shop shop) {
        String path = "/api/jobs/" + shop.camera("Dated") + "/options";
        JsonNode dates = shop.post(
                        path + "/dates", shop.get(path).body().get("sheet").toString())
                .body();
        assertThat(dates).hasSize(4);
        for (JsonNode date : dates) {
            assertThat(date.path("safely").asText())
                    .as("%s, with the plan %s", dates, shop.get("/api/plan").body())
                    .isNotEmpty()
                    .isGreaterThanOrEqualTo(date.get("likely").asText());
        }
        assertThat(dates.get(2).get("likely").asText())
                .isGreaterThanOrEqualTo(dates.get(0).get("likely").asText());
    }
}
