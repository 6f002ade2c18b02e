package ruvant.server.benchmark.fuzz;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ruvant.server.benchmark.Opening;

/** Ten thousand inputs of each kind that are nearly right, into a new shop, with the memory that its server is ever given. */
@Component
@ConditionalOnProperty("ruvant.fuzz")
class FuzzBenchmark {
    private static final int COUNT = 10_000;

    private final long seed;

    FuzzBenchmark(@Value("${ruvant.fuzz}") long seed) {
        this.seed = seed;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) throws IOException, InterruptedException {
        String base = "http://127.0.0.1:"
                + ((WebServerApplicationContext) event.getApplicationContext())
                        .getWebServer()
                        .getPort();
        Fuzzer fuzzer = new Fuzzer(base, camera(base));
        System.out.printf(
                Locale.ROOT,
                "%nSeed %d, %,d inputs of each kind, at most %,d MB of heap%n%n",
                seed,
                COUNT,
                Runtime.getRuntime().maxMemory() >> 20);
        System.out.println("| what | answers: how often | answered with an error | heap at its fullest, MB | s |");
        System.out.println("|---|---|---|---|---|");
        for (Fuzzer.Kind kind : Fuzzer.Kind.values()) {
            ManagementFactory.getMemoryPoolMXBeans().forEach(MemoryPoolMXBean::resetPeakUsage);
            long begun = System.nanoTime();
            Fuzzer.Came came = fuzzer.send(kind, seed, COUNT);
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %s | %d | %d | %.0f |%n",
                    kind.name().toLowerCase(Locale.ROOT),
                    came.answers(),
                    came.broken().size(),
                    fullest() >> 20,
                    (System.nanoTime() - begun) / 1e9);
            came.broken().stream().limit(20).forEach(System.out::println);
        }
        System.exit(0);
    }

    /** Bytes, before anything was collected. */
    private static long fullest() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP)
                .mapToLong(pool -> pool.getPeakUsage().getUsed())
                .sum();
    }

    private static String camera(String base) throws IOException, InterruptedException {
        String body = Opening.json("7", "Wambui");
        try (HttpClient http = HttpClient.newHttpClient()) {
            String answer = http.send(
                            HttpRequest.newBuilder(URI.create(base + "/api/jobs"))
                                    .header("Content-Type", "application/json")
                                    .POST(HttpRequest.BodyPublishers.ofString(body))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
            return Mutations.JSON.readTree(answer).get("tag").asString();
        }
    }
}
