package ruvant.core.strip;

import java.util.List;
import java.util.stream.Stream;
import ruvant.core.trade.Fastener;

/** The removal of a part that was off before: what is not said of it now is as it went back. */
final class HeldBefore {
    private HeldBefore() {}

    /**
     * The removal with all that holds of it.
     *
     * @param now as it was said
     * @param before how it came off the last time
     * @param held what held it since, as it went back
     * @param pieces what became of its pieces
     */
    static StripEntry.Removed of(
            StripEntry.Removed now, StripEntry.Removed before, List<FastenersBack> held, PieceTrack pieces) {
        List<Fastener> fasteners = before.fasteners().stream()
                .flatMap(one -> FastenersBack.holding(one, held))
                .toList();
        List<LoosePart> loose =
                before.loose().stream().flatMap(one -> inPlace(one, pieces)).toList();
        return new StripEntry.Removed(
                now.part(),
                now.side(),
                now.covers(),
                now.fasteners().isEmpty() ? fasteners : now.fasteners(),
                now.joints().isEmpty() ? before.joints() : now.joints(),
                now.wells(),
                now.setting().isEmpty() ? before.setting() : now.setting(),
                now.mark() == null ? before.mark() : now.mark(),
                now.loose().isEmpty() ? loose : now.loose(),
                now.hazards().isEmpty() ? before.hazards() : now.hazards(),
                now.remark(),
                now.within() == null ? before.within() : now.within(),
                now.stack().isEmpty() ? before.stack() : now.stack(),
                now.state() == null ? before.state() : now.state(),
                now.away() == null ? before.away() : now.away());
    }

    private static Stream<LoosePart> inPlace(LoosePart before, PieceTrack pieces) {
        int count = pieces.inPlace(before.name(), before.count());
        return count == 0 ? Stream.empty() : Stream.of(new LoosePart(before.name(), count));
    }
}
