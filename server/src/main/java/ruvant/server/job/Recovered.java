package ruvant.server.job;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.TagNumber;

/**
 * A damaged log for reading. Where the line that says what came in is the damaged one, what the lists know of the camera stands in
 * its place: without it nothing of the job could be shown.
 */
final class Recovered {
    /** What nobody knows any more. */
    private static final String LOST = "cannot be read any more";

    private Recovered() {}

    static Log<JobEntry> of(Log<JobEntry> log, SummaryStore summaries) {
        boolean whole = log.unreadable().isEmpty();
        if (whole || log.counted().stream().anyMatch(line -> line.entry() instanceof IntakeEntry.Received)) {
            return log;
        }
        TagNumber tag = JobLog.tag(log);
        List<Line> lines = new ArrayList<>(log.lines());
        Line first = lines.getFirst();
        lines.set(
                0,
                summaries
                        .of(tag)
                        .map(known -> new Line(
                                first.id(), first.sequence(), known.days().cameIn(), first.by(), null, received(known)))
                        .orElseThrow(() -> new NoSuchJobException(tag)));
        return JobLog.of(tag, lines);
    }

    private static IntakeEntry.Received received(JobSummary known) {
        JobSummary.Which which = known.which();
        String owner = known.said().owner();
        return new IntakeEntry.Received(
                new Camera(
                        which.maker(), which.model(), which.pattern(), which.serial(), BodyType.RIGID, which.family()),
                new Owner(owner.isBlank() ? "?" : owner, "", false, null, null),
                "",
                List.of(),
                known.said().complaint().isBlank() ? LOST : known.said().complaint(),
                SpeedSeries.DOUBLING,
                List.of(),
                known.days().promised().orElse(null),
                known.said().features());
    }
}
