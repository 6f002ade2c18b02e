package ruvant.server.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.server.Shop;
import ruvant.server.Started;

class SlowClientTest {
    /** A device of its own, with a body it does not send. */
    private static Socket stalled(int port, String from) throws IOException {
        Socket socket = new Socket(InetAddress.getByName("127.0.0.1"), port, InetAddress.getByName(from), 0);
        socket.getOutputStream()
                .write(("POST /api/jobs HTTP/1.1\r\nHost: localhost:" + port
                                + "\r\nContent-Type: application/json\r\nContent-Length: 900\r\n\r\n{")
                        .getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    private static String firstLine(Socket socket) throws IOException {
        return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII)).readLine();
    }

    @Test
    void manyBodiesThatNeverComeTakeNobodyElsesPlace() throws IOException {
        List<Socket> slow = new ArrayList<>();
        try (Started started = Started.on(Started.folder())) {
            Shop shop = started.shop();
            String tag = shop.camera("Wambui");
            for (int i = 0; i < 300; i++) {
                slow.add(stalled(started.port(), "127.0.0.2"));
            }
            // those above its share are turned away at once
            assertThat(firstLine(slow.getLast())).contains("429");
            for (int i = 0; i < 50; i++) {
                assertThat(shop.add(tag, Shop.note("note " + i)).status()).isEqualTo(200);
            }
        } finally {
            for (Socket one : slow) {
                one.close();
            }
        }
    }

    @Test
    void aBodyThatTricklesInIsCutOff() throws Exception {
        try (Started started =
                        Started.on(Started.folder(), "--ruvant.slowest-body=200", "--ruvant.slow-body-after=1s");
                Socket slow = stalled(started.port(), "127.0.0.3")) {
            Thread trickle = Thread.ofVirtual().start(() -> {
                try {
                    while (true) {
                        slow.getOutputStream().write(' ');
                        Thread.sleep(100);
                    }
                } catch (IOException | InterruptedException cut) {
                    // as it should be
                }
            });
            assertThat(firstLine(slow)).contains("408");
            trickle.interrupt();
        }
    }
}
