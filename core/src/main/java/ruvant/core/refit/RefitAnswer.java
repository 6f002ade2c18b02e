package ruvant.core.refit;

import java.time.Instant;
import java.util.Optional;
import ruvant.core.units.PartName;

/**
 * Whether a part may go back now.
 *
 * @param against what the first thing against it is; empty when ready, back or left out
 * @param reason the first thing against it, in words; empty when ready
 * @param until when a wait is over, if it waits
 */
public record RefitAnswer(PartName part, Kind kind, Optional<Against> against, String reason, Optional<Instant> until) {
    /** What kind of thing stands against it, the costliest to discover late first. */
    public enum Against {
        INNER_STILL_OUT,
        WAIT_RUNS,
        PART_NEEDED,
        PIECE_LOST,
        TRIAL_ON,
        STATE_WRONG,
        PIECES_UNACCOUNTED,
        CHECKS_OPEN
    }

    /** The answers there are. */
    public enum Kind {
        READY,
        NOT_YET,
        WAITING,
        BACK,
        LEFT_OUT
    }
}
