package ruvant.server.benchmark.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.server.Shop;
import ruvant.server.Started;
import ruvant.server.benchmark.fuzz.Fuzzer.Came;
import ruvant.server.benchmark.fuzz.Fuzzer.Kind;

/** Five hundred inputs of each kind that are nearly right; ten thousand of each are a benchmark. */
class FuzzTest {
    private static final int COUNT = 500;

    private static Path around;
    private static Started started;
    private static Fuzzer fuzzer;
    private static String tag;

    @BeforeAll
    static void start() throws Exception {
        around = Started.folder();
        started = Started.on(around.resolve("one").resolve("two").resolve("data"));
        Shop shop = started.shop();
        tag = shop.camera("Wambui");
        shop.add(tag, Shop.off("front plate"), Shop.note("before"));
        fuzzer = new Fuzzer("http://127.0.0.1:" + started.port(), tag);
    }

    @AfterAll
    static void stop() {
        started.close();
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void isAnsweredInWordsAndStaysInside(Kind kind) throws Exception {
        Came came = fuzzer.send(kind, 7, COUNT);
        assertThat(came.broken()).isEmpty();
        // inputs that are all refused at the first letter would find nothing
        assertThat(came.answers().getOrDefault(200, 0))
                .as(came.answers().toString())
                .isPositive();
        assertThat(came.answers().size()).as(came.answers().toString()).isGreaterThan(1);
        assertThat(outside()).isEmpty();
        assertThat(started.shop().get("/api/bench").status()).isEqualTo(200);
    }

    /** Files beside the data, where only its own folders are. */
    private static List<Path> outside() throws IOException {
        try (Stream<Path> all = Files.walk(around)) {
            Path data = around.resolve("one").resolve("two").resolve("data");
            return all.filter(Files::isRegularFile)
                    .filter(file -> !file.startsWith(data)
                            || file.getFileName().toString().contains("escaped"))
                    .toList();
        }
    }
}
