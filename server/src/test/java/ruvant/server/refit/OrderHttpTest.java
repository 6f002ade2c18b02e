package ruvant.server.refit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.server.OverHttp;
import tools.jackson.databind.JsonNode;

/** The order of parts asked for over HTTP, as somebody would who keeps the record elsewhere. */
class OrderHttpTest extends OverHttp {
    private static final String STRIP = """
            {"camera": {"body": "single-lens reflex", "shutter": "FOCAL_CLOTH"}, "removals": [
              {"part": "wind lever", "side": "top", "fasteners": 1},
              {"part": "rewind knob", "side": "top", "fasteners": 1},
              {"part": "top cover", "side": "top", "fasteners": 4},
              {"part": "mirror gear", "side": "bottom", "fasteners": 2},
              {"part": "front cell", "side": "lensFront"},
              {"part": "gear wheel", "side": "bottom", "within": "mirror gear", "joint": "solder"}],
             "back": %s}
            """;

    private static List<String> free(JsonNode answer) {
        List<String> free = new ArrayList<>();
        answer.path("parts").forEach(part -> {
            if (part.path("mayGoBack").asBoolean()) {
                free.add(part.path("part").asText());
            }
            assertThat(part.path("because").asText()).isNotBlank();
        });
        return free;
    }

    private JsonNode asked(String back) {
        return shop.post("/api/refit/order", STRIP.formatted(back)).body();
    }

    @Test
    void aLeverThatCameOffBeforeTheCoverWaitsForIt() {
        JsonNode atFirst = asked("[]");
        assertThat(free(atFirst)).containsExactly("top cover", "front cell", "gear wheel");
        assertThat(atFirst.path("parts").get(0).path("because").asText()).isEqualTo("Still out under it: top cover.");
        assertThat(free(asked("[\"top cover\", \"gear wheel\"]")))
                .containsExactly("wind lever", "rewind knob", "mirror gear", "front cell");
    }

    @Test
    void whatIsNotUnderstoodIsSaidInWords() {
        assertRefused(STRIP.formatted("[\"sprocket\"]"), "never came off");
        assertRefused("{\"removals\": []}", "Nothing came off");
        assertRefused("{\"removals\": [{\"part\": \"knob\", \"side\": \"under\"}]}", "Use top, bottom, front");
        assertRefused(
                "{\"removals\": [{\"part\": \"knob\", \"side\": \"top\"}, {\"part\": \"Knob\", \"side\": \"top\"}]}",
                "comes off twice");
        assertRefused("{\"removals\": \"all\"}", "");
    }

    private void assertRefused(String body, String words) {
        var response = shop.post("/api/refit/order", body);
        assertThat(response.status()).isEqualTo(400);
        assertThat(response.body().toString()).contains(words);
    }

    @Test
    void aCameraThatIsNotKnownGoesBackColumnByColumn() {
        JsonNode answer = shop.post("/api/refit/order", """
                        {"removals": [{"part": "rewind knob", "side": "top"}, {"part": "wind lever", "side": "top"}]}
                        """).body();
        assertThat(free(answer)).containsExactly("wind lever");
        assertThat(answer.path("parts").get(0).path("because").asText()).startsWith("Probably under it");
    }
}
