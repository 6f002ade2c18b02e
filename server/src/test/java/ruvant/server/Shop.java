package ruvant.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.server.config.EntryJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/** A person at a running Ruvant, over plain HTTP: what any window could send. */
public final class Shop {
    public static final ObjectMapper JSON =
            JsonMapper.builderWithJackson2Defaults().build();

    private static final ObjectMapper ENTRIES = entries();

    private final String base;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private static ObjectMapper entries() {
        JsonMapper.Builder json = JsonMapper.builderWithJackson2Defaults();
        EntryJson.configure(json);
        return json.build();
    }

    /** Values of the core as they are sent. */
    public static String json(Object value) {
        return ENTRIES.writeValueAsString(value);
    }

    public Shop(int port) {
        this.base = "http://127.0.0.1:" + port;
    }

    /** An answer: its status and its body as JSON. */
    public record Answer(int status, JsonNode body) {
        public String code() {
            return body.path("code").asText();
        }
    }

    /** The value of a cookie that was set here. */
    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(one -> one.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
    }

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(base + path)).GET().build());
    }

    /** The same with a cookie that was not set here. */
    public Answer getWith(String cookie, String path) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Cookie", cookie)
                .GET()
                .build());
    }

    /** Only how it was answered. */
    public int status(String path) {
        try {
            return http.send(
                            HttpRequest.newBuilder(URI.create(base + path))
                                    .GET()
                                    .build(),
                            HttpResponse.BodyHandlers.discarding())
                    .statusCode();
        } catch (IOException | InterruptedException problem) {
            throw new AssertionError(problem);
        }
    }

    public byte[] bytes(String path) {
        try {
            return http.send(
                            HttpRequest.newBuilder(URI.create(base + path))
                                    .GET()
                                    .build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException | InterruptedException problem) {
            throw new AssertionError(problem);
        }
    }

    public Answer post(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    public Answer csv(String path, String table) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "text/csv;charset=UTF-8")
                .POST(HttpRequest.BodyPublishers.ofString(table))
                .build());
    }

    /** Posts something of another type. */
    public Answer send(String path, String type, String body) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    /** Posts JSON to a door that answers with text. */
    public String text(String path, String body) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofString()).body();
        } catch (IOException | InterruptedException problem) {
            throw new IllegalStateException(problem);
        }
    }

    public Answer put(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    public Answer delete(String path) {
        return send(HttpRequest.newBuilder(URI.create(base + path)).DELETE().build());
    }

    public Answer upload(String path, byte[] content) {
        return form(path, "file", content, Map.of());
    }

    /** Puts a recording through the plain door; the setup as a plain field, as many libraries send it. */
    public Answer measure(byte[] recording, String setup) {
        return form("/api/measure", "recording", recording, Map.of("setup", setup));
    }

    /** Hands in a recording of a whole run. */
    public Answer sweep(String tag, byte[] file, String setup, String turned, int each) {
        return form(
                "/api/jobs/" + tag + "/recordings",
                "file",
                file,
                Map.of("setup", setup, "turned", turned, "each", String.valueOf(each)));
    }

    /** Lines of JSON as a recording is measured. */
    public List<String> measureInLines(byte[] recording, String setup) {
        return inLines(formOf("/api/measure", "recording", recording, Map.of("setup", setup)));
    }

    /** Lines of JSON while a file comes in. */
    public List<String> uploadInLines(String path, byte[] content) {
        return inLines(formOf(path, "file", content, Map.of()));
    }

    private List<String> inLines(HttpRequest.Builder form) {
        HttpRequest request = form.header("Accept", "application/x-ndjson").build();
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofLines())
                    .body()
                    .toList();
        } catch (IOException | InterruptedException problem) {
            throw new AssertionError(problem);
        }
    }

    private Answer form(String path, String name, byte[] content, Map<String, String> fields) {
        return send(formOf(path, name, content, fields).build());
    }

    private HttpRequest.Builder formOf(String path, String name, byte[] content, Map<String, String> fields) {
        String mark = "----ruvant-test";
        StringBuilder head = new StringBuilder();
        fields.forEach((field, value) -> head.append(
                "--%s\r\nContent-Disposition: form-data; name=\"%s\"\r\n\r\n%s\r\n".formatted(mark, field, value)));
        head.append(
                "--%s\r\nContent-Disposition: form-data; name=\"%s\"; filename=\"a\"\r\nContent-Type: application/octet-stream\r\n\r\n"
                        .formatted(mark, name));
        return HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "multipart/form-data; boundary=" + mark)
                .POST(HttpRequest.BodyPublishers.concat(
                        HttpRequest.BodyPublishers.ofString(head.toString()),
                        HttpRequest.BodyPublishers.ofByteArray(content),
                        HttpRequest.BodyPublishers.ofString("\r\n--" + mark + "--\r\n")));
    }

    public Answer postBytes(String path, byte[] body) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build());
    }

    private Answer send(HttpRequest request) {
        try {
            HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
            String body = response.body();
            boolean json =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Answer(
                    response.statusCode(), json && !body.isEmpty() ? JSON.readTree(body) : JSON.createObjectNode());
        } catch (IOException | InterruptedException problem) {
            throw new AssertionError(problem);
        }
    }

    /** Receives a camera and gives its tag. */
    public String camera(String owner) {
        Answer answer = post("/api/jobs", opening(UUID.randomUUID(), owner));
        if (answer.status() != 200) {
            throw new AssertionError(answer);
        }
        return answer.body().get("tag").asText();
    }

    public static String opening(UUID id, String owner) {
        return """
                {"id":"%s","by":"Ada","received":{"kind":"received",
                 "camera":{"maker":"Pellworm","model":"Twin","pattern":"2nd pattern","serial":"338120","bodyType":"TLR","family":"LEAF_LENS"},
                 "owner":{"name":"%s","contact":"","shopsOwn":false},"lens":"","accessories":["case"],
                 "complaint":"Slow speeds drag","series":"DOUBLING","speeds":["1","1/60","1/500"]}}
                """.formatted(id, owner);
    }

    /** Adds entries given as JSON, as one. */
    public Answer add(String tag, String... entries) {
        return add(tag, 0, entries);
    }

    /** The same, on a view; answers with the job as it then is, or with the refusal. */
    public Answer add(String tag, long basedOn, String... entries) {
        Answer said = say(tag, basedOn, entries);
        return said.status() == 200 ? get("/api/jobs/" + tag) : said;
    }

    /** Adds entries to any log, as one. */
    public Answer say(String log, String... entries) {
        return say(log, 0, entries);
    }

    /** The same, on a view of the log. */
    public Answer say(String log, long basedOn, String... entries) {
        return post("/api/logs/" + log + "/lines", lines(basedOn, entries));
    }

    /** The record of a log. */
    public JsonNode lines(String log) {
        return get("/api/logs/" + log + "/lines").body();
    }

    public static String lines(long basedOn, String... entries) {
        String lines = Arrays.stream(entries)
                .map(entry -> "{\"id\":\"%s\",\"entry\":%s}".formatted(UUID.randomUUID(), entry))
                .collect(Collectors.joining(","));
        return "{\"by\":\"Ada\",\"basedOn\":%d,\"lines\":[%s]}".formatted(basedOn, lines);
    }

    public static String off(String part) {
        return "{\"kind\":\"removed\",\"part\":\"%s\",\"side\":\"FRONT\",\"covers\":false}".formatted(part);
    }

    public static String back(String part) {
        return "{\"kind\":\"refitted\",\"part\":\"%s\",\"fasteners\":[]}".formatted(part);
    }

    public static String note(String text) {
        return "{\"kind\":\"noted\",\"text\":\"%s\"}".formatted(text);
    }
}
