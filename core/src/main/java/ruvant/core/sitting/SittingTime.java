package ruvant.core.sitting;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.trade.Stop;

/**
 * Time at the bench, decisions and notes.
 *
 * @param minutesByStop whole minutes of finished sittings
 * @param sittings every finished sitting, the first first
 * @param seatedSince when the present sitting began; empty when nobody sits
 */
public record SittingTime(
        Map<Stop, Long> minutesByStop,
        List<Sat> sittings,
        Optional<Instant> seatedSince,
        Optional<SittingEntry.SatDown> seated,
        Optional<String> seatedWho,
        List<Decision> decisions,
        List<Note> notes,
        List<Slip> slips,
        List<Tool> lacking,
        List<ToolWord> tools,
        List<OfTheModel> ofTheModel) {
    /** A sitting that nobody ended is counted up to here: longer ones are a forgotten key. */
    public static final Duration LONGEST_SITTING = Duration.ofHours(6);

    /** Whole minutes that somebody worked at a stop. */
    public record Sat(Stop stop, String by, Instant from, long minutes) {}

    /** A decision and its line. */
    public record Decision(UUID id, Instant at, SittingEntry.Decided decided) {}

    /** A slip and its line. */
    public record Slip(UUID id, Instant at, SittingEntry.Slipped what) {}

    /** A tool that the work waits for. */
    public record Tool(UUID id, String name, String remark) {}

    /** What was said of a tool, and its line. */
    public record ToolWord(UUID id, SittingEntry.ToolSaid what) {}

    /** What is true of the model, and its line. */
    public record OfTheModel(UUID id, SittingEntry.ModelSaid what) {}

    /** A note and its line. */
    public record Note(UUID id, Instant at, String by, String text) {}

    /** Minutes of finished sittings in all. */
    public long minutes() {
        return minutesByStop.values().stream().mapToLong(Long::longValue).sum();
    }

    /** Minutes in all, the present sitting up to now included. */
    public long minutesAt(Instant now) {
        return minutes() + seatedSince.map(since -> capped(since, now)).orElse(0L);
    }

    static long capped(Instant since, Instant until) {
        Duration sat = Duration.between(since, until);
        return Math.max(0, (sat.compareTo(LONGEST_SITTING) > 0 ? LONGEST_SITTING : sat).toMinutes());
    }
}
