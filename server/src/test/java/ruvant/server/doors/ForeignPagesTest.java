package ruvant.server.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.server.OverHttp;

class ForeignPagesTest extends OverHttp {
    /** An answer to what is written by hand, with any headers, which no client library would send. */
    private String answer(String method, String path, String... headers) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            String body = method.equals("GET") ? "" : "{}";
            String request =
                    "%s %s HTTP/1.1\r\n%s\r\nConnection: close\r\nContent-Type: application/json\r\nContent-Length: %d\r\n\r\n%s"
                            .formatted(method, path, String.join("\r\n", headers), body.length(), body);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))
                    .lines()
                    .collect(Collectors.joining("\n"));
        }
    }

    private String own() {
        return "Host: localhost:" + port;
    }

    @ParameterizedTest
    @ValueSource(strings = {"evil.example", "localhost.evil.example:8420", "192.168.1.7", "127.0.0.1.nip.example"})
    void anotherNameIsNotAnswered(String host) throws IOException {
        String answer = answer("GET", "/api/house", "Host: " + host);
        assertThat(answer)
                .startsWith("HTTP/1.1 421")
                .contains("does not answer to that name")
                .doesNotContain("practice");
    }

    @ParameterizedTest
    @ValueSource(strings = {"localhost", "127.0.0.1", "LOCALHOST", "[::1]"})
    void ownNamesAreAnswered(String host) throws IOException {
        assertThat(answer("GET", "/api/house", "Host: " + host + ":" + port)).startsWith("HTTP/1.1 200");
    }

    @ParameterizedTest
    @ValueSource(strings = {"http://evil.example", "null", "http://localhost:1", "https://localhost.evil.example"})
    void whatAnotherPageWantsToChangeIsRefused(String origin) throws IOException {
        for (String path : List.of("/api/jobs", "/api/import", "/api/logs/house/lines", "/api/backups")) {
            assertThat(answer("POST", path, own(), "Origin: " + origin))
                    .startsWith("HTTP/1.1 403")
                    .contains("Another web page");
        }
        assertThat(answer("POST", "/api/jobs", own(), "Sec-Fetch-Site: cross-site"))
                .startsWith("HTTP/1.1 403");
    }

    @Test
    void ownPagesAndProgramsOfThisMachineMayChangeThings() throws IOException {
        assertThat(answer("POST", "/api/jobs", own(), "Origin: http://localhost:" + port))
                .startsWith("HTTP/1.1 400");
        assertThat(answer("POST", "/api/jobs", own())).startsWith("HTTP/1.1 400");
    }

    @Test
    void everyAnswerTellsTheBrowserWhatItMayDo() throws IOException {
        for (String path : List.of("/", "/api/house", "/camera/R-0001", "/nothing.js")) {
            assertThat(answer("GET", path, own()))
                    .contains("Content-Security-Policy: default-src 'self'; script-src 'self'")
                    .contains("X-Content-Type-Options: nosniff")
                    .contains("frame-ancestors 'self'")
                    .contains("X-Frame-Options: SAMEORIGIN")
                    .contains("Referrer-Policy: same-origin")
                    .contains("Permissions-Policy: microphone=(self)");
        }
    }
}
