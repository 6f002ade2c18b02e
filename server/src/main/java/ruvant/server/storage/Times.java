package ruvant.server.storage;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;

/** The one way times stand in the file: UTC, ISO 8601, milliseconds; so that they sort as text. */
public final class Times {
    private static final DateTimeFormatter FORMAT =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss.SSS'Z'").withZone(ZoneOffset.UTC);

    private Times() {}

    /** A time as text. */
    public static String text(Instant time) {
        return FORMAT.format(time);
    }

    /** A time read back. */
    public static Instant time(String text) {
        return Instant.parse(text);
    }
}
