package ruvant.core.strip;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.PartName;

/**
 * What there is to know beside the parts: how the mechanism stands, which springs are let down, and what was missing or
 * too much.
 *
 * @param states the state last brought about, for each thing that can stand one way or another
 * @param letDown springs that are let down and not wound again
 * @param leaveAlone what whoever opens such a camera next had better not touch
 * @param places the account of every place of which anything is known
 */
public record StripNotes(
        Map<MechanismState.Of, MechanismState> states,
        List<Spring> letDown,
        List<Stray> missing,
        List<Stray> surplus,
        List<Stuck> stuck,
        List<Alone> leaveAlone,
        List<PlaceAccount> places) {

    /** What is better left alone, and why; the reason may be empty. */
    public record Alone(UUID id, String what, String why) {}

    /** A spring that is let down, with the turns that were counted; 0 for not counted. */
    public record Spring(UUID id, String name, double turns, String remark) {}

    /** Pieces that were missing on arrival or lay there too many, and where. */
    public record Stray(UUID id, String what, int count, String where) {}

    /**
     * A fastener that is or was stuck.
     *
     * @param tries what was tried, oldest first
     */
    public record Stuck(PartName part, String fastener, List<StripEntry.StuckTried> tries, boolean freed) {}

    /** Whether the mechanism is known to stand otherwise. */
    public boolean contradicts(MechanismState wanted) {
        return states.containsKey(wanted.of()) && states.get(wanted.of()) != wanted;
    }
}
