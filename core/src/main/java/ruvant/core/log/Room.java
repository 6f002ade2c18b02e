package ruvant.core.log;

import java.util.List;
import java.util.Optional;
import ruvant.core.units.Refusal;

/**
 * The answers of one room about its entries. Each answer is a switch over the room's sealed family without a default
 * branch, so that a new kind of entry does not compile until the room has an answer to every question.
 *
 * @param <E> the room's sealed family of entries
 */
public interface Room<E extends Entry> {
    /** The sealed family of this room. */
    Class<E> entries();

    /**
     * A fold that has read nothing yet.
     *
     * @param earlier folds of the rooms before this one in the order of the work
     */
    RoomFold<E> begin(Folds earlier);

    /**
     * Why the entry may not be made just now though it makes sense: gates, harm, what the owner has not agreed to. Asked
     * once, when the line is added, and not again when the log is replayed.
     */
    Optional<Refusal> rule(E entry, Standing now);

    /** The entry as one sentence, as the record shows it. */
    String words(E entry, Names names);

    /** What the entry does beyond this room. */
    List<Effect> effects(E entry);

    /**
     * What the entry puts in place of what stood there before, such as "trays"; empty where it adds to what is there.
     * Where two windows replace the same, the second is told of the first.
     */
    default List<String> replaces(E entry) {
        return List.of();
    }
}
