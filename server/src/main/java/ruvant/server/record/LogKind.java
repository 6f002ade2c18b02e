package ruvant.server.record;

import java.time.Instant;
import java.util.List;
import ruvant.core.log.Entry;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.Names;
import ruvant.core.log.Rooms;

/**
 * What the keeper asks of one kind of log.
 *
 * @param <E> the entries it takes
 */
public interface LogKind<E extends Entry> {
    /** The rooms its entries belong to. */
    Rooms rooms();

    /** The kernel that adds lines to a log at a moment. */
    Kernel kernel(LogName log, Instant now);

    /** What things are called that its entries refer to by their line. */
    default Names names(Log<E> log) {
        return Names.NONE;
    }

    /** Keeps what lists need of the log, in the transaction that stores the lines. */
    void project(Log<E> after, Folds folds, List<Line> added);

    /** Tells whoever wants to know, once the lines are stored. */
    void tell(Log<E> after, Folds folds, List<Line> added);

    /** Says that a log has no line yet, where that cannot be; a log of the shop itself just has none. */
    default void begun(Log<E> log) {}
}
