package ruvant.server.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import tools.jackson.databind.JsonNode;

/** A line read over HTTP, as somebody would who keeps the record elsewhere. */
class LineHttpTest extends OverHttp {
    private JsonNode read(String stop, String off, String line) {
        return shop.post("/api/line/read", """
                {"line": "%s", "stop": "%s", "camera": {"body": "folder", "shutter": "leaf"}, "off": [%s], "afterWork": true}""".formatted(line, stop, off)).body();
    }

    @Test
    void everyStatementOfALineIsToldWithItsFields() {
        JsonNode reading = read("strip", "", "bottom cover off, 3 slot 1.7x3, A3; lost a ball")
                .path("reading");
        assertThat(reading).hasSize(2);
        assertThat(reading.at("/0/kind").asText()).isEqualTo("removed");
        assertThat(reading.at("/0/part").asText()).isEqualTo("bottom cover");
        assertThat(reading.at("/0/fasteners/0/count").isIntegralNumber()).isTrue();
        assertThat(reading.at("/0/fasteners/0/diameterMm").asDouble()).isEqualTo(1.7);
        assertThat(reading.at("/0/well").asText()).isEqualTo("A3");
        assertThat(reading.at("/1/kind").asText()).isEqualTo("lost");
    }

    @Test
    void whatIsNotUnderstoodStaysARemark() {
        JsonNode kept = read("prove", "", "will call him about the price");
        assertThat(kept.path("reading")).isEmpty();
        assertThat(kept.path("remark").asText()).isEqualTo("will call him about the price");
        assertThat(kept.path("question").isNull()).isTrue();
    }

    @Test
    void whereTwoPartsCouldBeMeantItAsksWhich() {
        JsonNode asked = read("refit", "\"top cover\", \"gear cover\"", "cover back on");
        assertThat(asked.path("reading")).isEmpty();
        assertThat(asked.path("question").asText()).contains("top cover or gear cover");
    }

    @Test
    void aRequestThatCannotBeMeantIsRefusedInWords() {
        assertThat(shop.post("/api/line/read", "{\"line\": \" \", \"stop\": \"find\"}")
                        .body()
                        .toString())
                .contains("no line to read");
        assertThat(shop.post("/api/line/read", "{\"line\": \"x\", \"stop\": \"lunch\"}")
                        .body()
                        .toString())
                .contains("is no stop");
    }
}
