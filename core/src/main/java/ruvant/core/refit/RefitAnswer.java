package ruvant.core.refit;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ruvant.core.strip.InTheWay;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.PartName;

/**
 * Whether a part may go back now.
 *
 * @param notYet the first thing against it; empty when ready, back or left out
 * @param leftOutBecause why it stays out for good; empty for any other
 */
public record RefitAnswer(PartName part, Kind kind, Optional<NotYet> notYet, String leftOutBecause) {
    /** What kind of thing stands against it, the costliest to discover late first. */
    public enum Against {
        INNER_STILL_OUT,
        CLOSED_IN,
        WAIT_RUNS,
        PART_NEEDED,
        PIECE_LOST,
        TRIAL_ON,
        STATE_WRONG,
        PIECES_UNACCOUNTED,
        STEPS_FIRST,
        CHECKS_OPEN,
        CHECK_FAILED
    }

    /** The answers there are. */
    public enum Kind {
        READY,
        NOT_YET,
        WAITING,
        BACK,
        LEFT_OUT
    }

    /** What kind of thing stands against it. */
    public Optional<Against> against() {
        return notYet.map(NotYet::against);
    }

    /** What stands against it, or why it was left out, in words; empty when it is ready or back. */
    public String reason() {
        return notYet.map(NotYetWords::of).orElse(leftOutBecause);
    }

    /** The parts that stand in the way only because they are taken to lie so: one word of the hand frees the part. */
    public List<PartName> probably() {
        return notYet.flatMap(why -> switch (why) {
                    case NotYet.InnerStillOut inner -> Optional.of(inner.way());
                    case NotYet.ClosedIn closed -> Optional.of(closed.way());
                    default -> Optional.<InTheWay>empty();
                })
                .filter(InTheWay::probable)
                .map(InTheWay::direct)
                .orElse(List.of());
    }

    /** How the mechanism must stand first, where it stands otherwise. */
    public Optional<MechanismState> wanted() {
        return notYet.map(why -> why instanceof NotYet.StateWrong state ? state.wanted() : null);
    }

    /** When a wait is over, if it waits. */
    public Optional<Instant> until() {
        return notYet.map(why -> why instanceof NotYet.WaitRuns wait ? wait.until() : null);
    }
}
