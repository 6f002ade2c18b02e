package ruvant.core.strip;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import ruvant.core.units.PartName;

/**
 * What lies next to a part, outward and inward.
 *
 * @param outward next over it; empty where nothing came off there before it
 * @param inward next under it; empty where nothing came off there after it
 */
public record Neighbours(Optional<Neighbour> outward, Optional<Neighbour> inward) {
    /**
     * A part next to another.
     *
     * @param known whether they are known to lie over each other; else it only came off just before or after, on the same
     *     side and out of the same assembly
     */
    public record Neighbour(PartName part, boolean known) {}

    /** Those of a part: what is known to lie over and under it counts, the order of work only without that. */
    static Neighbours of(Valley valley, ValleyPart part) {
        List<ValleyPart> here = valley.parts().stream()
                .filter(one -> one.removed().side() == part.removed().side())
                .filter(one ->
                        Objects.equals(one.removed().within(), part.removed().within()))
                .toList();
        int at = here.indexOf(part);
        Optional<ValleyPart> over =
                valley.parts().stream().filter(one -> part.known(one.name())).reduce((outer, nearer) -> nearer);
        Optional<ValleyPart> under =
                valley.parts().stream().filter(one -> one.known(part.name())).findFirst();
        return new Neighbours(near(over, here, at - 1), near(under, here, at + 1));
    }

    private static Optional<Neighbour> near(Optional<ValleyPart> known, List<ValleyPart> here, int inOrder) {
        if (known.isPresent()) {
            return known.map(part -> new Neighbour(part.name(), true));
        }
        return inOrder < 0 || inOrder >= here.size()
                ? Optional.empty()
                : Optional.of(new Neighbour(here.get(inOrder).name(), false));
    }
}
