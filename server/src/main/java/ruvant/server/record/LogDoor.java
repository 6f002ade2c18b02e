package ruvant.server.record;

import java.util.List;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;

/** The way into the logs of one kind, as every window takes it. */
public interface LogDoor {
    /** Whether a log is of this kind. */
    boolean has(LogName log);

    /** Adds lines as one, and gives the sequence of the last line then. */
    long append(LogName log, String by, long basedOn, List<NewLine> lines);

    /** Every line as the record shows it, oldest first. */
    List<LineView> lines(LogName log);
}
