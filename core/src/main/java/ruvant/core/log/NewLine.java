package ruvant.core.log;

import java.time.Instant;
import java.util.UUID;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/**
 * A line on its way into a log.
 *
 * @param id made where it was typed, so that sending it twice stores it once
 * @param before the line that it happened before though it is said later; null for none
 * @param saidAt when it was typed, where that is known; null for now
 * @param entry what is said
 */
public record NewLine(
        UUID id, @MayBeNull UUID before, @MayBeNull Instant saidAt, Entry entry) {
    public NewLine {
        Check.chosen("id", id);
        Check.chosen("entry", entry);
    }

    /** A line said now, at the end of the log. */
    public static NewLine of(Entry entry) {
        return new NewLine(UUID.randomUUID(), null, null, entry);
    }
}
