package ruvant.server.storage;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;

/** The one way times stand in the file: UTC, ISO 8601, milliseconds; so that they sort as text. */
public final class Times {
    private static final DateTimeFormatter FORMAT =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'").withZone(ZoneOffset.UTC);

    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss").withZone(ZoneOffset.UTC);

    private Times() {}

    /** A time for the name of a file: UTC, to the second. */
    public static String stamp(Instant time) {
        return STAMP.format(time);
    }

    /** A time as text. */
    public static String text(Instant time) {
        return FORMAT.format(time);
    }

    /** A time read back. */
    public static Instant time(String text) {
        return Instant.parse(text);
    }
}
