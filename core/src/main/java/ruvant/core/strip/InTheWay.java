package ruvant.core.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
                        back.stream().noneMatch(part::known)));
    }

    private static Optional<InTheWay> stillOut(Valley valley, ValleyPart part) {
        List<ValleyPart> direct = new ArrayList<>();
        PartName deepest = null;
        int count = 0;
        for (ValleyPart inner : valley.parts()) {
            if (inner.out() && inner.place().all().contains(part.name())) {
                deepest = inner.name();
                count++;
                if (inner.over().contains(part.name())) {
                    direct.add(inner);
                }
            }
        }
        return direct.isEmpty()
                ? Optional.empty()
                : Optional.of(new InTheWay(
                        deepest,
                        false,
                        count - 1,
                        direct.stream().map(ValleyPart::name).toList(),
                        direct.stream().noneMatch(inner -> inner.known(part.name()))));
    }
}
