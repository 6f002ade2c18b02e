package ruvant.core.plan.tasks;

import ruvant.core.intake.IntakeEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.minutes.Took;
import ruvant.core.plan.minutes.Work;
import ruvant.core.trade.Stop;

/** Which kind of work is done at which stop. */
public final class Works {
    private Works() {}

    /** The kind of work of a stop. */
    public static Work at(Stop stop) {
        return switch (stop) {
            case INTAKE -> Work.INTAKE;
            case STRIP -> Work.WAY_IN;
            case FIND -> Work.LOOK;
            case CLEAN, MEND, OIL -> Work.TREAT;
            case REFIT -> Work.REFIT;
            case PROVE -> Work.PROVE;
            case RETURN -> Work.RETURN;
        };
    }

    /** Work at a camera; the treatment of one known cause is told from that of another. */
    static Took.Task task(Work work, JobPicture job, IntakeEntry.Received in) {
        boolean one = work == Work.TREAT && job.find().causes().size() == 1;
        return task(work, in, one ? job.find().causes().getFirst().what().id() : "");
    }

    /** Work at a camera and a part or cause of it; empty for the whole camera. */
    static Took.Task task(Work work, IntakeEntry.Received in, String part) {
        return new Took.Task(
                work,
                in.camera().family(),
                (in.camera().maker() + " " + in.camera().model()).strip(),
                part);
    }
}
