package ruvant.server.offer;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import ruvant.server.Shop;

/** When each option would be done, in a shop with one camera: a date hangs on everything else that waits. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class OptionDatesHttpTest {
    @LocalServerPort
    int port;

    @TempDir
    static Path own;

    @DynamicPropertySource
    static void emptyShop(DynamicPropertyRegistry registry) {
        registry.add("ruvant.data", () -> own.resolve("shop").toString());
    }

    @Test
    void everyOptionHasItsDatesInAnEmptyShop() {
        Shop shop = new Shop(port);
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
