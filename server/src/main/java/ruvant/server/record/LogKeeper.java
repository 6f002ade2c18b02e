package ruvant.server.record;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.DoubleConsumer;
import org.springframework.dao.DataAccessException;
import ruvant.core.log.Entry;
import ruvant.core.log.Folding;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.Names;
import ruvant.core.log.NewLine;
import ruvant.core.log.RecordEntry;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;
import ruvant.server.access.Shown;
import ruvant.server.access.Signing;
import ruvant.server.storage.Database;

/**
 * Adds lines to the logs of one kind, all of a batch or none, under the core's rules; every kind of log is kept by it.
 *
 * @param <E> the entries its logs take
 */
public final class LogKeeper<E extends Entry> {
    private static final int LOGS_KEPT = 400;
    private static final int MOST_LINES = 2_000;

    /** Lines; that many are written in some tens of milliseconds. */
    public static final int SLICE = 500;

    private final Database database;
    private final LineStore store;
    private final LogKind<E> kind;
    private final Cache<LogName, Log<E>> recent =
            Caffeine.newBuilder().maximumSize(LOGS_KEPT).build();
    private final Cache<LogName, Kernel.Folded> folded =
            Caffeine.newBuilder().maximumSize(LOGS_KEPT).build();

    public LogKeeper(Database database, LineStore store, LogKind<E> kind) {
        this.database = database;
        this.store = store;
        this.kind = kind;
    }

    /**
     * What became of lines that were added.
     *
     * @param folded empty where all of them were there already
     * @param lines those that were new
     */
    public record Stored<E extends Entry>(Log<E> log, Optional<Kernel.Folded> folded, List<Line> lines) {}

    /** A log as it stands, without lines where it has not begun. */
    public Log<E> log(LogName name) {
        Log<E> known = recent.getIfPresent(name);
        if (known != null) {
            return known;
        }
        Log<E> read = new Log<>(name, store.read(name));
        if (!read.lines().isEmpty()) {
            remember(read);
        }
        return read;
    }

    /** Keeps the longer one where another thread was quicker. */
    private void remember(Log<E> log) {
        recent.asMap().merge(log.name(), log, (a, b) -> a.lastSequence() >= b.lastSequence() ? a : b);
    }

    /** A log read into its rooms. */
    public Folding folding(Log<E> log) {
        return Folding.of(kind.rooms(), log);
    }

    /**
     * Adds lines as one.
     *
     * @param basedOn the last sequence of the view on which they were made; 0 where there was none
     * @throws RefusedException if they make no sense now; nothing is stored
     */
    public Log<E> append(LogName name, String by, long basedOn, List<NewLine> added, Instant now) {
        if (added.isEmpty() || added.size() > MOST_LINES) {
            throw new FieldProblem(
                    "lines",
                    added.size() + " lines were sent at once. Send 1 to " + MOST_LINES + ".",
                    "Send fewer lines at a time.");
        }
        if (added.stream().map(NewLine::id).distinct().count() < added.size()) {
            throw new FieldProblem(
                    "lines", "Two of the lines that were sent have the same id.", "Give each line an id of its own.");
        }
        Stored<E> stored = appendToKnown(name, by, basedOn, added, now)
                .orElseGet(() -> database.transaction().execute(status -> {
                    added.forEach(line -> inThisLog(name, line.id()));
                    return add(current(name), by, basedOn, added, now);
                }));
        stored(stored);
        return stored.log;
    }

    /** Begins a log inside the transaction of whoever calls; {@link #stored} is to follow once that has ended well. */
    public Stored<E> begin(LogName name, String by, NewLine first, Instant now) {
        return add(Log.empty(name), by, 0, List.of(first), now);
    }

    /** Keeps what was stored at hand, and tells of it. */
    public void stored(Stored<E> stored) {
        remember(stored.log);
        stored.folded.ifPresent(fold -> {
            kind.tell(stored.log, fold.folding(), stored.lines);
            folded.put(stored.log.name(), fold);
        });
    }

    /**
     * The usual case: the log is known, and the lines are new or stand in it already. That nothing else is so is left to
     * the file's own keys, which spares two looks; where they object, nothing was stored and the careful way is taken.
     */
    private Optional<Stored<E>> appendToKnown(LogName name, String by, long basedOn, List<NewLine> added, Instant now) {
        Log<E> known = recent.getIfPresent(name);
        if (known == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(database.transaction().execute(status -> add(known, by, basedOn, added, now)));
        } catch (DataAccessException objection) {
            if (!LineStore.isTaken(objection)) {
                throw objection;
            }
            recent.invalidate(name);
            return Optional.empty();
        } catch (RefusedException refused) {
            // a log that went on elsewhere may allow what this one refuses
            if (database.transaction().execute(status -> store.lastSequence(name)) == known.lastSequence()) {
                throw refused;
            }
            recent.invalidate(name);
            return Optional.empty();
        }
    }

