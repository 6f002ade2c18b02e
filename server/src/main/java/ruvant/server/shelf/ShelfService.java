package ruvant.server.shelf;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.Names;
import ruvant.core.log.NewLine;
import ruvant.core.log.Rooms;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.shelf.ShelfRoom;
import ruvant.server.record.Events;
import ruvant.server.record.LineStore;
import ruvant.server.record.LineView;
import ruvant.server.record.LogDoor;
import ruvant.server.record.LogKeeper;
import ruvant.server.record.LogKind;
import ruvant.server.storage.Database;

/** The shelf's log and picture, at hand for every request. */
@Service
public class ShelfService implements LogDoor {
    private final Events events;
    private final Clock clock;
    private final LogKeeper<ShelfEntry> keeper;
    private volatile ShelfPicture picture;

    public ShelfService(Database database, LineStore lines, Events events, Clock clock) {
        this.events = events;
        this.clock = clock;
        this.keeper = new LogKeeper<>(database, lines, new Shelf());
    }

    /** What the keeper asks of the shelf. */
    private final class Shelf implements LogKind<ShelfEntry> {
        @Override
        public Rooms rooms() {
            return ShelfRoom.ROOMS;
        }

        @Override
        public Kernel kernel(LogName log, Instant now) {
            return ShelfRoom.KERNEL;
        }

        @Override
        public Names names(Log<ShelfEntry> log) {
            return picture()::name;
        }

        @Override
        public void project(Log<ShelfEntry> after, Folds folds, List<Line> added) {
            // nothing is kept beside the shelf's log: it is read whole
        }

        @Override
        public void tell(Log<ShelfEntry> after, Folds folds, List<Line> added) {
            picture = folds.of(ShelfRoom.Fold.class).picture();
            events.changed(after.name(), after.lastSequence());
        }
    }

    /** The shelf as it is now. */
    public ShelfPicture picture() {
        ShelfPicture now = picture;
        if (now == null) {
            now = ShelfPicture.of(keeper.log(ShelfRoom.LOG));
            picture = now;
        }
        return now;
    }

    @Override
    public boolean has(LogName log) {
        return log.equals(ShelfRoom.LOG);
    }

    @Override
    public long append(LogName log, String by, long basedOn, List<NewLine> lines) {
        return keeper.append(log, by, basedOn, lines, clock.instant()).lastSequence();
    }

    /** Adds lines at a time other than now. */
    public void append(String by, List<NewLine> lines, Instant at) {
        keeper.append(ShelfRoom.LOG, by, 0, lines, at);
    }

    /** Adds lines now. */
    public void append(String by, List<NewLine> lines) {
        append(by, lines, clock.instant());
    }

    @Override
    public List<LineView> lines(LogName log) {
        return keeper.lines(log);
    }
}
