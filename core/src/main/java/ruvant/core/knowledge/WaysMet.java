package ruvant.core.knowledge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.PartName;

/** Gathers, job by job, what had come off over each part, to see where people went different ways. */
final class WaysMet {
    /** Other ways beyond these were taken once each and tell little. */
    private static final int SHOWN = 3;

    /** One job's way to one part: what lay over it, and all that came off in that job. */
    private record Way(Set<String> over, Set<String> off) {}

    private final Map<String, List<Way>> ways = new HashMap<>();

    void take(Valley valley) {
        Set<String> off = valley.parts().stream().map(part -> part.name().key()).collect(Collectors.toSet());
        Map<String, Set<String>> over = new HashMap<>();
        valley.under()
                .forEach((above, below) ->
                        below.forEach(part -> over.computeIfAbsent(part.key(), name -> new HashSet<>())
                                .add(above.key())));
        for (ValleyPart part : valley.parts()) {
            String key = part.name().key();
            ways.computeIfAbsent(key, name -> new ArrayList<>()).add(new Way(over.getOrDefault(key, Set.of()), off));
        }
    }

    /**
     * Ways to a part that left on something which usually comes off before it; those of most jobs first.
     *
     * @param usually for each part's key, names of what usually comes off directly before it
     * @param name what a part is called, by its key
     */
    List<KnownPart.OtherWay> others(String part, Map<String, List<String>> usually, UnaryOperator<String> name) {
        Set<String> usual = new HashSet<>();
        reach(part, usually, usual);
        usual.remove(part);
        Map<List<List<String>>, Integer> counted = new LinkedHashMap<>();
        for (Way way : ways.get(part)) {
            List<String> without = named(usual, way.off(), name);
            if (!without.isEmpty()) {
                counted.merge(List.of(without, named(way.over(), usual, name)), 1, Integer::sum);
            }
        }
        return counted.entrySet().stream()
                .sorted(Map.Entry.<List<List<String>>, Integer>comparingByValue(Comparator.reverseOrder()))
                .limit(SHOWN)
                .map(one -> new KnownPart.OtherWay(
                        one.getKey().getFirst(), one.getKey().getLast(), one.getValue()))
                .toList();
    }

    private static void reach(String part, Map<String, List<String>> usually, Set<String> reached) {
        if (reached.add(part)) {
            usually.getOrDefault(part, List.of())
                    .forEach(above -> reach(PartName.of(above).key(), usually, reached));
        }
    }

    private static List<String> named(Set<String> these, Set<String> notThese, UnaryOperator<String> name) {
        return these.stream()
                .filter(key -> !notThese.contains(key))
                .map(name)
                .sorted()
                .toList();
    }
}
