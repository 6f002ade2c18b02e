package ruvant.core.log;

import java.time.Instant;
import java.util.UUID;
import ruvant.core.units.Check;

/**
 * One entry as it stands in a log.
 *
 * @param id made where the entry was typed, so that sending it twice stores it once
 * @param sequence place in the log, from 1, without gaps
 * @param at when it happened
 * @param by who signed it
 * @param before the line that this one happened before though it was said later; null for none
 * @param entry what was said
 */
public record Line(UUID id, long sequence, Instant at, String by, UUID before, Entry entry) {
    public Line {
        Check.chosen("id", id);
        Check.chosen("at", at);
        by = Check.name("signer", by);
        Check.chosen("entry", entry);
    }
}
