package ruvant.server.browser;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import ruvant.server.Shop;
import ruvant.server.Started;

/** Tests in a real browser on the demo shop; each makes the cameras that it changes. */
abstract class InBrowser {
    private static final Started RUVANT = Started.on(Started.folder(), "--ruvant.demo=true");

    final int port = RUVANT.port();

    Browser browser;
    Shop shop;

    @BeforeEach
    void openWindow() {
        browser = new Browser(port);
        shop = new Shop(port);
    }

    @AfterEach
    void closeWindow() {
        browser.close();
    }

    String tagIn(String path) {
        return path.split("/")[2];
    }
}
