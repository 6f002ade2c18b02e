package ruvant.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** Tests that speak to a whole running Ruvant with an empty file of its own. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
public abstract class OverHttp {
    private static final Path DATA = folder();

    @LocalServerPort
    protected int port;

    protected Shop shop;

    @DynamicPropertySource
    static void data(DynamicPropertyRegistry registry) {
        registry.add("ruvant.data", DATA::toString);
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("ruvant-test");
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }

    @BeforeEach
    void open() {
        shop = new Shop(port);
    }
}
