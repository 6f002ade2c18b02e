package ruvant.core.strip;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.units.PartName;

/**
 * What keeps a part that is out from going back, as far as the order of parts goes.
 *
 * @param part the one to name: the innermost that is out under it, or one that is back over it
 * @param closedIn whether that one is back over it, and not out under it
 * @param more how many others there are
 * @param direct every part that stands directly in the way: over it or under it
 * @param probable whether all of them are only taken to lie so, and one word of the hand frees the part
 */
public record InTheWay(PartName part, boolean closedIn, int more, List<PartName> direct, boolean probable) {
    public InTheWay {
        direct = List.copyOf(direct);
    }

    static Optional<InTheWay> of(Valley valley, ValleyPart part) {
        return closedIn(valley, part).or(() -> stillOut(valley, part));
    }

    private static Optional<InTheWay> closedIn(Valley valley, ValleyPart part) {
        List<PartName> back = valley.parts().stream()
                .filter(over ->
                        over.state() == ValleyPart.State.BACK && part.over().contains(over.name()))
                .map(ValleyPart::name)
                .toList();
        return back.isEmpty()
                ? Optional.empty()
                : Optional.of(new InTheWay(
                        back.getFirst(),
                        true,
                        back.size() - 1,
                        back,
                        back.stream().allMatch(over -> part.place().lying().get(over) == Basis.DEFAULT)));
    }

    private static Optional<InTheWay> stillOut(Valley valley, ValleyPart part) {
        List<ValleyPart> under = valley.out().stream()
                .filter(inner -> inner.over().contains(part.name()))
                .toList();
        if (under.isEmpty()) {
            return Optional.empty();
        }
        Set<PartName> all = new HashSet<>(under.stream().map(ValleyPart::name).toList());
        PartName deepest = null;
        for (ValleyPart inner : valley.out()) {
            if (all.contains(inner.name()) || inner.over().stream().anyMatch(all::contains)) {
                all.add(inner.name());
                deepest = inner.name();
            }
        }
        return Optional.of(new InTheWay(
                deepest,
                false,
                all.size() - 1,
                under.stream().map(ValleyPart::name).toList(),
                under.stream().allMatch(inner -> inner.place().lying().get(part.name()) == Basis.DEFAULT)));
    }
}
