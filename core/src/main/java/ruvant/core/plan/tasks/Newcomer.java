package ruvant.core.plan.tasks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Line;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.WayBack;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Owner;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;

/** A camera that stands at the counter: it is planned as a job of which nothing is logged yet but that it came in. */
public final class Newcomer {
    /** Tags count up from 1; no shop comes this far. */
    public static final TagNumber TAG = TagNumber.LAST;

    private Newcomer() {}

    /**
     * All that it will need.
     *
     * @param promised the day that is thought of; null for none
     */
    public static JobTasks tasks(
            Camera camera, @MayBeNull LocalDate promised, Shop shop, KnownHere known, Instant now) {
        IntakeEntry.Received received = new IntakeEntry.Received(
                camera,
                new Owner("", "", true, null, null),
                "",
                List.of(),
                "as it comes in",
                SpeedSeries.DOUBLING,
                List.of(),
                promised);
        Line line = new Line(UUID.randomUUID(), 1, now, "Ruvant", null, received);
        JobPicture picture = JobPicture.of(JobLog.of(TAG, List.of(line)), shop.practice());
        return TasksLeft.of(new JobNow(picture, shop, LearnedChecks.NONE, WayBack.USUAL_PACE, now), known);
    }
}
