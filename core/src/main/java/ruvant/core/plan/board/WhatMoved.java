package ruvant.core.plan.board;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.plan.tasks.JobTasks;
import ruvant.core.units.TagNumber;

/**
 * What a new plan does otherwise than the one before.
 *
 * @param soon tasks that were to start soon and now start at another time or with somebody else
 * @param done cameras that are done on another day, the ones that become late first
 */
public record WhatMoved(List<MovedTask> soon, List<MovedEnd> done) {
    /** A shift smaller than this is not told. */
    private static final Duration SLIGHT = Duration.ofMinutes(10);

    private static final Duration SOON = Duration.ofHours(4);

    /** Nothing moved. */
    public static final WhatMoved NOTHING = new WhatMoved(List.of(), List.of());

    /** A task that was to start soon. */
    public record MovedTask(
            TagNumber tag,
            String camera,
            String words,
            Instant was,
            Instant is,
            Optional<String> by,
            Optional<String> byBefore) {}

    /**
     * A camera that is done on another day.
     *
     * @param is empty where it has no end any more
     * @param late whether it now misses its promised day and did not before
     */
    public record MovedEnd(
            TagNumber tag, String camera, Optional<LocalDate> was, Optional<LocalDate> is, boolean late) {}

    public WhatMoved {
        soon = List.copyOf(soon);
        done = List.copyOf(done);
    }

    /** Compares two plans. */
    public static WhatMoved between(ShopPlan before, ShopPlan after) {
        List<MovedTask> soon = new ArrayList<>();
        Map<String, Planned> now = after.byId();
        for (Planned was : before.tasks()) {
            Planned is = now.get(was.id());
            boolean toStart = !was.runs()
                    && was.task().byHand()
                    && was.start().isBefore(after.from().plus(SOON));
            if (toStart && is != null && !is.runs() && differs(was, is, after.from())) {
                soon.add(new MovedTask(
                        is.tag(),
                        is.job().camera(),
                        is.task().words(),
                        was.start(),
                        is.start(),
                        is.person(),
                        was.person()));
            }
        }
        List<MovedEnd> done = new ArrayList<>();
        for (JobTasks job : after.jobs()) {
            boolean known = before.jobs().stream().anyMatch(one -> one.tag().equals(job.tag()));
            Optional<LocalDate> was = before.done(job.tag()).map(one -> day(before, one));
            Optional<LocalDate> is = after.done(job.tag()).map(one -> day(after, one));
            if (known && !was.equals(is) && !job.tasks().isEmpty()) {
                done.add(
                        new MovedEnd(job.tag(), job.camera(), was, is, after.late(job) && !wasLate(before, job.tag())));
            }
        }
        done.sort(Comparator.comparing((MovedEnd one) -> !one.late()));
        return new WhatMoved(soon, done);
    }

    private static boolean wasLate(ShopPlan before, TagNumber tag) {
        return before.jobs().stream().anyMatch(one -> one.tag().equals(tag) && before.late(one));
    }

    /** A task that should have started by now has not moved by being started a moment later. */
    private static boolean differs(Planned was, Planned is, Instant now) {
        Instant could = was.start().isBefore(now) ? now : was.start();
        return Duration.between(could, is.start()).abs().compareTo(SLIGHT) > 0
                || !was.person().equals(is.person());
    }

    private static LocalDate day(ShopPlan plan, Instant at) {
        return at.atZone(plan.zone()).toLocalDate();
    }

    /** Whether there is nothing to tell. */
    public boolean nothing() {
        return soon.isEmpty() && done.isEmpty();
    }
}
