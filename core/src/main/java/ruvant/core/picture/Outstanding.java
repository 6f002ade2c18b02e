package ruvant.core.picture;

import java.util.Optional;
import ruvant.core.handover.ReturnStops;
import ruvant.core.strip.PiecePlace;
import ruvant.core.trade.Stop;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/**
 * Something that is still to be done before a camera goes back to its owner.
 *
 * @param id what it is told by
 * @param stop where it is done
 * @param part the part it is about, where it is about one
 * @param what it is, short
 * @param why it stands open; may be empty
 * @param hold how it holds the camera back
 * @param place the place it is about, where it is about one
 * @param suggested a reason that was given for it already; may be empty
 */
public record Outstanding(
        String id,
        Stop stop,
        Optional<PartName> part,
        Optional<PiecePlace> place,
        String what,
        String why,
        Hold hold,
        String suggested) {
    /** How something holds a camera back. */
    public enum Hold {
        /** The camera cannot leave before. */
        FIRMLY,
        /** It can leave for a reason, which stands on the sheet. */
        WITHOUT_REASON,
        /** It may be left. */
        NOT
    }

    /** The same as something to pass over, or not. */
    ReturnStops.ReturnStop asStop() {
        return new ReturnStops.ReturnStop(new Named(id, what), why, hold == Hold.WITHOUT_REASON);
    }

    /** Whether the camera cannot leave with it without a word. */
    public boolean holds() {
        return hold != Hold.NOT;
    }
}
