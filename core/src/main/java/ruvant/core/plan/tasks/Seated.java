package ruvant.core.plan.tasks;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ruvant.core.picture.JobPicture;
import ruvant.core.plan.minutes.Guess;
import ruvant.core.sitting.SittingTime;
import ruvant.core.trade.Stop;

/**
 * Finds the task at which somebody sits now: the first of the stop at which work was started that can be done. Where none of them can be
 * yet, it is work of its own, which ends some time.
 */
final class Seated {
    private static final Guess SOME_WORK = new Guess(20, 0.6, 0);

    /** Work that is none of the tasks that are left. */
    private static final String SITTING = "sitting";

    private Seated() {}

    /** The same tasks, the one that is being done marked as running. */
    static List<BenchTask> now(List<BenchTask> tasks, JobPicture picture, Instant now) {
        Optional<Stop> stop = picture.sitting().seated().map(down -> down.stop());
        Instant since = picture.sitting().seatedSince().orElse(now);
        boolean forgotten = Duration.between(since, now).compareTo(SittingTime.LONGEST_SITTING) > 0;
        if (stop.isEmpty() || forgotten || tasks.isEmpty()) {
            return List.copyOf(tasks);
        }
        String who = picture.sitting().seatedWho().orElse("");
        Optional<BenchTask> at = tasks.stream()
                .filter(BenchTask::byHand)
                .filter(one -> one.stop() == stop.get() || one.work() != null && one.work() == Works.at(stop.get()))
                .filter(one -> one.after().isEmpty())
                .findFirst();
        List<BenchTask> all = new ArrayList<>(tasks);
        if (at.isPresent()) {
            BenchTask its = at.get();
            all.replaceAll(one -> one == its ? its.running(until(since, now, its.minutes()), who) : one);
        } else {
            long sat = Duration.between(since, now).toMinutes();
            Guess left = SOME_WORK.after(sat);
            all.addFirst(BenchTask.work(
                            SITTING,
                            Works.at(stop.get()),
                            stop.get(),
                            "At work: " + stop.get().label(),
                            left)
                    .running(until(since, now, left), who));
        }
        return List.copyOf(all);
    }

    private static BenchTask.Running until(Instant since, Instant now, Guess left) {
        return new BenchTask.Running(since, now.plus(Duration.ofMinutes(Math.max(1, Math.round(left.median())))));
    }

    /** Nobody works at two cameras at once: of several, the one at which somebody sat down last counts. */
    static List<JobTasks> oneEach(List<JobTasks> jobs) {
        Map<String, Instant> last = new HashMap<>();
        jobs.stream()
                .flatMap(job -> job.tasks().stream())
                .filter(one -> one.byHand() && one.runs().isPresent())
                .forEach(one -> last.merge(
                        key(one), one.runs().get().started(), (some, other) -> some.isAfter(other) ? some : other));
        return jobs.stream()
                .map(job -> job.with(job.tasks().stream()
                        .filter(one -> !one.id().equals(SITTING) || isLast(one, last))
                        .map(one -> one.byHand() && one.runs().isPresent() && !isLast(one, last) ? one.stopped() : one)
                        .toList()))
                .toList();
    }

    private static boolean isLast(BenchTask one, Map<String, Instant> last) {
        return one.runs()
                .filter(runs -> runs.started().equals(last.get(key(one))))
                .isPresent();
    }

    private static String key(BenchTask one) {
        return one.by().toLowerCase(Locale.ROOT);
    }
}
