package ruvant.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import ruvant.server.RealServer;
import ruvant.server.Shop;
import tools.jackson.databind.JsonNode;

/** The server is killed hard while several windows make bills: no number is missing, none is there twice, none answered is lost. */
class NumbersUnderKillTest {
    private static final int ROUNDS = 4;
    private static final int WINDOWS = 3;

    @TempDir
    Path folder;

    @Test
    void billNumbersHaveNoGaps() throws Exception {
        Random random = new Random(11);
        Queue<String> answered = new ConcurrentLinkedQueue<>();
        try (RealServer server = RealServer.on(folder)) {
            Shop shop = new Shop(server.port());
            assertThat(shop.say("house", ABill.TAXES, ABill.SELLER).status()).isEqualTo(200);
            for (int round = 0; round < ROUNDS; round++) {
                sellUntilKilled(server, answered, 3 + random.nextInt(12));
                server.start();
                assertNoGaps(shop, answered);
            }
        }
        assertThat(answered.size()).isGreaterThan(ROUNDS * 3);
    }

    private static void sellUntilKilled(RealServer server, Queue<String> answered, int count)
            throws InterruptedException {
        CountDownLatch enough = new CountDownLatch(count);
        List<Thread> windows = new ArrayList<>();
        for (int at = 0; at < WINDOWS; at++) {
            windows.add(Thread.ofPlatform().start(() -> sell(new Shop(server.port()), answered, enough)));
        }
        enough.await();
        server.kill();
        for (Thread window : windows) {
            window.join();
        }
    }

    /** Makes bills until nobody answers any more. */
    private static void sell(Shop shop, Queue<String> answered, CountDownLatch enough) {
        try {
            while (true) {
                Shop.Answer answer = shop.post(
                        "/api/accounts/papers",
                        ABill.issuing(UUID.randomUUID(), ABill.draft("BILL", null, 4_500, null), 4_500));
                answered.add(answer.body().at("/paper/number").asText());
                enough.countDown();
            }
        } catch (AssertionError gone) {
            // the server was killed under it
        }
    }

    private static void assertNoGaps(Shop shop, Queue<String> answered) throws IOException {
        List<String> numbers = new ArrayList<>();
        for (JsonNode line : shop.lines("accounts")) {
            String words = line.get("words").asText();
            numbers.add(words.substring("bill ".length(), words.indexOf(" to ")));
        }
        for (int at = 0; at < numbers.size(); at++) {
            assertThat(numbers.get(at)).isEqualTo("B-%05d".formatted(at + 1));
        }
        assertThat(numbers).containsAll(new TreeSet<>(answered));
        assertThat(new TreeSet<>(answered)).hasSize(answered.size());
    }
}
