package ruvant.core.picture;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.Stop;

/**
 * Time at the bench, decisions and notes.
 *
 * @param minutesByStop whole minutes of finished sittings
 * @param seatedSince when the present sitting began; empty when nobody sits
 */
public record BenchTime(
        Map<Stop, Long> minutesByStop,
        Optional<Instant> seatedSince,
        Optional<BenchEntry.SatDown> seated,
        Optional<String> seatedWho,
        List<Decision> decisions,
        List<Note> notes,
        List<Slip> slips,
        List<Tool> lacking) {
    /** A sitting that nobody ended is counted up to here: longer ones are a forgotten key. */
    public static final Duration LONGEST_SITTING = Duration.ofHours(6);

    /** A decision and its line. */
    public record Decision(UUID id, Instant at, BenchEntry.Decided decided) {}

    /** A slip and its line. */
    public record Slip(UUID id, Instant at, BenchEntry.Slipped what) {}

    /** A tool that the work waits for. */
    public record Tool(UUID id, String name, String remark) {}

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

    private static long capped(Instant since, Instant until) {
        Duration sat = Duration.between(since, until);
        return Math.max(0, (sat.compareTo(LONGEST_SITTING) > 0 ? LONGEST_SITTING : sat).toMinutes());
    }

    /** Folds the bench entries. */
    static final class Fold implements ruvant.core.job.Fold<BenchEntry> {
        private final Map<Stop, Long> minutes = new EnumMap<>(Stop.class);
        private final List<Decision> decisions = new ArrayList<>();
        private final List<Note> notes = new ArrayList<>();
        private final List<Slip> slips = new ArrayList<>();
        private final Map<String, Tool> lacking = new java.util.LinkedHashMap<>();
        private BenchEntry.SatDown seated;
        private ruvant.core.job.Line seatedLine;

        @Override
        public Optional<ruvant.core.units.Refusal> objection(ruvant.core.job.Line line, BenchEntry entry) {
            return entry instanceof BenchEntry.GotUp && seated == null
                    ? Optional.of(new ruvant.core.units.Refusal(
                            "notSeated", "Nobody is sitting at this camera.", "Sit down first."))
                    : Optional.empty();
        }

        @Override
        public void take(ruvant.core.job.Line line, BenchEntry entry) {
            switch (entry) {
                case BenchEntry.SatDown down -> {
                    endSitting(line.at());
                    seated = down;
                    seatedLine = line;
                }
                case BenchEntry.GotUp up -> endSitting(line.at());
                case BenchEntry.Decided decided -> decisions.add(new Decision(line.id(), line.at(), decided));
                case BenchEntry.Noted noted -> notes.add(new Note(line.id(), line.at(), line.by(), noted.text()));
                case BenchEntry.Slipped slip -> slips.add(new Slip(line.id(), line.at(), slip));
                case BenchEntry.ToolNoted tool -> {
                    String key = tool.tool().toLowerCase(java.util.Locale.ROOT);
                    if (tool.atHand()) {
                        lacking.remove(key);
                    } else {
                        lacking.put(key, new Tool(line.id(), tool.tool(), tool.remark()));
                    }
                }
            }
        }

        private void endSitting(Instant at) {
            if (seated != null) {
                minutes.merge(seated.stop(), capped(seatedLine.at(), at), Long::sum);
            }
            seated = null;
            seatedLine = null;
        }

        BenchTime picture() {
            return new BenchTime(
                    Map.copyOf(minutes),
                    Optional.ofNullable(seatedLine).map(ruvant.core.job.Line::at),
                    Optional.ofNullable(seated),
                    Optional.ofNullable(seatedLine).map(ruvant.core.job.Line::by),
                    List.copyOf(decisions),
                    List.copyOf(notes),
                    List.copyOf(slips),
                    List.copyOf(lacking.values()));
        }
    }
}
