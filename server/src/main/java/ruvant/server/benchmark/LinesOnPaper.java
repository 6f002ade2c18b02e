package ruvant.server.benchmark;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Lines written down by hand with what they say: "stop [A] [off: parts] | line | kind field=value, field=value ; kind … || or
 * else [~] [; never: kinds]".
 */
final class LinesOnPaper {
    private static final ObjectMapper JSON =
            JsonMapper.builderWithJackson2Defaults().build();

    private LinesOnPaper() {}

    static List<JsonNode> read(String name) {
        try (InputStream file =
                Objects.requireNonNull(LinesOnPaper.class.getResourceAsStream("/benchmark/lines/" + name))) {
            List<JsonNode> items = new ArrayList<>();
            new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .forEach(line -> items.add(item(name + ":" + items.size(), line)));
            return items;
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    private static JsonNode item(String id, String line) {
        String[] cells = line.split(" \\| ", 3);
        ObjectNode item = JSON.createObjectNode().put("id", id).put("line", cells[1].strip());
        ObjectNode context = item.putObject("context");
        String[] head = cells[0].split("off:", 2);
        String[] where = head[0].strip().split(" ");
        context.put("stop", where[0]).put("afterWork", where.length > 1);
        ArrayNode off = context.putArray("off");
        if (head.length > 1) {
            Arrays.stream(head[1].split("/")).forEach(part -> off.add(part.strip()));
        }
        String says = cells[2].strip();
        if (says.contains("; never ")) {
            ArrayNode never = item.putArray("never");
            String[] parts = says.split("; never ", 2);
            Arrays.stream(parts[1].split(",")).forEach(kind -> never.add(kind.strip()));
            says = parts[0].strip();
        }
        if (says.endsWith("~")) {
            item.put("remarkOk", true);
            says = says.substring(0, says.length() - 1).strip();
        }
        String[] ways = says.split(" \\|\\| ");
        item.set("expect", statements(ways[0]));
        ArrayNode accept = item.putArray("accept");
        Arrays.stream(ways).skip(1).forEach(way -> accept.add(statements(way)));
        return item;
    }

    private static ArrayNode statements(String text) {
        ArrayNode all = JSON.createArrayNode();
        for (String one : text.split(" ; ")) {
            String[] halves = one.strip().split(" ", 2);
            ObjectNode statement = all.addObject().put("kind", halves[0]);
            if (halves.length > 1) {
                for (String field : halves[1].split(", (?=[a-zA-Z]+=)")) {
                    String[] pair = field.strip().split("=", 2);
                    boolean speed =
                            pair[0].equals("speed") || pair[0].equals("soundsLike") || pair[0].equals("function");
                    statement.set(
                            pair[0], speed ? JSON.getNodeFactory().textNode(pair[1].strip()) : value(pair[1].strip()));
                }
            }
        }
        return all;
    }

    private static JsonNode value(String text) {
        if (text.startsWith("[")) {
            ArrayNode list = JSON.createArrayNode();
            for (String one : text.substring(1, text.length() - 1).split(" / ")) {
                if (one.contains("=")) {
                    ObjectNode piece = list.addObject();
                    for (String field : one.split(" (?=[a-zA-Z]+=)")) {
                        String[] pair = field.strip().split("=", 2);
                        piece.set(pair[0], value(pair[1]));
                    }
                } else {
                    list.add(value(one.strip()));
                }
            }
            return list;
        }
        if (text.equals("true") || text.equals("false")) {
            return JSON.getNodeFactory().booleanNode(text.equals("true"));
        }
        return text.matches("-?\\d+(\\.\\d+)?")
                ? JSON.getNodeFactory().numberNode(Double.parseDouble(text))
                : JSON.getNodeFactory().textNode(text);
    }
}
