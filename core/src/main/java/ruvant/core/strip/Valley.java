package ruvant.core.strip;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import ruvant.core.units.PartName;

/**
 * Everything that came off, in the order in which it first did.
 *
 * @param parts outermost first as far as the order of work tells
 */
public record Valley(List<ValleyPart> parts) {
    public Valley {
        parts = List.copyOf(parts);
    }

    /** The part of this name, if it ever came off. */
    public Optional<ValleyPart> part(PartName name) {
        return parts.stream().filter(part -> part.name().equals(name)).findFirst();
    }

    /** Parts that are out now. */
    public List<ValleyPart> out() {
        return parts.stream().filter(ValleyPart::out).toList();
    }

    /**
     * What lies next to a part.
     *
     * @throws java.util.NoSuchElementException where no part of this name came off
     */
    public Neighbours neighbours(PartName name) {
        return Neighbours.of(this, part(name).orElseThrow());
    }

    /** How many pieces ever came off, at the last removal of each part. */
    public int piecesOff() {
        return parts.stream().mapToInt(part -> part.removed().pieces()).sum();
    }

    /** For each part, the parts that lie under it, directly or not, nearest first. */
    public Map<PartName, Set<PartName>> under() {
        Map<PartName, List<PartName>> directly =
                parts.stream().collect(Collectors.toMap(ValleyPart::name, part -> new java.util.ArrayList<>()));
        parts.forEach(part -> part.over().forEach(over -> {
            if (directly.containsKey(over)) {
                directly.get(over).add(part.name());
            }
        }));
        return parts.stream()
                .map(ValleyPart::name)
                .collect(Collectors.toMap(Function.identity(), name -> reach(name, directly)));
    }

    private static Set<PartName> reach(PartName from, Map<PartName, List<PartName>> directly) {
        Set<PartName> reached = new LinkedHashSet<>();
        Set<PartName> seen = new HashSet<>(Set.of(from));
        Deque<PartName> next = new ArrayDeque<>(directly.get(from));
        while (!next.isEmpty()) {
            PartName one = next.poll();
            if (seen.add(one)) {
                reached.add(one);
                next.addAll(directly.get(one));
            }
        }
        return reached;
    }
}
