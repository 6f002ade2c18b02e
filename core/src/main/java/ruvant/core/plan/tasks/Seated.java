package ruvant.core.plan.tasks;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.Stop;

/** Finds the task at which somebody sits now: that of the stop at which work was started, else the first that can be done. */
final class Seated {
    private Seated() {}

    /** The same tasks, the one that is being done marked as running. */
    static List<BenchTask> now(List<BenchTask> tasks, JobPicture picture, Instant now) {
        Optional<Stop> stop = picture.sitting().seated().map(down -> down.stop());
        if (stop.isEmpty()) {
            return List.copyOf(tasks);
        }
        Instant since = picture.sitting().seatedSince().orElse(now);
        String who = picture.sitting().seatedWho().orElse("");
        Optional<BenchTask> at = tasks.stream()
                .filter(BenchTask::byHand)
                .filter(one -> one.stop() == stop.get() || one.work() != null && one.work() == Works.at(stop.get()))
                .findFirst()
                .or(() -> tasks.stream().filter(BenchTask::byHand).findFirst());
        List<BenchTask> all = new ArrayList<>(tasks);
        at.ifPresent(one -> all.replaceAll(task -> task == one
                ? one.running(
                        new BenchTask.Running(
                                since,
                                now.plus(Duration.ofMinutes(
                                        Math.max(1, Math.round(one.minutes().median()))))),
                        who)
                : task));
        return List.copyOf(all);
    }
}
