package ruvant.server.benchmark;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;
import tools.jackson.databind.ObjectMapper;

/**
 * A full workshop: twenty people at twenty cameras for a minute, each looking, logging and now and then sending a picture, with
 * one device on a network that hardly moves; beside it the same person alone. Nobody pauses between two requests, so each of them
 * is as busy as a hundred real ones.
 */
final class CrowdBenchmark {
    private static final int CLIENTS = 20;
    private static final Duration LENGTH = Duration.ofSeconds(60);
    private static final Duration ALONE = Duration.ofSeconds(20);

    private final String base;
    private final int port;
    private final ObjectMapper json;
    private final List<String> tags = new ArrayList<>();
    private final AtomicInteger errors = new AtomicInteger();
    private long seeds = 1;

    CrowdBenchmark(String base, ObjectMapper json) {
        this.base = base;
        this.port = URI.create(base).getPort();
        this.json = json;
    }

    /** How long what took, by what it was; milliseconds. */
    private static final class Times {
        private final Map<String, ConcurrentLinkedQueue<Double>> all = new TreeMap<>(Map.of(
                "look at a job", new ConcurrentLinkedQueue<>(),
                "the bench page", new ConcurrentLinkedQueue<>(),
                "log a line", new ConcurrentLinkedQueue<>(),
                "send a picture and log it", new ConcurrentLinkedQueue<>()));

        void add(String what, double ms) {
            all.get(what).add(ms);
        }

        int count(String what) {
            return all.get(what).size();
        }

        double p(String what, double part) {
            double[] sorted =
                    all.get(what).stream().mapToDouble(ms -> ms).sorted().toArray();
            return sorted.length == 0 ? 0 : sorted[Math.min(sorted.length - 1, (int) (part * sorted.length))];
        }
    }

    void measure() throws Exception {
        open();
        Times alone = new Times();
        run(1, ALONE, new Times());
        run(1, ALONE, alone);
        Times crowd = new Times();
        try (Socket slow = slow()) {
            run(CLIENTS, LENGTH, crowd);
        }
        System.out.printf(
                Locale.ROOT,
                "%n%d people at %d cameras for %d s, without a pause, beside one device that hardly sends; %d errors%n%n",
                CLIENTS,
                tags.size(),
                LENGTH.toSeconds(),
                errors.get());
        System.out.println("| what | times | p50 ms | p95 ms | one person alone: p50 | p95 |");
        System.out.println("|---|---|---|---|---|---|");
        for (String what : crowd.all.keySet()) {
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %,d | %.1f | %.1f | %.1f | %.1f |%n",
                    what,
                    crowd.count(what),
                    crowd.p(what, 0.5),
                    crowd.p(what, 0.95),
                    alone.p(what, 0.5),
                    alone.p(what, 0.95));
        }
    }

    private void open() throws Exception {
        try (HttpClient http = HttpClient.newHttpClient()) {
            for (int i = 0; i < CLIENTS; i++) {
                String body = Opening.json(Integer.toString(i), "Crowd " + i);
                HttpResponse<String> made = http.send(post("/api/jobs", body), HttpResponse.BodyHandlers.ofString());
                tags.add(json.readTree(made.body()).get("tag").asText());
            }
        }
    }

    /** Promises a body and sends a letter of it. */
    private Socket slow() throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        socket.getOutputStream()
                .write(("POST /api/jobs HTTP/1.1\r\nHost: localhost:" + port
                                + "\r\nContent-Type: application/json\r\nContent-Length: 100000\r\n\r\n{")
                        .getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    private void run(int clients, Duration length, Times times) throws InterruptedException {
        long until = System.nanoTime() + length.toNanos();
        List<Thread> people = new ArrayList<>();
        for (int i = 0; i < clients; i++) {
            int who = i;
            // nobody takes the same picture twice
            long seed = seeds++;
            people.add(Thread.ofPlatform().start(() -> work(who, seed, until, times)));
        }
        for (Thread one : people) {
            one.join();
        }
    }

    private void work(int who, long seed, long until, Times times) {
        Random random = new Random(seed);
        String tag = tags.get(who % tags.size());
        try (HttpClient http = HttpClient.newHttpClient()) {
            for (int turn = 0; System.nanoTime() < until; turn++) {
                String what = switch (turn % 10) {
                    case 0, 3, 5, 8 -> "look at a job";
                    case 2 -> "the bench page";
                    case 9 -> "send a picture and log it";
                    default -> "log a line";
                };
                byte[] shot = what.startsWith("send") ? noise(random) : new byte[0];
                long begun = System.nanoTime();
                boolean well = switch (what) {
                    case "look at a job" -> well(http, get("/api/jobs/" + tag));
                    case "the bench page" -> well(http, get("/api/bench"));
                    case "log a line" -> well(http, line(tag, "{\"kind\":\"fired\",\"good\":true,\"remark\":\"\"}"));
                    default -> picture(http, tag, shot);
                };
                times.add(what, (System.nanoTime() - begun) / 1e6);
                if (!well) {
                    errors.incrementAndGet();
                }
            }
        }
    }

    private boolean picture(HttpClient http, String tag, byte[] shot) {
        try {
            String edge = "edge-of-a-part";
            ByteArrayOutputStream body = new ByteArrayOutputStream();
            body.write(("--" + edge + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"p.jpg\"\r\n"
                            + "Content-Type: image/jpeg\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            body.write(shot);
            body.write(("\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.US_ASCII));
            HttpResponse<String> kept = http.send(
                    HttpRequest.newBuilder(URI.create(base + "/api/pictures"))
                            .header("Content-Type", "multipart/form-data; boundary=" + edge)
                            .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
            return kept.statusCode() == 200
                    && well(
                            http,
                            line(
                                    tag,
                                    "{\"kind\":\"pictured\",\"name\":\"%s\",\"shows\":\"\",\"at\":\"STRIP\"}"
                                            .formatted(json.readTree(kept.body())
                                                    .get("name")
                                                    .asText())));
        } catch (IOException problem) {
            return false;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** A picture of about the size that a phone's smaller setting makes. */
    private static byte[] noise(Random random) {
        BufferedImage image = new BufferedImage(1200, 900, BufferedImage.TYPE_INT_RGB);
        int[] row = new int[1200];
        for (int y = 0; y < 900; y += 3) {
            Arrays.setAll(row, x -> random.nextInt() & 0x3f3f3f);
            image.setRGB(0, y, 1200, 1, row, 0, 1200);
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "jpg", bytes);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    private static boolean well(HttpClient http, HttpRequest request) {
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofByteArray()).statusCode() == 200;
        } catch (IOException problem) {
            return false;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private HttpRequest get(String path) {
        return HttpRequest.newBuilder(URI.create(base + path)).build();
    }

    private HttpRequest post(String path, String body) {
        return HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    private HttpRequest line(String tag, String entry) {
        return post("/api/logs/" + tag + "/lines", """
                {"by":"Ada","basedOn":0,"lines":[{"id":"%s","entry":%s}]}""".formatted(UUID.randomUUID(), entry));
    }
}
