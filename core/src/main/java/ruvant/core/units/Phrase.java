package ruvant.core.units;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Pieces from which the sentences of the record are put together. */
public final class Phrase {
    private Phrase() {}

    /** A text with its lead, or nothing where the text is empty. */
    public static String with(String lead, String text) {
        return text.isEmpty() ? "" : lead + text;
    }

    /** A part with its lead, or nothing where there is none. */
    public static String part(String lead, PartName part) {
        return part == null ? "" : lead + part;
    }

    /** A text as a stream of one, or of none where it is empty. */
    public static Stream<String> some(String text) {
        return text.isEmpty() ? Stream.empty() : Stream.of(text);
    }

    /** Pieces with commas between. */
    public static String joined(List<String> pieces) {
        return String.join(", ", pieces);
    }

    /** A figure without a needless ".0". */
    public static String figure(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? Long.toString(Math.round(value))
                : Double.toString(value);
    }

    /** Turns with their lead, or nothing where there are none. */
    public static String turns(String lead, double turns) {
        return turns == 0 ? "" : lead + Turns.words(turns);
    }

    /** Minutes as a person says them: "30 min", "24 h", "1 h 30 min". */
    public static String minutes(long minutes) {
        long hours = minutes / 60;
        long rest = minutes % 60;
        if (hours == 0) {
            return rest + " min";
        }
        return rest == 0 ? hours + " h" : String.format(Locale.ROOT, "%d h %d min", hours, rest);
    }

    /** An exposure as a person says it: "0.52 s", "1/61 s". */
    public static String exposure(double seconds) {
        return seconds >= 0.4
                ? String.format(Locale.ROOT, "%.2f s", seconds)
                : String.format(Locale.ROOT, "1/%.0f s", 1 / seconds);
    }

    /** Words as the beginning of a line. */
    public static String capitalised(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** An id of a table as words: {@code fromTheTable} reads "from the table". */
    public static String readable(String id) {
        return id.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }
}
