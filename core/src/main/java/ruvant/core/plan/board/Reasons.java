package ruvant.core.plan.board;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.hours.ShopHours;
import ruvant.core.hours.WorkingHours;
import ruvant.core.house.Station;
import ruvant.core.plan.tasks.BenchTask;

/**
 * Finds the reasons of a plan in the plan itself: what holds a task back until it starts, and what it is good for that it comes before
 * others. Both are read off, not remembered from the search, so that they are true of whatever plan is shown.
 */
public final class Reasons {
    /** Less than a working day between the end of a camera and its promised day is little. */
    private static final Duration LITTLE = Duration.ofHours(24);

    /** A rest worth starting early. */
    private static final Duration LONG_REST = Duration.ofMinutes(60);

    private final ShopPlan plan;
    private final ShopHours hours;
    private final List<Station> stations;
    private final Map<String, Planned> last = new HashMap<>();

    /** @param stations of the house */
    public Reasons(ShopPlan plan, ShopHours hours, List<Station> stations) {
        this.plan = plan;
        this.hours = hours;
        this.stations = stations;
        plan.tasks().stream()
                .sorted(Comparator.comparing(Planned::piece))
                .forEach(one -> last.put(key(one, one.task().id()), one));
    }

    private static String key(Planned of, String task) {
        return of.tag() + "/" + task;
    }

    /** Why a task comes before others. */
    public Reason first(Planned task) {
        BenchTask its = task.task();
        if (task.runs()) {
            return Reason.of(Reason.Kind.RUNNING);
        }
        if (its.wish().at() != null) {
            return Reason.of(Reason.Kind.PINNED).at(its.wish().at());
        }
        if (its.wish().first()) {
            return Reason.of(Reason.Kind.FIRST);
        }
        Optional<Reason> window = window(task);
        if (window.isPresent()) {
            return window.get();
        }
        Optional<Reason> pressed = promise(task, true);
        return pressed.or(() -> startsRest(task))
                .or(() -> promise(task, false))
                .orElse(Reason.of(Reason.Kind.NOTHING_PRESSES));
    }

    private Optional<Reason> window(Planned task) {
        return task.task().after().stream()
                .filter(comes -> comes.withinMinutes() != null && last.containsKey(key(task, comes.task())))
                .map(comes -> {
                    Planned before = last.get(key(task, comes.task()));
                    return Reason.of(Reason.Kind.WINDOW)
                            .what(before.task().words())
                            .at(before.end().plus(Duration.ofMinutes(comes.withinMinutes())));
                })
                .findFirst();
    }

    private Optional<Reason> promise(Planned task, boolean onlyIfItPresses) {
        Optional<LocalDate> day = task.job().promised();
        Optional<Instant> done = plan.done(task.tag());
        if (day.isEmpty() || done.isEmpty()) {
            return Optional.empty();
        }
        Instant due = day.get().plusDays(1).atStartOfDay(plan.zone()).toInstant();
        Reason.Kind kind = done.get().isAfter(due)
                ? Reason.Kind.LATE
                : Duration.between(done.get(), due).compareTo(LITTLE) < 0
                        ? Reason.Kind.LITTLE_TIME
                        : Reason.Kind.PROMISED;
        return onlyIfItPresses && kind == Reason.Kind.PROMISED
                ? Optional.empty()
                : Optional.of(Reason.of(kind).promised(day.get(), done.get()));
    }

    private Optional<Reason> startsRest(Planned task) {
        return plan.of(task.tag()).stream()
                .filter(one ->
                        one.task().kind() == BenchTask.Kind.WAIT && !one.start().isBefore(task.end()))
                .filter(one -> one.task().after().stream()
                        .anyMatch(comes -> comes.task().equals(task.task().id())))
                .filter(one -> Duration.between(one.start(), one.end()).compareTo(LONG_REST) >= 0)
                .findFirst()
                .map(rest -> opening(rest.end())
                        .filter(opens -> opens.isAfter(rest.end()))
                        .map(opens -> Reason.of(Reason.Kind.RESTS_OVER_CLOSING)
                                .what(rest.task().words())
                                .at(rest.start())
                                .until(opens))
                        .orElseGet(() -> Reason.of(Reason.Kind.STARTS_REST)
                                .what(rest.task().words())
                                .at(rest.start())
                                .until(rest.end())));
    }

    /** When somebody works at or after a moment. */
    private Optional<Instant> opening(Instant from) {
        return plan.windows().values().stream()
                .flatMap(List::stream)
                .filter(one -> one.end().isAfter(from))
                .map(one -> one.start().isBefore(from) ? from : one.start())
                .min(Comparator.naturalOrder());
    }

