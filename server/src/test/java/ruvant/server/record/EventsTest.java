package ruvant.server.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import ruvant.core.log.LogName;
import ruvant.server.Started;

class EventsTest {
    /** Its network takes nothing in: what it is told stays with the server, which must neither wait nor keep ever more. */
    @Test
    void aWindowThatReadsNothingHoldsNobodyUpAndIsLetGo() throws IOException {
        try (Started started = Started.on(Started.folder());
                Socket slow = new Socket()) {
            Events events = started.part(Events.class);
            slow.setReceiveBufferSize(1024);
            slow.connect(new java.net.InetSocketAddress("127.0.0.1", started.port()));
            slow.getOutputStream()
                    .write(("GET /api/events HTTP/1.1\r\nHost: localhost:" + started.port() + "\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            await().atMost(Duration.ofSeconds(30)).until(() -> events.listening() == 1);
            LogName log = new LogName("R-" + "0".repeat(90) + "1");
            await().atMost(Duration.ofSeconds(60))
                    .pollInterval(Duration.ofMillis(5))
                    .until(() -> {
                        for (int i = 0; i < 1_000; i++) {
                            events.changed(log, i);
                        }
                        return events.listening() == 0;
                    });
            assertThat(started.shop().get("/api/house").status()).isEqualTo(200);
        }
    }
}
