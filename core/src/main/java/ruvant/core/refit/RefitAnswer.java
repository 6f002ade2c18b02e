package ruvant.core.refit;

import java.time.Instant;
import java.util.Optional;
import ruvant.core.units.PartName;

/**
 * Whether a part may go back now.
 *
 * @param reason the first thing against it, in words; empty when ready
 * @param until when a wait is over, if it waits
 */
public record RefitAnswer(PartName part, Kind kind, String reason, Optional<Instant> until) {
    /** The answers there are. */
    public enum Kind {
        READY,
        NOT_YET,
        WAITING,
        BACK,
        LEFT_OUT
    }
}
