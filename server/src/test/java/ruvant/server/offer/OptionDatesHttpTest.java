package ruvant.server.offer;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import ruvant.server.OverHttp;

/** When each option would be done, in a shop with one camera: a date hangs on everything else that waits. */
class OptionDatesHttpTest extends OverHttp {
    @TempDir
    static Path own;

    @DynamicPropertySource
    static void emptyShop(DynamicPropertyRegistry registry) {
        registry.add("ruvant.data", () -> own.resolve("shop").toString());
    }

    @Test
    void everyOptionHasItsDatesInAnEmptyShop() {
        String path = "/api/jobs/" + shop.camera("Dated") + "/options";
        JsonNode dates = shop.post(
                        path + "/dates", shop.get(path).body().get("sheet").toString())
                .body();
        assertThat(dates).hasSize(4);
        for (JsonNode date : dates) {
            assertThat(date.get("safely").asText())
                    .isGreaterThanOrEqualTo(date.get("likely").asText());
        }
        assertThat(dates.get(2).get("likely").asText())
                .isGreaterThanOrEqualTo(dates.get(0).get("likely").asText());
    }
}
