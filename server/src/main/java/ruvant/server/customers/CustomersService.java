package ruvant.server.customers;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ruvant.core.customers.CustomersEntry;
import ruvant.core.customers.CustomersPicture;
import ruvant.core.customers.CustomersRoom;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.log.Rooms;
import ruvant.core.people.Right;
import ruvant.core.privacy.Blanking;
import ruvant.server.record.Events;
import ruvant.server.record.LineStore;
import ruvant.server.record.LineView;
import ruvant.server.record.LogDoor;
import ruvant.server.record.LogKeeper;
import ruvant.server.record.LogKind;
import ruvant.server.storage.Database;

/** The log of customers, at hand for every request. */
@Service
public class CustomersService implements LogDoor {
    private final Database database;
    private final LineStore lines;
    private final Events events;
    private final Clock clock;
    private final LogKeeper<CustomersEntry> keeper;
    private volatile CustomersPicture picture;

    public CustomersService(Database database, LineStore lines, Events events, Clock clock) {
        this.database = database;
        this.lines = lines;
        this.events = events;
        this.clock = clock;
        this.keeper = new LogKeeper<>(database, lines, new Customers());
    }

    /** What the keeper asks of customers. */
    private final class Customers implements LogKind<CustomersEntry> {
        @Override
        public Rooms rooms() {
            return CustomersRoom.ROOMS;
        }

        @Override
        public Kernel kernel(LogName log, Instant now) {
            return CustomersRoom.KERNEL;
        }

        @Override
        public void project(Log<CustomersEntry> after, Folds folds, List<Line> added) {
            // nothing is kept beside the log: it is read whole
        }

        @Override
        public void tell(Log<CustomersEntry> after, Folds folds, List<Line> added) {
            picture = folds.of(CustomersRoom.Fold.class).picture();
            events.changed(after.name(), after.lastSequence());
        }
    }

    /** Customers as they are now. */
    public CustomersPicture picture() {
        CustomersPicture now = picture;
        if (now == null) {
            now = keeper.folds(CustomersRoom.LOG).of(CustomersRoom.Fold.class).picture();
            picture = now;
        }
        return now;
    }

    /** The card of an id. */
    public Optional<CustomersPicture.Card> card(UUID id) {
        return picture().card(id);
    }

    /** Up to which line the log goes. */
    public long sequence() {
        return keeper.log(CustomersRoom.LOG).lastSequence();
    }

    /** Takes what is known of customers out of every line about them, and logs that they were blanked. */
    void blank(String by, UUID id, List<UUID> cards, int jobs) {
        database.transaction().executeWithoutResult(status -> {
            for (Line line : lines.written(CustomersRoom.LOG)) {
                boolean theirs = switch ((CustomersEntry) entryOf(line)) {
                    case CustomersEntry.CustomerAdded one -> cards.contains(line.id());
                    case CustomersEntry.CustomerChanged one -> cards.contains(one.of());
                    case CustomersEntry.CustomersJoined one -> false;
                    case CustomersEntry.CustomerBlanked one -> false;
                    case null -> false;
                };
                if (theirs) {
                    lines.blank(CustomersRoom.LOG, line, Blanking.of(line.entry()));
                }
            }
        });
        keeper.readAgain();
        picture = null;
        keeper.append(
                CustomersRoom.LOG,
                by,
                0,
                List.of(NewLine.of(new CustomersEntry.CustomerBlanked(id, jobs))),
                clock.instant());
    }

    private static Object entryOf(Line line) {
        return line.entry() instanceof CustomersEntry its ? its : null;
    }

    @Override
    public boolean has(LogName log) {
        return log.equals(CustomersRoom.LOG);
    }

    @Override
    public long append(LogName log, String by, long basedOn, List<NewLine> added) {
        return append(by, basedOn, added, clock.instant());
    }

    /** Adds lines at a time other than now. */
    public long append(String by, long basedOn, List<NewLine> added, Instant at) {
        return keeper.append(CustomersRoom.LOG, by, basedOn, added, at).lastSequence();
    }

    @Override
    public Set<Right> toRead() {
        return Set.of(Right.CUSTOMERS);
    }

    @Override
    public List<LineView> lines(LogName log) {
        return keeper.lines(log);
    }
}
