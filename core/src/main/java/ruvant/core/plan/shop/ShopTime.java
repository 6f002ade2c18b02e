package ruvant.core.plan.shop;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ruvant.core.hours.DaysOff;
import ruvant.core.hours.WorkingHours;
import ruvant.core.plan.PlanCase;

/**
 * The time of a plan: whole minutes that really pass from an origin. A wait over the night in which the clocks change takes as long as
 * any other, while working hours follow the clock on the wall.
 *
 * @param origin minute 0
 * @param days how many days are looked ahead, that of the origin included
 */
public record ShopTime(ZoneId zone, Instant origin, int days) {
    /** The minute in which a moment lies; below 0 before the origin. */
    public int minute(Instant moment) {
        return (int) Math.floorDiv(ChronoUnit.SECONDS.between(origin, moment), 60);
    }

    /** The first minute that is not before a moment. */
    public int minuteFrom(Instant moment) {
        return -(int) Math.floorDiv(ChronoUnit.SECONDS.between(moment, origin), 60);
    }

    /** When a minute begins. */
    public Instant at(int minute) {
        return origin.plus(minute, ChronoUnit.MINUTES);
    }

    /** The first minute after the last day. */
    public int horizon() {
        return minute(firstDay().plusDays(days).atStartOfDay(zone).toInstant());
    }

    private LocalDate firstDay() {
        return origin.atZone(zone).toLocalDate();
    }

    /**
     * When somebody works, in order and apart; stretches that meet are one. An hour that the clocks skip is not worked, one that they
     * show twice is worked through.
     */
    public List<PlanCase.Span> windows(WorkingHours hours, List<DaysOff> off) {
        List<PlanCase.Span> windows = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            LocalDate date = firstDay().plusDays(day);
            if (off.stream().noneMatch(one -> one.meets(hours.person(), date))) {
                hours.on(date.getDayOfWeek()).forEach(stretch -> add(windows, span(date, stretch)));
            }
        }
        return List.copyOf(windows);
    }

    private PlanCase.Span span(LocalDate date, WorkingHours.WorkStretch stretch) {
        LocalDate last = stretch.to().equals(LocalTime.MIDNIGHT) ? date.plusDays(1) : date;
        Instant from = date.atTime(stretch.from()).atZone(zone).toInstant();
        Instant to = last.atTime(stretch.to())
                .atZone(zone)
                .withLaterOffsetAtOverlap()
                .toInstant();
        return new PlanCase.Span(minuteFrom(from), minute(to));
    }

    private static void add(List<PlanCase.Span> windows, PlanCase.Span next) {
        PlanCase.Span last = windows.isEmpty() ? null : windows.getLast();
        if (next.end() <= 0 || next.end() <= next.start()) {
            return;
        }
        if (last != null && next.start() <= last.end()) {
            windows.set(windows.size() - 1, new PlanCase.Span(last.start(), Math.max(last.end(), next.end())));
        } else {
            windows.add(new PlanCase.Span(Math.max(0, next.start()), next.end()));
        }
    }

    /** When anybody works: then a part can be put in. */
    public static List<PlanCase.Span> anybody(List<List<PlanCase.Span>> windows) {
        List<PlanCase.Span> all = new ArrayList<>();
        windows.stream()
                .flatMap(List::stream)
                .sorted(Comparator.comparingInt(PlanCase.Span::start))
                .forEach(one -> add(all, one));
        return List.copyOf(all);
    }
}
