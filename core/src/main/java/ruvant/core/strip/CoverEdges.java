package ruvant.core.strip;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.units.PartName;

/** Which part lies over which, kept free of circles. */
final class CoverEdges {
    private final Map<PartName, Set<PartName>> over = new HashMap<>();

    Set<PartName> over(PartName under) {
        return over.getOrDefault(under, Set.of());
    }

    void set(PartName above, PartName under) {
        over.computeIfAbsent(under, name -> new LinkedHashSet<>()).add(above);
    }

    void clear(PartName above, PartName under) {
        Set<PartName> uppers = over.get(under);
        if (uppers != null) {
            uppers.remove(above);
        }
    }

    /** The circle that "above over under" would close, from above down to above again; empty if there is none. */
    Optional<List<PartName>> circle(PartName above, PartName under) {
        Map<PartName, PartName> cameFrom = new HashMap<>();
        Deque<PartName> next = new ArrayDeque<>(List.of(above));
        while (!next.isEmpty()) {
            PartName one = next.poll();
            if (one.equals(under)) {
                return Optional.of(path(above, under, cameFrom));
            }
            for (PartName upper : over(one)) {
                if (!upper.equals(above) && cameFrom.putIfAbsent(upper, one) == null) {
                    next.add(upper);
                }
            }
        }
        return Optional.empty();
    }

    private static List<PartName> path(PartName above, PartName under, Map<PartName, PartName> cameFrom) {
        List<PartName> loop = new ArrayList<>(List.of(under));
        for (PartName one = under; !one.equals(above); ) {
            one = cameFrom.get(one);
            loop.add(one);
        }
        loop.add(under);
        return loop.reversed();
    }

    /** Every part that lies over this one, directly or not. */
    Set<PartName> allOver(PartName under) {
        Set<PartName> found = new HashSet<>();
        Deque<PartName> next = new ArrayDeque<>(over(under));
        while (!next.isEmpty()) {
            PartName one = next.poll();
            if (found.add(one)) {
                next.addAll(over(one));
            }
        }
        return found;
    }
}
