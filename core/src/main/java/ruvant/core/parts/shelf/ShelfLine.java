package ruvant.core.parts.shelf;

import java.time.Instant;
import java.util.UUID;
import ruvant.core.units.Check;

/** One line of the shelf's log. */
public record ShelfLine(UUID id, long sequence, Instant at, String by, ShelfEntry entry) {
    public ShelfLine {
        Check.chosen("id", id);
        Check.chosen("at", at);
        by = Check.name("by", by);
        Check.chosen("entry", entry);
    }
}
