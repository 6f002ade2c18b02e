package ruvant.server.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import ruvant.server.Shop;

/** Another web page, in a real browser, that wants to reach Ruvant: by its own address, and under a name of its own. */
class ForeignTest extends InBrowser {
    private static HttpServer page(String html) throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        byte[] body = html.getBytes(StandardCharsets.UTF_8);
        server.createContext("/", exchange -> {
            exchange.getResponseHeaders().add("Content-Type", "text/html;charset=utf-8");
            exchange.sendResponseHeaders(200, body.length);
            exchange.getResponseBody().write(body);
            exchange.close();
        });
        server.start();
        return server;
    }

    @Test
    void aFormOfAnotherPageChangesNothing() throws IOException {
        int before = new Shop(port).get("/api/jobs").body().size();
        HttpServer foreign = page("""
                <h1>Win a camera</h1>
                <form method="post" enctype="multipart/form-data" action="http://localhost:%d/api/jobs/import">
                <input name="file" value="x"><button>Win</button></form>
                <script>
                  fetch("http://localhost:%d/api/logs/house/lines", {method: "POST", mode: "no-cors", body: "{}"})
                    .finally(() => document.title = "tried");
                </script>""".formatted(port, port));
        try {
            browser.driver.get("http://localhost:" + foreign.getAddress().getPort() + "/");
            browser.see("Win a camera").until("the script to try", () -> "tried".equals(browser.driver.getTitle()));
            browser.button("Win").see("Another web page tried to change something here. Nothing was changed.");
        } finally {
            foreign.stop(0);
        }
        assertThat(new Shop(port).get("/api/jobs").body()).hasSize(before);
    }

    @Test
    void aForeignPageCanNeitherReadNorFrameIt() throws IOException {
        HttpServer foreign = page("""
                <h1>Look</h1><iframe src="http://localhost:%d/"></iframe>
                <script>
                  fetch("http://localhost:%d/api/house").then(r => r.text())
                    .then(t => document.title = "read " + t.length, () => document.title = "could not read");
                </script>""".formatted(port, port));
        try {
            browser.driver.get("http://localhost:" + foreign.getAddress().getPort() + "/");
            browser.until("the script to try", () -> browser.driver.getTitle().contains("read"));
            assertThat(browser.driver.getTitle()).isEqualTo("could not read");
            browser.driver.switchTo().frame(0);
            assertThat(browser.driver.findElements(By.cssSelector("#root *"))).isEmpty();
            browser.driver.switchTo().defaultContent();
        } finally {
            foreign.stop(0);
        }
    }

    @Test
    void aForeignNameThatPointsHereIsNotAnswered() {
        try (Browser astray = new Browser(port, "--host-resolver-rules=MAP evil.example 127.0.0.1")) {
            astray.driver.get("http://evil.example:" + port + "/api/house");
            astray.see("Ruvant does not answer to that name.");
            assertThat(astray.text()).doesNotContain("practice");
        }
    }
}
