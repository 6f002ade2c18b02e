package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ruvant.core.said.LineContext;
import ruvant.core.said.LineReader;
import ruvant.core.said.LineReading;
import ruvant.core.said.Statement;
import ruvant.core.said.StatementKind;
import ruvant.core.trade.Stop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Judges what lines were read as: right, silent, wrong, and whether anything harmful was concluded. */
public final class LineScore {
    /** What a reading is worth. */
    public enum Verdict {
        RIGHT,
        SILENT,
        WRONG,
        HARMFUL
    }

    /** A line, how it was read, and the verdict. */
    public record Judged(JsonNode item, LineReading reading, Verdict verdict) {}

    private LineScore() {}

    /** The lines of a file. */
    public static List<JsonNode> items(String name) {
        if (name.endsWith(".txt")) {
            return LinesOnPaper.read(name);
        }
        List<JsonNode> items = new ArrayList<>();
        JsonMapper.builderWithJackson2Defaults()
                .build()
                .readTree(LineScore.class.getResourceAsStream("/benchmark/lines/" + name))
                .forEach(items::add);
        return items;
    }

    /** How one line was read, and what that is worth. */
    public static Judged judge(JsonNode item, LineReader reader) {
        JsonNode context = item.get("context");
        List<String> off = new ArrayList<>();
        context.get("off").forEach(one -> off.add(one.asText()));
        LineReading reading = reader.read(
                item.get("line").asText(),
                new LineContext(
                        stop(context.get("stop").asText()),
                        off,
                        List.of(),
                        context.get("afterWork").asBoolean()));
        return new Judged(item, reading, verdict(item, reading));
    }

    private static Stop stop(String name) {
        return name.equals("adjust") ? Stop.REFIT : Stop.valueOf(name.toUpperCase(Locale.ROOT));
    }

    private static Verdict verdict(JsonNode item, LineReading reading) {
        List<Statement> said = reading.statements();
        for (JsonNode never : item.path("never")) {
            if (said.stream().anyMatch(one -> named(never.asText(), one))) {
                return Verdict.HARMFUL;
            }
        }
        boolean remark = said.isEmpty();
        if (fits(item.get("expect"), said)) {
            return Verdict.RIGHT;
        }
        for (JsonNode other : item.path("accept")) {
            if (fits(other, said)) {
                return Verdict.RIGHT;
            }
        }
        if (remark) {
            return item.path("remarkOk").asBoolean() ? Verdict.RIGHT : Verdict.SILENT;
        }
        return Verdict.WRONG;
    }

    private static boolean named(String never, Statement one) {
        if (never.equals("returned")) {
            return false;
        }
        if (never.equals("lubricated")) {
            return one.kind() == StatementKind.TREATED && one.text("action").equals("lubricate");
        }
        String[] parts = never.split("=", 2);
        String[] path = parts[0].split("\\.");
        if (!one.kind().id().equals(path[0])) {
            return false;
        }
        if (parts.length == 1) {
            return true;
        }
        Object at = one.fields().get(path[1]);
        if (path.length == 3 && at instanceof List<?> list) {
            return list.stream().anyMatch(each -> each instanceof Map<?, ?> map && same(parts[1], map.get(path[2])));
        }
        return same(parts[1], at);
    }

    private static boolean same(String listed, Object said) {
        if (said instanceof Double number && listed.matches("-?[\\d.]+")) {
            return close(Double.parseDouble(listed), number);
        }
        return said != null && plain(listed).equals(plain(said.toString()));
    }

    private static boolean fits(JsonNode list, List<Statement> said) {
        boolean asked = list.size() == 1 && list.get(0).get("kind").asText().equals("remark");
        if (asked) {
            return said.isEmpty();
        }
        if (list.size() != said.size()) {
            return false;
        }
        for (int at = 0; at < said.size(); at++) {
            if (!fits(list.get(at), said.get(at))) {
                return false;
            }
        }
        return true;
    }

    private static boolean fits(JsonNode listed, Statement one) {
        if (!listed.get("kind").asText().equals(one.kind().id())) {
            return false;
        }
        for (Map.Entry<String, JsonNode> field : listed.properties()) {
            if (!field.getKey().equals("kind")
                    && !alike(field.getValue(), one.fields().get(field.getKey()))) {
                return false;
            }
        }
        return true;
    }

    private static boolean alike(JsonNode listed, Object said) {
        if (said == null) {
            return false;
        }
        if (listed.isNumber()) {
            return said instanceof Number number && close(listed.asDouble(), number.doubleValue());
        }
        if (listed.isBoolean()) {
            return said.equals(listed.asBoolean());
        }
        if (listed.isArray()) {
            if (!(said instanceof List<?> list) || list.size() != listed.size()) {
                return false;
            }
            for (int at = 0; at < list.size(); at++) {
                if (!alike(listed.get(at), list.get(at))) {
                    return false;
                }
            }
            return true;
        }
        if (listed.isObject()) {
            return said instanceof Map<?, ?> map
                    && listed.properties().stream().allMatch(field -> alike(field.getValue(), map.get(field.getKey())));
        }
        return plain(listed.asText()).equals(plain(said.toString()));
    }

    private static boolean close(double one, double other) {
        return Math.abs(one - other) <= 0.01 * Math.max(Math.abs(one), 1e-9);
    }

    /** Without case, punctuation and articles. */
    static String plain(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replaceAll("['’]", "")
                .replaceAll("[^\\p{L}\\d/.]+", " ")
                .replaceAll("\\b(a|an|the)\\b", " ")
                .replaceAll("\\s+", " ")
                .strip();
    }
}
