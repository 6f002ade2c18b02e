package ruvant.core.strip;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.trade.Side;
import ruvant.core.units.PartName;

/**
 * A question about the part that came off last: it came from inside while the camera was open at several sides, and nobody
 * can tell which of them had to be open for it. Without an answer it lies under all of them, which is safe and slow.
 *
 * @param part the part from inside
 * @param ways the open sides, at least two
 */
public record ReachedThrough(PartName part, List<OpenSide> ways) {
    public ReachedThrough {
        ways = List.copyOf(ways);
    }

    /**
     * One side through which it may have been reached.
     *
     * @param freeOf what is out at the other sides, and lies not over it if this side alone had to be open
     */
    public record OpenSide(Side side, List<PartName> freeOf) {
        public OpenSide {
            freeOf = List.copyOf(freeOf);
        }
    }

    private static final Set<Basis> OPEN_TO_DOUBT = Set.of(Basis.DEFAULT, Basis.ANATOMY, Basis.COVER);

    /** The question about what came off last; empty where there is nothing to ask. */
    public static Optional<ReachedThrough> of(Valley valley) {
        return valley.out().stream()
                .reduce((one, next) -> next.removedAt().isBefore(one.removedAt()) ? one : next)
                .filter(last ->
                        last.removed().side() == Side.INSIDE && last.removed().within() == null)
                .flatMap(last -> about(valley, last));
    }

    private static Optional<ReachedThrough> about(Valley valley, ValleyPart last) {
        Map<Side, List<PartName>> open = new EnumMap<>(Side.class);
        for (ValleyPart part : valley.out()) {
            Basis basis = last.place().lying().get(part.name());
            if (basis != null && OPEN_TO_DOUBT.contains(basis) && part.removed().side() != Side.INSIDE) {
                open.computeIfAbsent(opened(part.removed().side()), side -> new ArrayList<>())
                        .add(part.name());
            }
        }
        List<OpenSide> ways = open.keySet().stream()
                .map(side -> new OpenSide(side, others(open, side)))
                .toList();
        return ways.size() < 2 ? Optional.empty() : Optional.of(new ReachedThrough(last.name(), ways));
    }

    /** The lens is reached through the front. */
    private static Side opened(Side side) {
        return side == Side.LENS_FRONT || side == Side.LENS_REAR ? Side.FRONT : side;
    }

    private static List<PartName> others(Map<Side, List<PartName>> open, Side side) {
        return open.entrySet().stream()
                .filter(entry -> entry.getKey() != side)
                .flatMap(entry -> entry.getValue().stream())
                .toList();
    }
}
