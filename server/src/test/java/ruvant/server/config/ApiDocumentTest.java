package ruvant.server.config;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;

/** The pages' types are made from web/openapi.json: it must say what the server does. */
class ApiDocumentTest extends OverHttp {
    private static final Path COMMITTED = Path.of("..", "web", "openapi.json");

    @Test
    void theCommittedDocumentIsTheRunningOne() throws IOException {
        JsonNode running = shop.get("/v3/api-docs").body();
        if (Boolean.getBoolean("ruvant.writeApi")) {
            Files.writeString(
                    COMMITTED,
                    Shop.JSON.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(running) + "\n");
        }
        assertThat(Shop.JSON.readTree(COMMITTED.toFile()))
                .as(
                        "rewrite it with: mvn -pl server -am test -Dtest=ApiDocumentTest -Druvant.writeApi=true -DargLine=-Druvant.writeApi=true")
                .isEqualTo(running);
    }

    /** Two records of one name would leave an answer without its description, and nobody would see it. */
    @Test
    void everyAnswerIsDescribed() {
        List<String> bare = new ArrayList<>();
        JsonNode paths = shop.get("/v3/api-docs").body().get("paths");
        paths.properties()
                .forEach(path -> path.getValue().properties().forEach(method -> {
                    JsonNode ok = method.getValue().at("/responses/200");
                    if (ok.has("content") && ok.get("content").isEmpty()) {
                        bare.add(method.getKey() + " " + path.getKey());
                    }
                }));
        assertThat(bare).isEmpty();
    }

    @Test
    void placesInsideTheApplicationHaveAddresses() {
        String page = new String(shop.bytes("/camera/R-0001/refit"));
        assertThat(page).contains("<div id=\"root\">");
        assertThat(shop.get("/api/nothing").status()).isEqualTo(404);
    }
}
