package ruvant.server.record;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.UUID;
import ruvant.core.log.Line;
import ruvant.core.log.RecordEntry;
import ruvant.server.storage.Seal;
import ruvant.server.storage.StorageTrouble;
import ruvant.server.storage.Times;

/**
 * A line as it stands in the file.
 *
 * @param log its log's key
 * @param body its entry as JSON
 */
record StoredLine(int log, long sequence, String id, String at, String signer, String before, String body) {
    static StoredLine of(int log, Line line, String body) {
        return new StoredLine(
                log,
                line.sequence(),
                line.id().toString(),
                Times.text(line.at()),
                line.by(),
                line.before() == null ? null : line.before().toString(),
                body);
    }

    /** The checksum of all of it. */
    long seal() {
        return Seal.ofLine(log, sequence, id, at, signer, before, body);
    }

    /** What stands in the place of a line of which something cannot be read. */
    Line unreadable(String why) {
        return new Line(
                uuid(), sequence, time(), who(), null, new RecordEntry.Unreadable(why, body == null ? "" : body));
    }

    /** What stands for all lines of a log that the disk does not give back. */
    static Line missing(long sequence, StorageTrouble trouble) {
        String name = "missing " + sequence;
        return new Line(
                UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
                sequence,
                Instant.EPOCH,
                "?",
                null,
                new RecordEntry.Unreadable("From here on nothing can be read: " + trouble.what(), ""));
    }

    private UUID uuid() {
        try {
            return UUID.fromString(id);
        } catch (IllegalArgumentException | NullPointerException damaged) {
            return UUID.nameUUIDFromBytes((log + "/" + sequence).getBytes(StandardCharsets.UTF_8));
        }
    }

    private Instant time() {
        try {
            return Times.time(at);
        } catch (RuntimeException damaged) {
            return Instant.EPOCH;
        }
    }

    private String who() {
        return signer == null || signer.isBlank() || signer.length() > 60 ? "?" : signer;
    }
}
