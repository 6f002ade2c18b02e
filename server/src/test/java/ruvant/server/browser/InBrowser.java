package ruvant.server.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import ruvant.server.Shop;

/** Tests in a real browser on the demo shop; each makes the cameras that it changes. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "ruvant.demo=true")
abstract class InBrowser {
    private static final Path DATA = folder();

    @LocalServerPort
    int port;

    Browser browser;
    Shop shop;

    @DynamicPropertySource
    static void data(DynamicPropertyRegistry registry) {
        registry.add("ruvant.data", DATA::toString);
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("ruvant-browser-test");
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }

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
