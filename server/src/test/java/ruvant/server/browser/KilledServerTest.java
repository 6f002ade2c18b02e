package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import ruvant.server.RealServer;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** The whole server is killed hard while somebody types, and started again on the same data. */
class KilledServerTest {
    @TempDir
    Path folder;

    @Test
    void whatWasTypedThroughIsThereOnce() throws IOException {
        try (RealServer server = RealServer.on(folder);
                Browser browser = new Browser(server.port())) {
            String tag = new Shop(server.port()).camera("Killed");
            browser.go("/camera/" + tag + "/prove").see("good in a row");
            browser.press(Keys.SPACE).see("Good firing.");
            // some go out while the server dies under them
            browser.press(Keys.SPACE, Keys.SPACE);
            server.kill();
            browser.press(Keys.SPACE, "m", Keys.SPACE).see("kept in this browser");
            server.start();
            browser.go("/camera/" + tag + "/prove")
                    .seeNot("kept in this browser")
                    .see("1 in 6 since the last work");
            assertAllOnce(
                    new Shop(server.port()).get("/api/logs/" + tag + "/lines").body());
        }
    }

    private static void assertAllOnce(JsonNode log) {
        List<String> words = log.findValuesAsString("words");
        assertThat(words.subList(1, words.size()))
                .containsExactly("good firing", "good firing", "good firing", "good firing", "miss", "good firing");
        Set<String> ids = new TreeSet<>();
        List<Integer> sequences = new ArrayList<>();
        log.forEach(line -> {
            ids.add(line.get("id").asText());
            sequences.add(line.get("sequence").asInt());
        });
        assertThat(ids).hasSize(7);
        assertThat(sequences).containsExactly(1, 2, 3, 4, 5, 6, 7);
    }
}
