package ruvant.server.record;

import java.time.DateTimeException;
import java.util.UUID;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.server.storage.Times;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.exc.InvalidTypeIdException;

/** Reads lines as they stand in the file. What cannot be read is said to be so in its place; the others are read all the same. */
final class LineReading {
    private final ObjectReader entries;

    LineReading(ObjectReader entries) {
        this.entries = entries;
    }

    /** @param seal its checksum when it was written; null for a line from before there were any */
    Line line(StoredLine stored, Long seal) {
        return seal != null && seal != stored.seal()
                ? stored.unreadable("Its content changed after it was written; the disk may be failing.")
                : read(stored);
    }

    private Line read(StoredLine stored) {
        try {
            return new Line(
                    UUID.fromString(stored.id()),
                    stored.sequence(),
                    Times.time(stored.at()),
                    stored.signer(),
                    stored.before() == null ? null : UUID.fromString(stored.before()),
                    entries.<Entry>readValue(stored.body()));
        } catch (InvalidTypeIdException unknown) {
            return stored.unreadable(
                    "It is of a kind, “" + unknown.getTypeId() + "”, that this Ruvant does not know; a newer one may.");
        } catch (JacksonException | IllegalArgumentException | DateTimeException damaged) {
            return stored.unreadable("It is damaged, or was written by another Ruvant.");
        }
    }
}
