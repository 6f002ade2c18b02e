package ruvant.core.log;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.units.Refusal;

/**
 * Reads a log into all its rooms at once.
 *
 */
public final class Folding implements Folds {
    private final Rooms rooms;
    private final Map<Class<?>, RoomFold<?>> folds;
    private final List<RoomFold<?>> inOrder;
    private final Folds byClass;

    /** A folding that has read nothing yet. */
    public Folding(Rooms rooms) {
        this.rooms = rooms;
        this.folds = rooms.begin();
        this.byClass = new Rooms.ByClass(folds);
        this.inOrder = rooms.all().stream()
                .<RoomFold<?>>map(room -> folds.get(room.entries()))
                .toList();
    }

    /** All lines of a log that count; of a damaged log those that make sense without what cannot be read. */
    public static Folding of(Rooms rooms, Log<?> log) {
        Folding folding = new Folding(rooms);
        boolean damaged = !log.unreadable().isEmpty();
        for (Line line : log.counted()) {
            if (!damaged || folding.objection(line).isEmpty()) {
                folding.take(line);
            }
        }
        return folding;
    }

    /** Why a line makes no sense after those taken. */
    public Optional<Refusal> objection(Line line) {
        List<Effect> effects = rooms.effects(line.entry());
        for (RoomFold<?> fold : inOrder) {
            Optional<Refusal> refused = fold.objectionToAny(line, effects);
            if (refused.isPresent()) {
                return refused;
            }
        }
        return line.entry() instanceof RecordEntry
                ? Optional.empty()
                : own(line).objection(line, line.entry());
    }

    /** Takes a line that makes sense. */
    public void take(Line line) {
        own(line).take(line, line.entry());
        List<Effect> effects = rooms.effects(line.entry());
        for (Effect effect : effects) {
            inOrder.forEach(fold -> fold.hear(line, effect));
        }
        inOrder.forEach(fold -> fold.followed(line, effects));
    }

    @SuppressWarnings("unchecked")
    private RoomFold<Entry> own(Line line) {
        return (RoomFold<Entry>) folds.get(rooms.familyOf(line.entry()));
    }

    @Override
    public <F extends RoomFold<?>> F of(Class<F> fold) {
        return byClass.of(fold);
    }
}