    private Log<E> current(LogName name) {
        return new Log<>(name, store.written(name));
    }

    private void inThisLog(LogName name, UUID id) {
        Optional<LogName> other = store.logOf(id).filter(log -> !log.equals(name));
        if (other.isPresent()) {
            throw new FieldProblem(
                    "id", "That line is already in " + other.get() + ".", "Reload the page and enter it again.");
        }
    }

    private Stored<E> add(Log<E> log, String by, long basedOn, List<NewLine> added, Instant now) {
        Signing.check(log, by, added);
        List<Line> lines = Kernel.numbered(log, by, added, now, Optional.ofNullable(folded.getIfPresent(log.name())));
        if (lines.isEmpty()) {
            return new Stored<>(log, Optional.empty(), lines);
        }
        Kernel kernel = kind.kernel(log.name(), now);
        seen(kernel, log, basedOn, lines);
        // taken out: if anything fails from here on, the log is read again next time
        Optional<Kernel.Folded> earlier = Optional.ofNullable(folded.asMap().remove(log.name()));
        Kernel.Outcome<E> outcome = kernel.added(log, lines, earlier);
        outcome.refusal().ifPresent(refusal -> refuse(kernel, refusal, log, lines, basedOn));
        lines.forEach(line -> store.add(log.name(), line));
        kind.project(outcome.log(), outcome.folded().orElseThrow().folding(), lines);
        return new Stored<>(outcome.log(), outcome.folded(), lines);
    }

    /** Where another window replaced the same thing since, whoever writes now has not seen it and is told. */
    private void seen(Kernel kernel, Log<E> log, long basedOn, List<Line> lines) {
        List<Line> unseen = basedOn == 0 ? List.of() : kernel.unseen(log, basedOn, lines);
        if (!unseen.isEmpty()) {
            Names names = kind.names(log);
            List<String> words = unseen.stream().map(line -> said(line, names)).toList();
            throw new RefusedException(
                    new Refusal(
                            "changedMeanwhile",
                            "This was changed in the meantime. " + String.join("; ", words) + ".",
                            "Check what is there now, then save again to replace it with yours."),
                    words,
                    List.of());
        }
    }

    /** Who may not see a line learns that there is one, and whose. */
    private String said(Line line, Names names) {
        return line.by() + ": " + Shown.words(line.entry(), () -> kind.rooms().words(line.entry(), names));
    }

    private void refuse(Kernel kernel, Refusal refusal, Log<E> log, List<Line> lines, long basedOn) {
        Names names = kind.names(log);
        List<String> since = basedOn == 0
                ? List.of()
                : log.after(basedOn).stream().map(line -> said(line, names)).toList();
        boolean strikes = lines.stream().anyMatch(line -> line.entry() instanceof RecordEntry.Struck);
        List<UUID> resting =
                strikes ? kernel.resting(log.plus(lines)).stream().map(Line::id).toList() : List.of();
        throw new RefusedException(refusal, since, resting);
    }

    /**
     * Takes in a long log in slices, so that whoever else writes waits for one of them at most. Nobody must see the log until all of
     * it is there.
     *
     * @param whole what makes it seen, in the transaction that ends it
     * @param done told parts of the whole, 0 to 1
     */
    public void takeInSlices(Log<E> foreign, Runnable whole, DoubleConsumer done) {
        List<Line> lines = foreign.lines();
        for (int from = 0; from < lines.size(); from += SLICE) {
            List<Object[]> ready =
                    store.ready(foreign.name(), lines.subList(from, Math.min(lines.size(), from + SLICE)));
            database.transaction().executeWithoutResult(status -> store.addReady(ready));
            done.accept(0.9 * Math.min(lines.size(), from + SLICE) / lines.size());
        }
        Folding folding = folding(foreign);
        database.transaction().executeWithoutResult(status -> {
            whole.run();
            kind.project(foreign, folding, lines);
        });
        done.accept(1);
    }

    /** Takes out what came in of a log that was not whole. */
    public void forget(LogName halfCome) {
        store.forget(halfCome);
    }

    /** Tells of a log that was taken in, once it is stored. */
    public void tell(Log<E> log) {
        kind.tell(log, folding(log), log.lines());
    }

    /** Every line of a log as its record shows it, oldest first. */
    public List<LineView> lines(LogName name) {
        Log<E> log = log(name);
        kind.begun(log);
        return LineView.of(log, kind.rooms(), kind.names(log));
    }

    /** Forgets what was read: the file was changed beside the keeper. */
    public void readAgain() {
        recent.invalidateAll();
        folded.invalidateAll();
    }

    /** Folds of a log as it stands. */
    public Folds folds(LogName name) {
        return folding(log(name));
    }
}
