package ruvant.core.plan.board;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import ruvant.core.plan.tasks.BenchTask;
import ruvant.core.plan.tasks.JobTasks;

/**
 * Finds for each task that was pinned to a time and cannot be started then the smallest set of wishes that conflict: the pin alone, the
 * pin with one other wish, with two, or more. A set is tried by planning only the cameras it is about, with only these wishes: what
 * nobody wished gives way to them anyway.
 */
public final class WishConflicts {
    /** A pin counts as kept when the task starts this close to it. */
    private static final Duration KEPT = Duration.ofMinutes(1);

    /** With more wishes than this, pairs are no longer tried one by one. */
    private static final int MANY = 24;

    private static final long SEED = 1;

    private final PlanAsk ask;
    private final List<Wished> all = new ArrayList<>();

    private WishConflicts(PlanAsk ask) {
        this.ask = ask;
        ask.jobs()
                .forEach(job -> job.tasks().stream()
                        .filter(one -> !one.wish().nothing() && !one.wish().aside())
                        .forEach(one -> all.add(new Wished(job, one))));
    }

    /** A task of which something is wished. */
    public record Wished(JobTasks job, BenchTask task) {}

    /**
     * Wishes that cannot all be met.
     *
     * @param wishes the smallest set; the first is the pin that is not kept
     * @param planned where that task is now
     * @param why what holds it back there
     */
    public record Conflict(List<Wished> wishes, Planned planned, Optional<Reason> why) {}

    /** All conflicts of a plan. */
    public static List<Conflict> of(PlanAsk ask, ShopPlan plan, Reasons reasons) {
        List<Planned> missed = plan.tasks().stream()
                .filter(one -> one.piece() == 1 && !one.runs())
                .filter(WishConflicts::missed)
                .toList();
        if (missed.isEmpty()) {
            return List.of();
        }
        WishConflicts conflicts = new WishConflicts(ask);
        return missed.stream().map(one -> conflicts.of(one, reasons)).toList();
    }

    private static boolean missed(Planned one) {
        return one.task().wish().at() != null
                && Duration.between(one.task().wish().at(), one.start()).compareTo(KEPT) > 0;
    }

    private Conflict of(Planned missed, Reasons reasons) {
        Wished pin = new Wished(missed.job(), missed.task());
        List<Wished> others = all.stream().filter(one -> !one.equals(pin)).toList();
        List<Wished> least = least(pin, others);
        return new Conflict(least, missed, reasons.notEarlier(missed));
    }

    private List<Wished> least(Wished pin, List<Wished> others) {
        if (fails(List.of(pin))) {
            return List.of(pin);
        }
        for (Wished one : others) {
            if (fails(List.of(pin, one))) {
                return List.of(pin, one);
            }
        }
        if (others.size() <= MANY) {
            for (int one = 0; one < others.size(); one++) {
                for (int two = one + 1; two < others.size(); two++) {
                    List<Wished> three = List.of(pin, others.get(one), others.get(two));
                    if (fails(three)) {
                        return three;
                    }
                }
            }
        }
        return withoutIdle(pin, others);
    }

    /** Takes away one wish after the other that the conflict does not need; what stays needs every one of them. */
    private List<Wished> withoutIdle(Wished pin, List<Wished> others) {
        List<Wished> left = new ArrayList<>(others);
        for (Wished one : others) {
            List<Wished> without = new ArrayList<>(left);
            without.remove(one);
            List<Wished> tried = new ArrayList<>(List.of(pin));
            tried.addAll(without);
            if (fails(tried)) {
                left = without;
            }
        }
        List<Wished> least = new ArrayList<>(List.of(pin));
        least.addAll(left);
        return least;
    }

    /** Whether the first of these wishes cannot be met together with the others. */
    private boolean fails(List<Wished> wishes) {
        Predicate<Wished> kept = wishes::contains;
        List<JobTasks> jobs = ask.jobs().stream()
                .filter(job -> wishes.stream().anyMatch(one -> one.job().tag().equals(job.tag())))
                .map(job -> job.with(job.tasks().stream()
                        .map(task -> kept.test(new Wished(job, task)) ? task : task.unwished())
                        .toList()))
                .toList();
        ShopPlan plan = new PlanMaking(ask.only(jobs), SEED).plan();
        Wished pin = wishes.getFirst();
        return plan.tasks().stream()
                .filter(one -> one.piece() == 1
                        && one.tag().equals(pin.job().tag())
                        && one.task().id().equals(pin.task().id()))
                .allMatch(WishConflicts::missed);
    }
}
