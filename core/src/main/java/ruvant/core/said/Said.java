package ruvant.core.said;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes statements of what a frame took from a line. */
final class Said {
    /** A time without a unit is believed where it is within this factor of the marked speed. */
    private static final double PLAUSIBLE = 4;

    private Said() {}

    /** The statements; none where they cannot be meant. */
    static List<Statement> of(Frame frame, Match match, Scene scene) {
        Map<String, Object> first = new LinkedHashMap<>();
        Map<String, Object> second = new LinkedHashMap<>();
        match.fields().forEach((name, value) -> put(name, value, first, second, scene));
        frame.constants().forEach((name, value) -> put(name, value, first, second, scene));
        if (first.containsKey("raw")) {
            Optional<Double> seconds = seconds(first);
            if (seconds.isEmpty()) {
                return List.of();
            }
            first.remove("raw");
            first.put("seconds", List.of(seconds.get()));
        }
        if (first.get("missed") instanceof Double missed && first.remove("tried") instanceof Double tried) {
            if (missed > tried) {
                return List.of();
            }
            first.put("good", tried - missed);
        } else if (first.get("good") instanceof Double good && first.remove("tried") instanceof Double tried) {
            if (good > tried) {
                return List.of();
            }
            first.put("missed", tried - good);
        }
        List<Statement> said = new ArrayList<>();
        Object part = first.get("part");
        if (part instanceof List<?> parts) {
            parts.forEach(one -> said.add(new Statement(frame.kind(), first).with("part", one)));
        } else {
            said.add(new Statement(frame.kind(), first));
        }
        said.replaceAll(Said::counted);
        if (!second.isEmpty()) {
            boolean alike = !(second.remove("kind") instanceof String);
            StatementKind kind = alike
                    ? frame.kind()
                    : StatementKind.of(frame.constants().get("2.kind").toString());
            if (alike) {
                frame.constants().forEach((name, value) -> second.putIfAbsent(name, first.get(name)));
            }
            said.add(new Statement(kind, second));
        }
        return said;
    }

    private static final java.util.Set<StatementKind> OF_PIECES = java.util.EnumSet.of(
            StatementKind.LOST, StatementKind.FOUND_AGAIN, StatementKind.MISSING, StatementKind.SURPLUS);

    /** A singular counts one. */
    private static Statement counted(Statement one) {
        boolean single = OF_PIECES.contains(one.kind())
                && !one.fields().containsKey("count")
                && !one.text("what").endsWith("s");
        return single ? one.with("count", 1.0) : one;
    }

    private static void put(
            String name, Object value, Map<String, Object> first, Map<String, Object> second, Scene scene) {
        boolean other = name.startsWith("2.");
        String field = (other ? name.substring(2) : name).replace("+", "");
        Object meant = value;
        if ("BEFORE".equals(value)) {
            meant = !scene.context().afterWork();
        }
        if (value instanceof String text && text.startsWith("^")) {
            meant = scene.last()
                    .map(last -> last.fields().get(text.substring(1)))
                    .orElse("");
        }
        if (field.endsWith("~")) {
            String whole = field.substring(0, field.length() - 1);
            Map<String, Object> into = other ? second : first;
            into.put(whole, (into.getOrDefault(whole, "") + " " + meant).strip());
            return;
        }
        if ("true".equals(value)) {
            meant = true;
        }
        if (field.equals("odds") || field.equals("cycles")) {
            meant = Double.valueOf(value.toString());
        }
        if (field.equals("odds") && value instanceof Double percent && percent > 1) {
            meant = percent / 100;
        }
        if (field.equals("errorEv") && value instanceof Double stops) {
            meant = Math.rint(stops * 100) / 100;
        }
        if (field.equals("seconds") && !(value instanceof List)) {
            meant = List.of(value);
        }
        (other ? second : first).put(field, meant);
    }

    private static Optional<Double> seconds(Map<String, Object> fields) {
        double raw = (Double) fields.get("raw");
        String speed = String.valueOf(fields.getOrDefault("speed", ""));
        if (!speed.matches("\\d+(/\\d+)?")) {
            return Optional.empty();
        }
        String[] parts = speed.split("/");
        double marked = parts.length == 2 ? 1 / Double.parseDouble(parts[1]) : Double.parseDouble(parts[0]);
        boolean inSeconds = raw / marked < PLAUSIBLE && marked / raw < PLAUSIBLE;
        boolean inMillis = raw / 1000 / marked < PLAUSIBLE && marked / (raw / 1000) < PLAUSIBLE;
        return inSeconds ? Optional.of(raw) : inMillis ? Optional.of(raw / 1000) : Optional.empty();
    }
}
