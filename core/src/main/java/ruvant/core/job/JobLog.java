package ruvant.core.job;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.units.TagNumber;

/**
 * The whole log of one job, oldest line first.
 *
 * @param tag the job's number
 * @param lines by rising sequence
 */
public record JobLog(TagNumber tag, List<Line> lines) {
    public JobLog {
        lines = List.copyOf(lines);
    }

    /** The log with further lines at its end. */
    public JobLog plus(Collection<Line> more) {
        List<Line> all = new ArrayList<>(lines.size() + more.size());
        all.addAll(lines);
        all.addAll(more);
        return new JobLog(tag, all);
    }

    /** Sequence of the last line, 0 for an empty log. */
    public long lastSequence() {
        return lines.isEmpty() ? 0 : lines.getLast().sequence();
    }

    /** The line with this id. */
    public Optional<Line> find(UUID id) {
        return lines.stream().filter(line -> line.id().equals(id)).findFirst();
    }

    /** Lines that no longer count, each with the line that struck it. A strike that was undone does not stand. */
    public Map<UUID, Line> struck() {
        Map<UUID, Line> standing = new HashMap<>();
        for (Line line : lines) {
            switch (line.entry()) {
                case RecordEntry.Struck struck -> standing.put(struck.target(), line);
                case RecordEntry.StrikeUndone undone -> standing.remove(undone.target());
                default -> {}
            }
        }
        return standing;
    }

    /** The lines that count, in the order in which things happened: struck ones left out, late ones moved forward. */
    public List<Line> counted() {
        Map<UUID, Line> struck = struck();
        Map<UUID, List<Line>> toInsert = new LinkedHashMap<>();
        List<Line> plain = new ArrayList<>(lines.size());
        for (Line line : lines) {
            if (struck.containsKey(line.id()) || line.entry() instanceof RecordEntry) {
                continue;
            }
            boolean anchored = line.before() != null && !struck.containsKey(line.before());
            if (anchored) {
                toInsert.computeIfAbsent(line.before(), anchor -> new ArrayList<>())
                        .add(line);
            } else {
                plain.add(line);
            }
        }
        if (toInsert.isEmpty()) {
            return plain;
        }
        List<Line> ordered = new ArrayList<>(lines.size());
        plain.forEach(line -> addWithEarlier(line, toInsert, ordered));
        toInsert.values().forEach(ordered::addAll);
        return ordered;
    }

    private static void addWithEarlier(Line line, Map<UUID, List<Line>> toInsert, List<Line> ordered) {
        List<Line> earlier = toInsert.remove(line.id());
        if (earlier != null) {
            earlier.forEach(one -> addWithEarlier(one, toInsert, ordered));
        }
        ordered.add(line);
    }
}
