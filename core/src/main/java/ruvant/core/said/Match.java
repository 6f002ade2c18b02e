package ruvant.core.said;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How far a pattern reaches into a line, and what it took from it.
 *
 * @param end the word after the last
 * @param fields what was taken
 * @param cost how much had to be forgiven: 0 where each word is explained by something known
 */
record Match(int end, Map<String, Object> fields, double cost) {
    static Match empty(int at) {
        return new Match(at, Map.of(), 0);
    }

    /** Followed by another. A name that ends with a plus gathers a list. */
    Match then(Match next) {
        if (next.fields.isEmpty()) {
            return new Match(next.end, fields, cost + next.cost);
        }
        Map<String, Object> both = new LinkedHashMap<>(fields);
        next.fields.forEach((name, value) -> {
            if (name.endsWith("+")) {
                List<Object> all = new ArrayList<>();
                if (both.get(name) instanceof List<?> before) {
                    all.addAll(before);
                }
                all.addAll(value instanceof List<?> more ? more : List.of(value));
                both.put(name, List.copyOf(all));
            } else {
                // words that belong together are gathered in the order in which they are said
                both.merge(name, value, (before, more) -> name.endsWith("~") ? before + " " + more : more);
            }
        });
        return new Match(next.end, both, cost + next.cost);
    }

    /** So few are followed sooner than compared. */
    private static final int FEW = 6;

    /** Of those that reach as far and took the same, only the cheapest. */
    static List<Match> cheapest(List<Match> all) {
        if (all.size() < FEW) {
            return all;
        }
        Map<List<Object>, Match> best = new LinkedHashMap<>();
        for (Match one : all) {
            best.merge(List.of(one.end, one.fields), one, (before, more) -> more.cost < before.cost ? more : before);
        }
        return List.copyOf(best.values());
    }

    Match with(String name, Object value) {
        return then(new Match(end, Map.of(name, value), 0));
    }
}
