package ruvant.core.job;

import java.util.List;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.units.TagNumber;

/** A job's log goes by its tag. */
public final class JobLog {
    private JobLog() {}

    /** What the log of a job is called. */
    public static LogName name(TagNumber tag) {
        return new LogName(tag.toString());
    }

    /** The log of a job. */
    public static Log<JobEntry> of(TagNumber tag, List<Line> lines) {
        return new Log<>(name(tag), lines);
    }

    /** The job that a log is about. */
    public static TagNumber tag(Log<JobEntry> log) {
        return TagNumber.parse(log.name().text());
    }
}
