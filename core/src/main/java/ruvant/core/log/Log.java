package ruvant.core.log;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A whole log, oldest line first.
 *
 * @param <E> the entries it takes; lines about the log itself are in every log
 * @param name what it is called
 * @param lines by rising sequence
 */
public record Log<E extends Entry>(LogName name, List<Line> lines) {
    public Log {
        lines = List.copyOf(lines);
    }

    /** A log without lines. */
    public static <E extends Entry> Log<E> empty(LogName name) {
        return new Log<>(name, List.of());
    }

    /** The log with further lines at its end. */
    public Log<E> plus(Collection<Line> more) {
        Line[] all = lines.toArray(new Line[lines.size() + more.size()]);
        int at = lines.size();
        for (Line line : more) {
            all[at++] = line;
        }
        return new Log<>(name, List.of(all));
    }

    /** Sequence of the last line, 0 for an empty log. */
    public long lastSequence() {
        return lines.isEmpty() ? 0 : lines.getLast().sequence();
    }

    /** The line with this id. */
    public Optional<Line> find(UUID id) {
        return lines.stream().filter(line -> line.id().equals(id)).findFirst();
    }

    /** The lines after a sequence, oldest first. */
    public List<Line> after(long sequence) {
        return lines.stream().filter(line -> line.sequence() > sequence).toList();
    }

    /** Lines that cannot be read, oldest first; where there is one, the log is only to be read. */
    public List<Line> unreadable() {
        return lines.stream()
                .filter(line -> line.entry() instanceof RecordEntry.Unreadable)
                .toList();
    }

    /** Lines that no longer count, each with the line that struck it. A strike that was undone does not stand. */
    public Map<UUID, Line> struck() {
        Map<UUID, Line> standing = new HashMap<>();
        for (Line line : lines) {
            if (line.entry() instanceof RecordEntry record) {
                switch (record) {
                    case RecordEntry.Struck struck -> standing.put(struck.target(), line);
                    case RecordEntry.StrikeUndone undone -> standing.remove(undone.target());
                    case RecordEntry.Amended amended -> {}
                    case RecordEntry.Unreadable damaged -> {}
                }
            }
        }
        return standing;
    }

    /** Lines that say something else by now, each with the line that changed it last. A change that was struck does not stand. */
    public Map<UUID, Line> amended() {
        return amended(struck());
    }

    private Map<UUID, Line> amended(Map<UUID, Line> struck) {
        Map<UUID, Line> standing = new HashMap<>();
        for (Line line : lines) {
            if (line.entry() instanceof RecordEntry.Amended amended && !struck.containsKey(line.id())) {
                standing.put(amended.target(), line);
            }
        }
        return standing;
    }

    /**
     * What a line says now.
     *
     * @param amended as {@link #amended()} tells
     */
    public static Entry reads(Line line, Map<UUID, Line> amended) {
        Line change = amended.get(line.id());
        return change != null && change.entry() instanceof RecordEntry.Amended now ? now.entry() : line.entry();
    }

    private static Line asItReads(Line line, Map<UUID, Line> amended) {
        return amended.containsKey(line.id())
                ? new Line(line.id(), line.sequence(), line.at(), line.by(), line.before(), reads(line, amended))
                : line;
    }

    /**
     * The lines that count, in the order in which things happened: struck ones left out, late ones moved forward, changed
     * ones as they read now.
     */
    public List<Line> counted() {
        Map<UUID, Line> struck = struck();
        Map<UUID, Line> amended = amended(struck);
        Map<UUID, List<Line>> toInsert = new LinkedHashMap<>();
        List<Line> plain = new ArrayList<>(lines.size());
        for (Line logged : lines) {
            if (struck.containsKey(logged.id())) {
                continue;
            }
            Line line = asItReads(logged, amended);
            boolean anchored = line.before() != null && !struck.containsKey(line.before());
            if (anchored) {
                toInsert.computeIfAbsent(line.before(), anchor -> new ArrayList<>())
                        .add(line);
            } else {
                plain.add(line);
            }
        }
        List<Line> ordered = new ArrayList<>(lines.size());
        plain.forEach(line -> addWithEarlier(line, toInsert, ordered));
        // the kernel takes no line whose place is not in the log; were there one, it must not be lost
        toInsert.values().forEach(ordered::addAll);
        return ordered;
    }

    private static void addWithEarlier(Line line, Map<UUID, List<Line>> toInsert, List<Line> ordered) {
        List<Line> earlier = toInsert.remove(line.id());
        if (earlier != null) {
            earlier.forEach(one -> addWithEarlier(one, toInsert, ordered));
        }
        // a strike counts for nothing itself, but what was entered before it has its place there
        if (!(line.entry() instanceof RecordEntry)) {
            ordered.add(line);
        }
    }
}
