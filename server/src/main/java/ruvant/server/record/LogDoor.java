package ruvant.server.record;

import java.util.List;
import java.util.Set;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.people.Right;

/** The way into the logs of one kind, as every window takes it. */
public interface LogDoor {
    /** Whether a log is of this kind. */
    boolean has(LogName log);

    /** Adds lines as one, and gives the sequence of the last line then. */
    long append(LogName log, String by, long basedOn, List<NewLine> lines);

    /** What somebody needs to read the record, besides being let in to the log. */
    default Set<Right> toRead() {
        return Set.of();
    }

    /** Every line as the record shows it, oldest first. */
    List<LineView> lines(LogName log);
}
