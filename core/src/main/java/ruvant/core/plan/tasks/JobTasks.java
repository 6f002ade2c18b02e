package ruvant.core.plan.tasks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Urgency;

/**
 * All that is left to do at one camera.
 *
 * @param camera its maker and model
 * @param here since when it is in the shop
 * @param promised the day by which the owner was told it is done
 * @param tasks each after those it comes after
 */
public record JobTasks(
        TagNumber tag,
        String camera,
        Instant here,
        Optional<LocalDate> promised,
        Urgency urgency,
        List<BenchTask> tasks) {
    public JobTasks {
        tasks = List.copyOf(tasks);
    }

    /** Minutes of work that are left, by the middle of what is known of each task. */
    public double handMinutes() {
        return tasks.stream()
                .filter(BenchTask::byHand)
                .mapToDouble(one -> one.minutes().median())
                .sum();
    }

    /** The same with other tasks. */
    public JobTasks with(List<BenchTask> others) {
        return new JobTasks(tag, camera, here, promised, urgency, others);
    }

    /** A task by its id within the job. */
    public Optional<BenchTask> task(String id) {
        return tasks.stream().filter(one -> one.id().equals(id)).findFirst();
    }
}
