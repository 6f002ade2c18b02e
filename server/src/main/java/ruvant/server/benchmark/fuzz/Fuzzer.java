package ruvant.server.benchmark.fuzz;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;

/**
 * Sends a running Ruvant inputs that are nearly right. Whatever they are, it answers with yes or with a no in words: never with
 * an error of its own.
 */
public final class Fuzzer {
    private static final String EDGE = "edge-between-parts";
    private static final String SETUP =
            "{\"kind\":\"leaf\",\"coupling\":\"auto\",\"sensors\":[{\"positionMm\":0,\"widthMm\":1}],\"gateMm\":24,\"nominalSeconds\":0.002}";

    private final String base;
    private final List<String> logs;
    private final PackageInputs packages;
    private final CsvInputs tables;
    private final JsonInputs json;
    private final PictureInputs pictures = new PictureInputs();
    private final WavInputs recordings = new WavInputs();
    private final HttpClient http = HttpClient.newHttpClient();

    /**
     * What came of many inputs of one kind.
     *
     * @param answers how often each status was answered
     * @param broken those that were answered with an error of the server's, or not at all: which, and what was said
     */
    public record Came(Map<Integer, Integer> answers, List<String> broken) {}

    /** What is sent. */
    public enum Kind {
        PACKAGES,
        PICTURES,
        RECORDINGS,
        TABLES,
        BODIES
    }

    /**
     * @param tag a job to work on, and of which the packages are
     */
    public Fuzzer(String base, String tag) throws IOException, InterruptedException {
        this.base = base;
        this.logs = List.of(tag, tag, "shelf", "house", "knowledge", "accounts", "customers", "nothing");
        this.packages = new PackageInputs(bytes("/api/jobs/" + tag + "/package.zip"));
        this.tables = new CsvInputs(new String(bytes("/api/shelf/stock.csv"), StandardCharsets.UTF_8));
        JsonNode document = Mutations.JSON.readTree(bytes("/api/openapi"));
        this.json = new JsonInputs(document);
    }

    private byte[] bytes(String path) throws IOException, InterruptedException {
        return http.send(
                        HttpRequest.newBuilder(URI.create(base + path)).build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    /** Sends so many inputs of one kind; the same ones for the same seed. */
    public Came send(Kind kind, long seed, int count) throws InterruptedException {
        Map<Integer, Integer> answers = new TreeMap<>();
        List<String> broken = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Random random = new Random(seed * 1_000_003 + i);
            HttpRequest request = request(kind, random);
            try {
                HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
                answers.merge(answer.statusCode(), 1, Integer::sum);
                if (answer.statusCode() >= 500) {
                    broken.add(kind + " " + i + ": " + answer.statusCode() + " "
                            + request.uri().getPath() + " " + answer.body());
                }
            } catch (IOException gone) {
                broken.add(kind + " " + i + ": " + gone);
            }
        }
        return new Came(answers, broken);
    }

    private HttpRequest request(Kind kind, Random random) {
        return switch (kind) {
            case PACKAGES -> form("/api/jobs/import", "file", "job.zip", packages.next(random));
            case PICTURES -> form("/api/pictures", "file", "picture.png", pictures.next(random));
            case RECORDINGS -> form("/api/measure", "recording", "run.wav", recordings.next(random));
            case TABLES -> table(random);
            case BODIES -> body(json.next(logs, random));
        };
    }

    private HttpRequest table(Random random) {
        boolean stock = random.nextBoolean();
        HttpRequest.Builder request = HttpRequest.newBuilder(
                        URI.create(base + (stock ? "/api/shelf/stock.csv?by=Ada" : "/api/shelf/catalogue.csv?by=Ada")))
                .header("Content-Type", random.nextInt(4) == 0 ? "text/csv;charset=iso-8859-1" : "text/csv");
        HttpRequest.BodyPublisher body = BodyPublishers.ofByteArray(tables.next(random));
        return (stock ? request.POST(body) : request.PUT(body)).build();
    }

    private HttpRequest body(JsonInputs.Body made) {
        return HttpRequest.newBuilder(URI.create(base + made.path()))
                .header("Content-Type", "application/json")
                .method(made.method().toUpperCase(java.util.Locale.ROOT), BodyPublishers.ofString(made.json()))
                .build();
    }

    private HttpRequest form(String path, String field, String called, byte[] content) {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        part(body, "setup\"", SETUP.getBytes(StandardCharsets.UTF_8));
        part(body, field + "\"; filename=\"" + called + "\"", content);
        body.writeBytes(("--" + EDGE + "--\r\n").getBytes(StandardCharsets.US_ASCII));
        return HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "multipart/form-data; boundary=" + EDGE)
                .POST(BodyPublishers.ofByteArray(body.toByteArray()))
                .build();
    }

    private static void part(ByteArrayOutputStream body, String named, byte[] content) {
        body.writeBytes(("--" + EDGE + "\r\nContent-Disposition: form-data; name=\"" + named + "\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(content);
        body.writeBytes("\r\n".getBytes(StandardCharsets.US_ASCII));
    }
}
