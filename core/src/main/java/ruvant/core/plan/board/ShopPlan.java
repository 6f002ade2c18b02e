package ruvant.core.plan.board;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.units.TagNumber;

/**
 * A plan of the shop.
 *
 * @param from the moment from which on it holds
 * @param tasks in the order in which they start
 * @param left what has no place in it
 * @param windows when each person works
 */
public record ShopPlan(
        Instant from,
        ZoneId zone,
        List<JobTasks> jobs,
        List<Planned> tasks,
        List<NotPlanned> left,
        Map<String, List<WorkWindow>> windows) {
    /** From when to when somebody works without a break. */
    public record WorkWindow(Instant start, Instant end) {}

    public ShopPlan {
        tasks = tasks.stream()
                .sorted(Comparator.comparing(Planned::start)
                        .thenComparing(Planned::end)
                        .thenComparing(Planned::id))
                .toList();
        left = List.copyOf(left);
        jobs = List.copyOf(jobs);
    }

    /** Tasks of a camera, in the order in which they start. */
    public List<Planned> of(TagNumber tag) {
        return tasks.stream().filter(one -> one.tag().equals(tag)).toList();
    }

    /** By their ids in the whole shop. */
    public Map<String, Planned> byId() {
        return tasks.stream().collect(Collectors.toMap(Planned::id, Function.identity()));
    }

    /** When a camera is done; empty where something of it has no place, or nothing is left. */
    public Optional<Instant> done(TagNumber tag) {
        return left.stream().anyMatch(one -> one.job().tag().equals(tag))
                ? Optional.empty()
                : of(tag).stream().map(Planned::end).max(Comparator.naturalOrder());
    }

    /** Whether a camera would be done after the day that was promised. */
    public boolean late(JobTasks job) {
        return job.promised()
                .flatMap(day -> done(job.tag()).map(done -> done.isAfter(endOf(day))))
                .orElse(false);
    }

    /** Cameras that would be done after their promised day. */
    public List<JobTasks> late() {
        return jobs.stream().filter(this::late).toList();
    }

    private Instant endOf(LocalDate day) {
        return day.plusDays(1).atStartOfDay(zone).toInstant();
    }

    /** When somebody works. */
    public List<WorkWindow> windows(String person) {
        return windows.getOrDefault(person, List.of());
    }

    /** What somebody does, in the order of time. */
    public List<Planned> by(String person) {
        return tasks.stream()
                .filter(one -> one.person().filter(person::equals).isPresent())
                .toList();
    }
}
