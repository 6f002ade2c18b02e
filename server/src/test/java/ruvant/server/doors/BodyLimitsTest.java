package ruvant.server.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.server.OverHttp;

/** What would be read whole into memory has an end, whether its length is said or not. */
class BodyLimitsTest extends OverHttp {
    private String first(Socket socket) throws IOException {
        return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8)).readLine();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "text/csv /api/shelf/stock.csv?by=Ada",
                "application/json /api/jobs",
                "text/calendar /api/hours/calendar"
            })
    void aLengthBeyondTheLimitIsRefusedBeforeItIsSent(String door) throws IOException {
        List<String> of = Arrays.asList(door.split(" "));
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream()
                    .write(
                            "POST %s HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Type: %s\r\nContent-Length: %d\r\n\r\n"
                                    .formatted(of.get(1), of.get(0), BodyLimits.LARGEST + 1)
                                    .getBytes(StandardCharsets.US_ASCII));
            assertThat(first(socket)).startsWith("HTTP/1.1 413");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"text/csv /api/shelf/stock.csv?by=Ada", "application/json /api/jobs"})
    void aBodyThatDoesNotSayHowLongItIsEndsAtTheLimit(String door) throws IOException {
        List<String> of = Arrays.asList(door.split(" "));
        byte[] chunk = new byte[1 << 20];
        Arrays.fill(chunk, (byte) ' ');
        try (Socket socket = new Socket("127.0.0.1", port)) {
            OutputStream out = socket.getOutputStream();
            out.write(
                    "POST %s HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Type: %s\r\nTransfer-Encoding: chunked\r\n\r\n"
                            .formatted(of.get(1), of.get(0))
                            .getBytes(StandardCharsets.US_ASCII));
            for (int i = 0; i < (BodyLimits.LARGEST >> 20) + 2; i++) {
                out.write("100000\r\n".getBytes(StandardCharsets.US_ASCII));
                out.write(chunk);
                out.write("\r\n".getBytes(StandardCharsets.US_ASCII));
            }
            out.write("0\r\n\r\n".getBytes(StandardCharsets.US_ASCII));
            assertThat(first(socket)).startsWith("HTTP/1.1 413");
        }
    }
}
