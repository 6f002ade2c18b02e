package ruvant.core.log;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ruvant.core.units.Refusal;

/** One of the shop's own logs in a test, with one room. */
public final class ShopLog {
    private static final Instant NOW = Instant.parse("2031-03-04T09:00:00Z");
    private final Rooms rooms;
    private final Kernel kernel;
    private Log<Entry> log = Log.empty(new LogName("shop"));

    public ShopLog(Room<?> room) {
        this.rooms = new Rooms(List.of(room));
        this.kernel = new Kernel(rooms, folds -> new StandingOf(NOW));
    }

    /** Adds an entry, and says why it was refused where it was. */
    public Optional<Refusal> add(Entry entry) {
        List<Line> lines = Kernel.numbered(log, "Ada", List.of(NewLine.of(entry)), NOW, Optional.empty());
        Kernel.Outcome<Entry> outcome = kernel.added(log, lines, Optional.empty());
        log = outcome.log();
        return outcome.refusal();
    }

    /** Strikes the last line. */
    public Optional<Refusal> strikeLast() {
        return add(new RecordEntry.Struck(log.lines().getLast().id(), "entered by mistake"));
    }

    /** What another window that has seen so far would be told when it added this. */
    public List<Line> unseen(long seen, Entry entry) {
        return kernel.unseen(log, seen, Kernel.numbered(log, "Ben", List.of(NewLine.of(entry)), NOW, Optional.empty()));
    }

    public long lastSequence() {
        return log.lastSequence();
    }

    /** The last line in words. */
    public String lastWords() {
        return rooms.words(log.lines().getLast().entry());
    }

    public <F extends RoomFold<?>> F fold(Class<F> fold) {
        return Folding.of(rooms, log).of(fold);
    }
}