    /** Why a task does not start earlier; empty where it starts at once. */
    public Optional<Reason> notEarlier(Planned task) {
        if (task.runs() || !task.start().isAfter(plan.from())) {
            return Optional.empty();
        }
        BenchTask its = task.task();
        if (its.wish().at() != null && !task.start().isAfter(its.wish().at().plus(Duration.ofMinutes(1)))) {
            return Optional.of(Reason.of(Reason.Kind.PINNED).at(its.wish().at()));
        }
        List<Reason> candidates = new ArrayList<>();
        Instant ready = plan.from();
        if (task.piece() > 1) {
            ready = last(task);
        }
        for (BenchTask.Comes comes : its.after()) {
            Planned before = last.get(key(task, comes.task()));
            if (before != null && before.end().isAfter(ready)) {
                ready = before.end();
                candidates.add(after(before));
            }
        }
        if (its.wish().notBefore() != null && its.wish().notBefore().isAfter(ready)) {
            ready = its.wish().notBefore();
            candidates.add(Reason.of(Reason.Kind.NOT_BEFORE).at(ready));
        }
        if (its.mayStart().isPresent() && its.mayStart().get().expected().isAfter(ready)) {
            candidates.add(arrival(its.mayStart().get()));
            return Optional.of(candidates.getLast());
        }
        if (!task.start().isAfter(ready)) {
            return last(candidates);
        }
        Optional<Reason> held = its.byHand() ? hands(task, ready) : station(task, ready);
        return held.or(() -> last(candidates));
    }

    private static Optional<Reason> last(List<Reason> candidates) {
        return candidates.isEmpty() ? Optional.empty() : Optional.of(candidates.getLast());
    }

    private Instant last(Planned task) {
        return plan.of(task.tag()).stream()
                .filter(one -> one.task().id().equals(task.task().id()) && one.piece() == task.piece() - 1)
                .map(Planned::end)
                .findFirst()
                .orElse(plan.from());
    }

    private static Reason after(Planned before) {
        return switch (before.task().kind()) {
            case HANDS ->
                Reason.of(Reason.Kind.AFTER_WORK).what(before.task().words()).until(before.end());
            case WAIT ->
                Reason.of(Reason.Kind.AFTER_WAIT).what(before.task().words()).until(before.end());
            case ARRIVAL -> before.task().mayStart().map(Reasons::arrival).orElse(Reason.of(Reason.Kind.AFTER_GUESS));
        };
    }

    private static Reason arrival(BenchTask.Coming coming) {
        return Reason.of(coming.told() ? Reason.Kind.AFTER_PARCEL : Reason.Kind.AFTER_GUESS)
                .what(coming.words())
                .at(coming.expected());
    }

    private Optional<Reason> station(Planned task, Instant ready) {
        String name = task.task().station();
        Optional<Station> station = stations.stream()
                .filter(one -> one.name().equalsIgnoreCase(name))
                .findFirst();
        if (station.isPresent()) {
            List<Planned> there = plan.tasks().stream()
                    .filter(one -> one != task && one.task().station().equalsIgnoreCase(name))
                    .filter(one -> !one.start().isAfter(ready) && one.end().isAfter(ready))
                    .sorted(Comparator.comparing(Planned::end))
                    .toList();
            if (there.size() >= station.get().capacity()) {
                return Optional.of(Reason.of(Reason.Kind.STATION_FULL)
                        .what(station.get().name())
                        .until(there.get(there.size() - station.get().capacity())
                                .end()));
            }
        }
        return Optional.of(Reason.of(Reason.Kind.NOBODY_WORKS).at(task.start()));
    }

    /** Who can do it is at something else until then, or is not there. */
    private Optional<Reason> hands(Planned task, Instant ready) {
        List<Planned> others = new ArrayList<>();
        boolean opens = false;
        for (WorkingHours one : hours.hours()) {
            String asked = task.task().wish().person();
            if (!one.can(task.task().skill()) || !asked.isEmpty() && !asked.equalsIgnoreCase(one.person())) {
                continue;
            }
            opens |= plan.windows(one.person()).stream()
                    .anyMatch(window -> window.start().equals(task.start()));
            plan.by(one.person()).stream()
                    .filter(other -> other != task
                            && other.end().isAfter(ready)
                            && !other.end().isAfter(task.start())
                            && !other.tag().equals(task.tag()))
                    .max(Comparator.comparing(Planned::end))
                    .ifPresent(others::add);
        }
        Optional<Planned> until =
                others.stream().filter(one -> one.end().equals(task.start())).findFirst();
        if (until.isEmpty() && opens) {
            return Optional.of(Reason.of(Reason.Kind.NOBODY_WORKS).at(task.start()));
        }
        Optional<Planned> busy = until.or(() -> others.stream().max(Comparator.comparing(Planned::end)));
        if (busy.isPresent()) {
            return Optional.of(Reason.of(Reason.Kind.HANDS_BUSY).with(busy.get()));
        }
        if (task.task().wish().mornings()
                && ready.atZone(plan.zone()).toLocalTime().isAfter(LocalTime.NOON)) {
            return Optional.of(Reason.of(Reason.Kind.MORNINGS));
        }
        return Optional.of(Reason.of(Reason.Kind.NOBODY_WORKS).at(task.start()));
    }
}
