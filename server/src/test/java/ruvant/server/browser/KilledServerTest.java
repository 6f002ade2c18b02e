package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import ruvant.server.RuvantServer;
import ruvant.server.Shop;

/** The whole server is killed hard while somebody types, and started again on the same data. */
class KilledServerTest {
    @TempDir
    Path folder;

    @Test
    void whatWasTypedThroughIsThereOnce() throws IOException {
        int port = freePort();
        Process server = start(port);
        try (Browser browser = new Browser(port)) {
            String tag = new Shop(port).camera("Killed");
            browser.go("/camera/" + tag + "/prove").see("good in a row");
            browser.press(Keys.SPACE).see("Good firing.");
            // some go out while the server dies under them
            browser.press(Keys.SPACE, Keys.SPACE);
            server.destroyForcibly().onExit().join();
            browser.press(Keys.SPACE, "m", Keys.SPACE).see("kept here");
            server = start(port);
            browser.go("/camera/" + tag + "/prove").seeNot("kept here").see("1 in 6 since the last work");
            assertAllOnce(new Shop(port).get("/api/logs/" + tag + "/lines").body());
        } finally {
            server.destroyForcibly().onExit().join();
        }
    }

    private static void assertAllOnce(JsonNode log) {
        List<String> words = log.findValuesAsText("words");
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

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private Process start(int port) throws IOException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        RuvantServer.class.getName(),
                        "--ruvant.data=" + folder,
                        "--server.port=" + port)
                .redirectErrorStream(true)
                .start();
        BufferedReader said = new BufferedReader(new InputStreamReader(process.getInputStream()));
        StringBuilder all = new StringBuilder();
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            all.append(line).append('\n');
            if (line.contains("Ruvant is ready")) {
                return process;
            }
        }
        throw new AssertionError("The server did not start:\n" + all);
    }
}
