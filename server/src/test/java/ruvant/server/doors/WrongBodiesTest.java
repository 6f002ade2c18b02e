package ruvant.server.doors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import ruvant.server.Shop;
import ruvant.server.Started;
import tools.jackson.databind.JsonNode;

/** Whatever is sent to whichever door, what is wrong with it is said in words; nothing breaks inside. */
class WrongBodiesTest {
    /** One of its own: some of what is sent is taken, and would change the shop of other tests. */
    private static final Started RUVANT = Started.on(Started.folder());

    private final Shop shop = RUVANT.shop();

    @AfterAll
    static void end() {
        RUVANT.close();
    }

    /** None of them is what anything here expects, or all that it expects. */
    private static final List<String> VALUES = List.of(
            "null",
            "\"\"",
            "\"§§\"",
            "-1",
            "1e300",
            "4294967297",
            "true",
            "[]",
            "[null]",
            "[[]]",
            "{}",
            "{\"kind\":7}");

    private final List<String> broken = new ArrayList<>();
    private String tag;

    private void tried(String method, String path, String body) {
        Shop.Answer answer = method.equals("put") ? shop.put(path, body) : shop.post(path, body);
        if (answer.status() >= 500) {
            broken.add(answer.status() + " " + method + " " + path + " " + body);
        } else if (answer.status() >= 400 && answer.status() != 404) {
            if (answer.body().path("detail").asString().isBlank()) {
                broken.add(answer.status() + " without words: " + method + " " + path + " " + body);
            }
        }
    }

    private JsonNode document() {
        return shop.get("/api/openapi").body();
    }

    private JsonNode schema(JsonNode of) {
        JsonNode at = of;
        while (at.has("$ref")) {
            at = document.at(at.get("$ref").asString().substring(1));
        }
        return at;
    }

    private JsonNode document;

    /** A value that a schema would take, as far as it says. */
    private String usual(JsonNode said, int deep) {
        JsonNode of = schema(said);
        if (of.has("enum")) {
            return of.get("enum").get(0).toString();
        }
        String type = of.path("type").isArray()
                ? of.get("type").get(0).asString()
                : of.path("type").asString("object");
        return switch (type) {
            case "integer", "number" -> "3";
            case "boolean" -> "true";
            case "array" -> deep == 0 ? "[]" : "[" + usual(of.get("items"), deep - 1) + "]";
            case "string" ->
                switch (of.path("format").asString("")) {
                    case "uuid" -> "\"" + UUID.randomUUID() + "\"";
                    case "date" -> "\"2031-03-04\"";
                    case "date-time" -> "\"2031-03-04T09:00:00Z\"";
                    default -> "\"some\"";
                };
            default -> deep == 0 ? "{}" : object(of, deep, "", "");
        };
    }

    private String object(JsonNode of, int deep, String changed, String to) {
        Map<String, String> all = new LinkedHashMap<>();
        of.path("properties").properties().forEach(one -> all.put(one.getKey(), usual(one.getValue(), deep - 1)));
        if (!changed.isEmpty()) {
            all.put(changed, to);
        }
        return all.entrySet().stream()
                .map(one -> "\"" + one.getKey() + "\":" + one.getValue())
                .collect(java.util.stream.Collectors.joining(",", "{", "}"));
    }

    private String addressed(String path) {
        return path.replace("{tag}", tag)
                .replace("{log}", tag)
                .replaceAll("\\{[^}]*(id|Id|line)\\}", UUID.randomUUID().toString())
                .replaceAll("\\{[^}]+\\}", "some");
    }

    @Test
    void noBodyBreaksAnyDoor() {
        tag = shop.camera("Wrong");
        document = document();
        int doors = 0;
        for (var path : document.get("paths").properties()) {
            for (String method : List.of("post", "put")) {
                JsonNode body = path.getValue().path(method).at("/requestBody/content/application~1json/schema");
                if (body.isMissingNode()) {
                    continue;
                }
                doors++;
                String at = addressed(path.getKey());
                VALUES.forEach(value -> tried(method, at, value));
                JsonNode of = schema(body);
                for (String part : new TreeSet<>(of.path("properties").propertyNames())) {
                    VALUES.forEach(value -> tried(method, at, object(of, 3, part, value)));
                }
            }
        }
        assertThat(doors).isGreaterThan(15);
        assertThat(broken).isEmpty();
    }

    @Test
    void noKindOfLineBreaksItsLog() {
        tag = shop.camera("Lines");
        document = document();
        JsonNode kinds = document.at("/components/schemas/Entry/discriminator/mapping");
        assertThat(kinds.size()).isGreaterThan(100);
        for (var kind : kinds.properties()) {
            JsonNode of = document.at(kind.getValue().asString().substring(1));
            for (String log : List.of(tag, "house", "shelf", "knowledge", "accounts", "customers")) {
                line(log, "{\"kind\":\"" + kind.getKey() + "\"}");
            }
            for (String part : of.path("properties").propertyNames()) {
                for (String value : List.of("null", "\"§§\"", "-1", "4294967297", "[null]", "{}")) {
                    if (!part.equals("kind")) {
                        line(tag, object(of, 3, part, value));
                    }
                }
            }
        }
        assertThat(broken).isEmpty();
    }

    private void line(String log, String entry) {
        tried("post", "/api/logs/" + log + "/lines", Shop.lines(0, entry));
    }

    @Test
    void noFigureOrWordInAnAddressBreaksAnything() {
        tag = shop.camera("Asked");
        document = document();
        int asked = 0;
        for (var path : document.get("paths").properties()) {
            JsonNode get = path.getValue().path("get");
            if (get.isMissingNode() || path.getKey().equals("/api/events")) {
                continue;
            }
            for (String value : List.of("", "x", "-1", "1e9", "4294967297", "%00", "%F0%9F%93%B7", "2031-99-99")) {
                String query = "";
                for (JsonNode one : get.path("parameters")) {
                    if (one.get("in").asString().equals("query")) {
                        query += (query.isEmpty() ? "?" : "&") + one.get("name").asString() + "=" + value;
                    }
                }
                asked++;
                for (String at : List.of(addressed(path.getKey()), path.getKey().replaceAll("\\{[^}]+\\}", "x"))) {
                    int status = shop.status(at + query);
                    if (status >= 500) {
                        broken.add(status + " " + at + query);
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(200);
        assertThat(broken).isEmpty();
    }
}
