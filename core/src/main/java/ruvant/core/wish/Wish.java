package ruvant.core.wish;

import java.time.Instant;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/**
 * What somebody wants of one task of the plan. All of it holds together; a new wish takes the place of the one before.
 *
 * @param minutes how long it takes, 1 to 1,440; null to leave that to what is known
 * @param person who is to do it; empty for anybody
 * @param skill what its hand must be able to do; empty to leave that to the kind of work
 * @param rests id of the kind of wait that follows it; empty for what usually does, "none" for none
 * @param notBefore not to be started before; null for any time
 * @param at to be started exactly then; null where it is not pinned
 * @param mornings only before noon
 * @param first before everything that is not said to be first too
 * @param aside not to be planned, nor what waits for it
 */
public record Wish(
        @MayBeNull Integer minutes,
        String person,
        String skill,
        String rests,
        @MayBeNull Instant notBefore,
        @MayBeNull Instant at,
        boolean mornings,
        boolean first,
        boolean aside) {
    /** Longer than this without a pause is no task at a bench. */
    private static final int LONGEST = 1440;

    /** Nothing rests after it. */
    public static final String NO_REST = "none";

    /** As the plan sees fit. */
    public static final Wish NONE = new Wish(null, "", "", "", null, null, false, false, false);

    public Wish {
        if (minutes != null) {
            Check.count("minutes", minutes, 1, LONGEST);
        }
        person = Check.optionalName("person", person);
        skill = Check.optionalName("skill", skill);
        rests = Check.optionalName("rests", rests);
    }

    /** Whether it wants nothing. */
    public boolean nothing() {
        return equals(NONE);
    }
}
