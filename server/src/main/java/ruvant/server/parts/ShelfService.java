package ruvant.server.parts;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ruvant.core.parts.shelf.ShelfEntry;
import ruvant.core.parts.shelf.ShelfFold;
import ruvant.core.parts.shelf.ShelfLine;
import ruvant.core.parts.shelf.ShelfPicture;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;
import ruvant.server.config.Database;
import ruvant.server.record.Events;
import ruvant.server.record.RefusedException;

/** The shelf's log and picture, at hand for every request; lines are added all of a batch or none. */
@Service
public class ShelfService {
    private static final int MOST_LINES = 2_000;

    private final Database database;
    private final ShelfStore store;
    private final Events events;
    private final Clock clock;
    private volatile State state;

    ShelfService(Database database, ShelfStore store, Events events, Clock clock) {
        this.database = database;
        this.store = store;
        this.events = events;
        this.clock = clock;
    }

    /** A line as it comes in, with an id made where it was typed. */
    public record NewShelfLine(UUID id, ShelfEntry entry) {}

    private record State(List<ShelfLine> lines, ShelfPicture picture) {
        static State of(List<ShelfLine> lines) {
            return new State(List.copyOf(lines), ShelfFold.of(lines).picture());
        }
    }

    private State state() {
        State known = state;
        if (known == null) {
            synchronized (this) {
                if (state == null) {
                    state = State.of(store.lines());
                }
                known = state;
            }
        }
        return known;
    }

    /** The shelf as it is now. */
    public ShelfPicture picture() {
        return state().picture();
    }

    /** All its lines, oldest first. */
    public List<ShelfLine> lines() {
        return state().lines();
    }

    /** Adds lines now. */
    public ShelfPicture append(String by, List<NewShelfLine> added) {
        return append(by, added, clock.instant());
    }

    /**
     * Adds lines at a time.
     *
     * @throws RefusedException if one makes no sense as the shelf is then; nothing is stored
     */
    public synchronized ShelfPicture append(String by, List<NewShelfLine> added, Instant at) {
        if (added.isEmpty() || added.size() > MOST_LINES) {
            throw new FieldProblem(
                    "lines", added.size() + " lines came at once; 1 to " + MOST_LINES + " are taken.", "Send fewer.");
        }
        List<ShelfLine> lines = new ArrayList<>(state().lines());
        Set<UUID> known = new HashSet<>(lines.stream().map(ShelfLine::id).toList());
        List<ShelfLine> fresh = new ArrayList<>();
        ShelfFold fold = ShelfFold.of(lines);
        for (NewShelfLine one : added) {
            // sent again because the answer was lost: it counts once
            if (known.add(one.id())) {
                ShelfLine line = new ShelfLine(one.id(), lines.size() + 1L, at, by, one.entry());
                fold = taken(fold, lines, line);
                lines.add(line);
                fresh.add(line);
            }
        }
        database.transaction().executeWithoutResult(status -> fresh.forEach(store::add));
        state = State.of(lines);
        events.shelfChanged();
        return state.picture();
    }

    private static ShelfFold taken(ShelfFold fold, List<ShelfLine> before, ShelfLine line) {
        boolean strike = line.entry() instanceof ShelfEntry.ShelfStruck;
        Optional<Refusal> refused = strike ? ShelfFold.objection(before, line) : fold.objection(line.entry());
        refused.ifPresent(refusal -> {
            throw new RefusedException(refusal, List.of(), List.of());
        });
        if (!strike) {
            fold.take(line);
            return fold;
        }
        List<ShelfLine> after = new ArrayList<>(before);
        after.add(line);
        return ShelfFold.of(after);
    }
}
