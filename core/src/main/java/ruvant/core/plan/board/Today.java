package ruvant.core.plan.board;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.hours.ShopHours;
import ruvant.core.plan.tasks.BenchTask;

/**
 * What the plan says to one person at a moment.
 *
 * @param working whether that person works now by the hours of the shop
 * @param until when the present stretch ends: a break or closing; empty out of hours
 * @param closes when the last stretch of this day ends; empty where none is left today
 * @param opens when that person works next, where not now
 * @param now what is being done, or else what to start
 * @param next what comes after it today, in order
 * @param fits what could be started now and is over before the stretch ends, other than what is planned
 * @param waits what runs by the clock, the first to be over first
 */
public record Today(
        String person,
        boolean working,
        Optional<Instant> until,
        Optional<Instant> closes,
        Optional<Instant> opens,
        Optional<Planned> now,
        List<Planned> next,
        List<Planned> fits,
        List<Planned> waits) {
    private static final int FITS_AT_MOST = 6;

    /** Reads it off a plan. */
    public static Today of(ShopPlan plan, ShopHours hours, String person, Instant at) {
        List<ShopPlan.WorkWindow> windows = plan.windows(person);
        Optional<ShopPlan.WorkWindow> present = windows.stream()
                .filter(one -> !one.start().isAfter(at) && one.end().isAfter(at))
                .findFirst();
        var today = at.atZone(plan.zone()).toLocalDate();
        Optional<Instant> closes = windows.stream()
                .filter(one -> one.end().isAfter(at)
                        && one.start().atZone(plan.zone()).toLocalDate().equals(today))
                .map(ShopPlan.WorkWindow::end)
                .max(Comparator.naturalOrder());
        Optional<Instant> opens = windows.stream()
                .map(ShopPlan.WorkWindow::start)
                .filter(start -> start.isAfter(at))
                .findFirst();
        List<Planned> mine = plan.by(person);
        Optional<Planned> running = mine.stream().filter(Planned::runs).findFirst();
        List<Planned> ahead = mine.stream()
                .filter(one -> !one.runs())
                .filter(one -> closes.filter(end -> one.start().isBefore(end)).isPresent())
                .toList();
        Optional<Planned> now = running.or(() -> ahead.stream().findFirst());
        List<Planned> next =
                ahead.stream().filter(one -> now.filter(one::equals).isEmpty()).toList();
        return new Today(
                person,
                present.isPresent(),
                present.map(ShopPlan.WorkWindow::end),
                closes,
                opens,
                now,
                next,
                fits(plan, hours, person, at, present.map(ShopPlan.WorkWindow::end), now),
                plan.tasks().stream()
                        .filter(one -> one.task().kind() == BenchTask.Kind.WAIT && one.runs())
                        .sorted(Comparator.comparing(Planned::end))
                        .toList());
    }

    private static List<Planned> fits(
            ShopPlan plan, ShopHours hours, String person, Instant at, Optional<Instant> until, Optional<Planned> now) {
        if (until.isEmpty()) {
            return List.of();
        }
        Set<String> open = new HashSet<>();
        plan.tasks().forEach(one -> open.add(one.tag() + "/" + one.task().id()));
        plan.left().forEach(one -> open.add(one.job().tag() + "/" + one.task().id()));
        List<Planned> fits = new ArrayList<>();
        for (Planned one : plan.tasks()) {
            boolean mine = one.task().wish().person().isEmpty()
                    || one.task().wish().person().equalsIgnoreCase(person);
            boolean can =
                    hours.of(person).filter(its -> its.can(one.task().skill())).isPresent();
            boolean ready =
                    one.task().after().stream().noneMatch(comes -> open.contains(one.tag() + "/" + comes.task()));
            boolean allowed = one.task().wish().notBefore() == null
                    || !one.task().wish().notBefore().isAfter(at);
            Instant ends = at.plus(Duration.between(one.start(), one.end()));
            boolean another = now.filter(is -> is.id().equals(one.id())).isEmpty();
            if (one.task().byHand()
                    && !one.runs()
                    && one.piece() == 1
                    && mine
                    && can
                    && ready
                    && allowed
                    && another
                    && !ends.isAfter(until.get())) {
                fits.add(one);
            }
        }
        return fits.stream().limit(FITS_AT_MOST).toList();
    }
}
