package ruvant.core.job;

import java.util.Optional;
import ruvant.core.units.Refusal;

/**
 * Reads a log line by line and keeps the picture of one room. A fold is used by one thread and thrown away.
 *
 * @param <E> the entries this room reads
 */
public interface Fold<E extends Entry> {
    /**
     * Why the line's entry makes no sense after what was taken so far, such as putting back what is not off. Only what can
     * never be, not what is unwise: the same question is asked again when the log is replayed after a strike.
     */
    Optional<Refusal> objection(Line line, E entry);

    /** Takes the entry into the picture. */
    void take(Line line, E entry);
}
