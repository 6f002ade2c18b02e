package ruvant.core.said;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * All frames, read from data. A line is "kind[@kind before] : pattern [=> field=value, field=value] [;; cost]", or "NAME :=
 * pattern" for a pattern that others use; a line that begins with spaces goes on with the one before.
 */
final class Frames {
    private final List<Frame> all = new ArrayList<>();

    Frames(List<String> texts, Vocabulary vocabulary) {
        Map<String, Pattern> named = new HashMap<>();
        for (int text = 0; text < texts.size(); text++) {
            for (String line : joined(texts.get(text))) {
                if (line.contains(" := ")) {
                    String[] parts = line.split(" := ", 2);
                    named.put(parts[0].strip(), PatternText.read(parts[1], named, vocabulary));
                } else {
                    all.add(frame(all.size(), line, text > 0, named, vocabulary));
                }
            }
        }
    }

    private static List<String> joined(String data) {
        List<String> lines = new ArrayList<>();
        for (String raw : data.split("\n")) {
            if (raw.isBlank() || raw.startsWith("#")) {
                continue;
            }
            if (raw.startsWith(" ")) {
                lines.set(lines.size() - 1, lines.getLast() + " " + raw.strip());
            } else {
                lines.add(raw.strip());
            }
        }
        return lines;
    }

    private static Frame frame(
            int number, String line, boolean command, Map<String, Pattern> named, Vocabulary vocabulary) {
        String[] costed = line.split(";;", 2);
        double cost = costed.length > 1 ? Double.parseDouble(costed[1].strip()) : 0;
        String[] halves = costed[0].split("=>", 2);
        String[] head = halves[0].split(":", 2);
        String[] kinds = head[0].strip().split("@");
        return new Frame(
                number,
                StatementKind.of(kinds[0]),
                kinds.length > 1 ? StatementKind.of(kinds[1]) : null,
                PatternText.read(head[1], named, vocabulary),
                halves.length > 1 ? constants(halves[1]) : Map.of(),
                head[1].contains(Slot.SAME.name()),
                command,
                cost);
    }

    private static Map<String, Object> constants(String text) {
        Map<String, Object> constants = new LinkedHashMap<>();
        for (String one : text.split(",")) {
            String[] parts = one.strip().split("=", 2);
            constants.put(parts[0], value(parts[1].strip()));
        }
        return constants;
    }

    private static Object value(String text) {
        if (text.equals("true") || text.equals("false")) {
            return Boolean.valueOf(text);
        }
        return text.matches("-?\\d+(\\.\\d+)?") ? (Object) Double.valueOf(text) : text;
    }

    List<Frame> all() {
        return all;
    }
}
