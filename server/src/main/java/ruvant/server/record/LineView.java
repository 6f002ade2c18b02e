package ruvant.server.record;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobEntry;
import ruvant.core.log.Entry;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.Names;
import ruvant.core.log.RecordEntry;
import ruvant.core.log.Rooms;
import ruvant.core.trade.Stop;
import ruvant.core.units.MayBeNull;

/**
 * One line of a log in words.
 *
 * @param stop the stop of a job at which it was done; empty in other logs, and where it belongs to none
 * @param words what it said when it was logged
 * @param entry what it says now
 * @param now what it says now in words, where it was changed
 * @param struckBecause why it does not count any more; empty where it does
 * @param aboutTheRecord whether it is a strike or the undoing of one
 */
public record LineView(
        UUID id,
        long sequence,
        Instant at,
        String by,
        Optional<Stop> stop,
        String words,
        Entry entry,
        Optional<String> now,
        @MayBeNull UUID before,
        Optional<String> struckBecause,
        boolean aboutTheRecord) {

    /** Every line, oldest first. */
    static List<LineView> of(Log<?> log, Rooms rooms, Names names) {
        Map<UUID, Line> struck = log.struck();
        Map<UUID, Line> amended = log.amended();
        return log.lines().stream()
                .map(line -> new LineView(
                        line.id(),
                        line.sequence(),
                        line.at(),
                        line.by(),
                        stop(line.entry(), rooms),
                        rooms.words(line.entry(), names),
                        Log.reads(line, amended),
                        Optional.ofNullable(amended.get(line.id()))
                                .map(change -> rooms.words(Log.reads(line, amended), names)),
                        line.before(),
                        Optional.ofNullable(struck.get(line.id())).map(LineView::reason),
                        line.entry() instanceof RecordEntry))
                .toList();
    }

    private static Optional<Stop> stop(Entry entry, Rooms rooms) {
        return entry instanceof JobEntry ofJob && !rooms.has(entry, JobEffect.Plain.AT_NO_STOP)
                ? Optional.of(ofJob.stop())
                : Optional.empty();
    }

    private static String reason(Line strike) {
        return strike.entry() instanceof RecordEntry.Struck struck ? struck.reason() : "";
    }
}
