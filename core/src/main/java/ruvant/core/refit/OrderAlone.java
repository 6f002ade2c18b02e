package ruvant.core.refit;

import java.util.List;
import ruvant.core.strip.InTheWay;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.PartName;

/** What may go back as far as the order of parts alone goes, by the rule that the gates use. */
public final class OrderAlone {
    private OrderAlone() {}

    /**
     * Whether a part may go back.
     *
     * @param because what stands in its way, in words, or that nothing does
     */
    public record MayGoBack(PartName part, boolean mayGoBack, String because) {}

    /** One answer for each part that is still out, in the order in which they came off. */
    public static List<MayGoBack> of(Valley valley) {
        return valley.out().stream().map(part -> answer(valley, part)).toList();
    }

    private static MayGoBack answer(Valley valley, ValleyPart part) {
        return valley.inTheWay(part)
                .map(way -> new MayGoBack(part.name(), false, NotYetWords.of(notYet(way)) + "."))
                .orElseGet(() -> new MayGoBack(
                        part.name(), true, "Everything under it is back, and nothing that lies over it is."));
    }

    /** Why a part may not go back, where another stands in its way. */
    static NotYet notYet(InTheWay way) {
        return way.closedIn() ? new NotYet.ClosedIn(way) : new NotYet.InnerStillOut(way);
    }
}
