package ruvant.core.plan.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import ruvant.core.hours.WorkingHours;
import ruvant.core.house.Station;
import ruvant.core.plan.tasks.BenchTask;

/** Holds a plan of a shop against every rule, minute by minute and by the wall clock; it knows nothing of how plans are made. */
final class PlanJudgeOfShop {
    private final PlanAsk ask;
    private final ShopPlan plan;

    private PlanJudgeOfShop(PlanAsk ask, ShopPlan plan) {
        this.ask = ask;
        this.plan = plan;
    }

    static void keepsEveryRule(PlanAsk ask, ShopPlan plan) {
        PlanJudgeOfShop judge = new PlanJudgeOfShop(ask, plan);
        judge.everyTaskIsThereOrLeftOver();
        plan.tasks().forEach(judge::comesAfterWhatItMust);
        plan.tasks().stream().filter(one -> one.task().byHand() && !one.runs()).forEach(judge::isDoneByWhoMayAndWorks);
        judge.nobodyDoesTwoThings();
        judge.noStationHoldsTooMuch();
    }

    private void everyTaskIsThereOrLeftOver() {
        ask.jobs()
                .forEach(job -> job.tasks().forEach(task -> {
                    boolean placed = plan.of(job.tag()).stream()
                            .anyMatch(one -> one.task().id().equals(task.id()));
                    boolean left = plan.left().stream()
                            .anyMatch(one -> one.job().tag().equals(job.tag())
                                    && one.task().id().equals(task.id()));
                    assertThat(placed || left).as(job.tag() + "/" + task.id()).isTrue();
                }));
    }

    private void comesAfterWhatItMust(Planned one) {
        if (one.runs()) {
            return;
        }
        assertThat(one.start()).as(one.id()).isAfterOrEqualTo(plan.from());
        for (BenchTask.Comes comes : one.task().after()) {
            List<Planned> before = plan.of(one.tag()).stream()
                    .filter(other -> other.task().id().equals(comes.task()))
                    .toList();
            assertThat(before).as(one.id() + " after " + comes.task()).isNotEmpty();
            Instant end =
                    before.stream().map(Planned::end).max(Instant::compareTo).orElseThrow();
            assertThat(one.start()).as(one.id() + " after " + comes.task()).isAfterOrEqualTo(end);
            if (comes.withinMinutes() != null && before.getFirst().task().runs().isEmpty() && one.piece() == 1) {
                assertThat(Duration.between(end, one.start()))
                        .as(one.id() + " in time")
                        .isLessThanOrEqualTo(Duration.ofMinutes(comes.withinMinutes()));
            }
        }
        if (one.task().wish().notBefore() != null) {
            assertThat(one.start()).isAfterOrEqualTo(one.task().wish().notBefore());
        }
    }

    private void isDoneByWhoMayAndWorks(Planned one) {
        String person = one.person().orElseThrow(() -> new AssertionError(one.id() + " is done by nobody"));
        WorkingHours hours = ask.hours().of(person).orElseThrow();
        assertThat(hours.can(one.task().skill())).as(one.id() + " by " + person).isTrue();
        if (!one.task().wish().person().isEmpty()) {
            assertThat(person).isEqualTo(one.task().wish().person());
        }
        for (Instant at = one.start(); at.isBefore(one.end()); at = at.plus(Duration.ofMinutes(1))) {
            var wall = at.atZone(ask.zone());
            boolean works = hours.on(wall.getDayOfWeek()).stream()
                    .anyMatch(stretch -> !wall.toLocalTime().isBefore(stretch.from())
                            && (stretch.to().toSecondOfDay() == 0
                                    || wall.toLocalTime().isBefore(stretch.to())));
            boolean off = ask.hours().off().stream()
                    .anyMatch(day -> (day.person().isEmpty() || day.person().equalsIgnoreCase(person))
                            && !wall.toLocalDate().isBefore(day.first())
                            && !wall.toLocalDate().isAfter(day.last()));
            assertThat(works && !off)
                    .as(one.id() + " by " + person + " at " + wall)
                    .isTrue();
            if (one.task().wish().mornings()) {
                assertThat(wall.getHour()).as(one.id() + " in the morning").isLessThan(12);
            }
        }
    }

    private void nobodyDoesTwoThings() {
        for (WorkingHours hours : ask.hours().hours()) {
            List<Planned> its = plan.by(hours.person());
            for (int at = 1; at < its.size(); at++) {
                Planned before = its.get(at - 1);
                Instant busyFrom = before.runs() ? plan.from() : before.start();
                assertThat(its.get(at).start().isBefore(busyFrom)
                                || !its.get(at).start().isBefore(before.end()))
                        .as(before.id() + " and " + its.get(at).id() + " by " + hours.person())
                        .isTrue();
            }
        }
    }

    private void noStationHoldsTooMuch() {
        Map<String, Integer> capacity =
                ask.stations().stream().collect(java.util.stream.Collectors.toMap(Station::name, Station::capacity));
        for (Planned one : plan.tasks()) {
            if (one.task().byHand() || one.task().station().isEmpty() || one.runs()) {
                continue;
            }
            long there = plan.tasks().stream()
                    .filter(other -> other.task().station().equals(one.task().station()))
                    .filter(other ->
                            !other.start().isAfter(one.start()) && other.end().isAfter(one.start()))
                    .count();
            assertThat(there)
                    .as(one.task().station() + " at " + one.start())
                    .isLessThanOrEqualTo(capacity.get(one.task().station()));
        }
    }
}
