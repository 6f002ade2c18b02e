package ruvant.core.log;

import java.util.List;
import java.util.Optional;
import ruvant.core.units.Refusal;

/**
 * Reads the entries of one room line by line and keeps what they come to. A fold is used by one thread and thrown away.
 *
 * @param <E> the room's entries
 */
public interface RoomFold<E extends Entry> {
    /**
     * Why the entry makes no sense after what was taken so far, such as putting back what is not off. Only what can never
     * be, not what is unwise: the same question is asked again when the log is replayed after a strike.
     */
    Optional<Refusal> objection(Line line, E entry);

    /** Takes the entry in. */
    void take(Line line, E entry);

    /**
     * Why a line of whatever room makes no sense now, such as any line after a camera was returned.
     *
     * @param effects what its room says that it does beyond itself
     */
    default Optional<Refusal> objectionToAny(Line line, List<Effect> effects) {
        return Optional.empty();
    }

    /** Hears of what an entry of another room, or of its own, did beyond that room; after it was taken. */
    default void hear(Line line, Effect effect) {}

    /** Hears of every line that was taken, whatever its room, once all of its effects were heard. */
    default void followed(Line line, List<Effect> effects) {}
}
