package ruvant.core.plan.board;

import java.time.Instant;
import java.util.Optional;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.units.TagNumber;

/**
 * A task in its place.
 *
 * @param id of the whole shop: the tag and the task's id within the job, and which piece where it is parted by a break
 * @param job whose it is
 * @param piece 1 and up
 * @param pieces in how many it is done; mostly 1
 * @param start when it starts
 * @param end when it is over
 * @param person who does it; empty for what nobody does
 */
public record Planned(
        String id,
        JobTasks job,
        BenchTask task,
        int piece,
        int pieces,
        Instant start,
        Instant end,
        Optional<String> person) {
    /** The camera's tag. */
    public TagNumber tag() {
        return job.tag();
    }

    /** Whether somebody is at it now, or it lies somewhere already. */
    public boolean runs() {
        return task.runs().isPresent();
    }
}
