package ruvant.core.log;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;

/**
 * The rooms of one kind of log, in the order of the work.
 *
 */
public final class Rooms {
    private final List<Room<?>> all;
    private final Map<Class<?>, Room<?>> byKind = new ConcurrentHashMap<>();

    /** @param all in the order of the work: a room's fold may look at those before it */
    public Rooms(List<? extends Room<?>> all) {
        this.all = List.copyOf(all);
    }

    /** Each of them, in the order of the work. */
    public List<Room<?>> all() {
        return all;
    }

    /**
     * Whether an entry has a room here.
     *
     * @throws FieldProblem if it belongs to another kind of log
     */
    public void check(Entry entry) {
        if (!(entry instanceof RecordEntry)) {
            room(entry);
        }
    }

    /** The entry as one sentence, where it refers to nothing by its line. */
    public String words(Entry entry) {
        return words(entry, Names.NONE);
    }

    /** The entry as one sentence. */
    public String words(Entry entry, Names names) {
        return switch (entry) {
            case RecordEntry.Amended amended -> amended.words() + ", now: " + words(amended.entry(), names);
            case RecordEntry record -> record.words();
            default -> room(entry).words(entry, names);
        };
    }

    /** What an entry does beyond its room; a strike may do anything and says nothing of it. */
    public List<Effect> effects(Entry entry) {
        return entry instanceof RecordEntry ? List.of() : room(entry).effects(entry);
    }

    /** Whether an entry has this effect. */
    public boolean has(Entry entry, Effect effect) {
        return effects(entry).contains(effect);
    }

    /** What an entry puts in place of what stood there before. */
    public List<String> replaces(Entry entry) {
        return entry instanceof RecordEntry ? List.of() : room(entry).replaces(entry);
    }

    Optional<Refusal> rule(Entry entry, Standing now) {
        return entry instanceof RecordEntry ? Optional.empty() : room(entry).rule(entry, now);
    }

    /** Which room it is depends on the kind of entry only, and is asked for at every line of every fold. */
    @SuppressWarnings("unchecked")
    private Room<Entry> room(Entry entry) {
        return (Room<Entry>) byKind.computeIfAbsent(entry.getClass(), this::find);
    }

    private Room<?> find(Class<?> kind) {
        return all.stream()
                .filter(room -> room.entries().isAssignableFrom(kind))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        "kind",
                        "An entry of kind “" + kind.getSimpleName() + "” does not belong in this log.",
                        "Log it where it belongs."));
    }

    Map<Class<?>, RoomFold<?>> begin() {
        Map<Class<?>, RoomFold<?>> folds = new HashMap<>();
        Folds earlier = new ByClass(folds);
        all.forEach(room -> {
            RoomFold<?> fold = room.begin(earlier);
            folds.put(fold.getClass(), fold);
            folds.put(room.entries(), fold);
        });
        return folds;
    }

    /** Folds by their class. */
    record ByClass(Map<Class<?>, RoomFold<?>> folds) implements Folds {
        @Override
        public <F extends RoomFold<?>> F of(Class<F> fold) {
            RoomFold<?> found = folds.get(fold);
            if (found == null) {
                throw new IllegalArgumentException(fold.getName() + " is no fold of a room before this one");
            }
            return fold.cast(found);
        }
    }

    Class<?> familyOf(Entry entry) {
        return room(entry).entries();
    }
}
