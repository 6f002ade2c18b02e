package ruvant.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SolverTest {
    private static final int DAY = 1440;

    static java.util.stream.IntStream seeds() {
        return java.util.stream.IntStream.range(0, 120);
    }

    /** Random benches: odd calendars, tasks of a minute and waits of days, stations for one, latest times, chains of coats. */
    private static PlanCase bench(Random random) {
        int days = 60;
        List<PlanCase.Hand> hands = new ArrayList<>();
        List<PlanCase.Span> open = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            open.add(new PlanCase.Span(day * DAY + 540, day * DAY + 1050));
        }
        for (int hand = random.nextInt(4); hand > 0; hand--) {
            List<PlanCase.Span> windows = new ArrayList<>();
            for (int day = 0; day < days; day++) {
                if (random.nextInt(7) > 0) {
                    int begin = 540 + random.nextInt(90);
                    int noon = begin + 150 + random.nextInt(60);
                    windows.add(new PlanCase.Span(day * DAY + begin, day * DAY + noon));
                    // some go on without a break: two windows that touch are two windows all the same
                    int after = noon + (random.nextInt(3) == 0 ? 0 : 45);
                    windows.add(new PlanCase.Span(day * DAY + after, day * DAY + after + 200));
                }
            }
            hands.add(new PlanCase.Hand(
                    "H" + hand, random.nextInt(3) == 0 ? Set.of("general") : Set.of("general", "fine"), windows));
        }
        List<PlanCase.Station> stations =
                List.of(new PlanCase.Station("pad", 1), new PlanCase.Station("box", 1 + random.nextInt(3)));
        List<PlanCase.Job> jobs = new ArrayList<>();
        for (int job = 1 + random.nextInt(12); job > 0; job--) {
            jobs.add(job("J" + job, random));
        }
        return new PlanCase(
                random.nextInt(2) * 600,
                days * DAY,
                hands,
                stations,
                open,
                jobs,
                Map.of(),
                Map.of(),
                new PlanCase.Stability(120, 60),
                PlanCase.Objective.LATENESS);
    }

    private static PlanCase.Job job(String id, Random random) {
        List<PlanCase.Task> tasks = new ArrayList<>();
        int count = 1 + random.nextInt(8);
        boolean lagged = false;
        for (int at = 0; at < count; at++) {
            boolean wait = at > 0 && random.nextInt(3) == 0;
            List<PlanCase.After> after = new ArrayList<>();
            if (at > 0) {
                PlanCase.Task before = tasks.get(lagged ? at - 1 : random.nextInt(at));
                Integer lag = !before.attended() && !wait && random.nextBoolean() ? 10 + random.nextInt(300) : null;
                after.add(new PlanCase.After(before.id(), lag));
            }
            int minutes = wait ? 1 + random.nextInt(random.nextBoolean() ? 60 : 3 * DAY) : 1 + random.nextInt(120);
            String station = random.nextInt(3) > 0 ? "" : random.nextBoolean() ? "pad" : "box";
            tasks.add(new PlanCase.Task(
                    id + "." + at,
                    "",
                    !wait,
                    minutes,
                    wait ? "" : random.nextInt(4) == 0 ? "fine" : "general",
                    station,
                    wait && random.nextBoolean(),
                    random.nextInt(5) == 0 ? random.nextInt(5 * DAY) : 0,
                    after));
            lagged = wait && random.nextBoolean();
        }
        int release = random.nextInt(3 * DAY);
        return new PlanCase.Job(id, release, release + random.nextInt(10 * DAY), 1 + random.nextInt(3), tasks);
    }

    /** What is wrong with a plan, worked out minute by rule and sharing nothing with what made it. */
    private static List<String> wrong(PlanCase of, Map<String, PlanCase.Placed> plan) {
        List<String> wrong = new ArrayList<>();
        Map<String, List<PlanCase.Placed>> byHand = new HashMap<>();
        Map<String, List<PlanCase.Placed>> byStation = new HashMap<>();
        for (PlanCase.Job job : of.jobs()) {
            for (PlanCase.Task task : job.tasks()) {
                PlanCase.Placed its = plan.get(task.id());
                if (its.end() != its.start() + task.minutes()) {
                    wrong.add(task.id() + " has another length");
                }
                if (its.start() < Math.max(of.now(), Math.max(job.release(), task.notBefore()))) {
                    wrong.add(task.id() + " is too early");
                }
                for (PlanCase.After after : task.after()) {
                    int end = plan.get(after.task()).end();
                    if (its.start() < end || after.maxLag() != null && its.start() > end + after.maxLag()) {
                        wrong.add(task.id() + " does not follow " + after.task());
                    }
                }
                if (task.attended()) {
                    PlanCase.Hand hand = of.hands().stream()
                            .filter(one -> one.id().equals(its.hand().orElse("")))
                            .findFirst()
                            .orElseThrow();
                    boolean inside = hand.windows().stream()
                            .anyMatch(one -> one.start() <= its.start() && its.end() <= one.end());
                    if (!inside || !hand.skills().contains(task.skill())) {
                        wrong.add(task.id() + " is nobody's");
                    }
                    byHand.computeIfAbsent(hand.id(), one -> new ArrayList<>()).add(its);
                } else if (task.startOpen()
                        && of.open().stream()
                                .noneMatch(one -> one.start() <= its.start() && its.start() <= one.end())) {
                    wrong.add(task.id() + " begins while nobody is there");
                }
                if (!task.station().isEmpty()) {
                    byStation
                            .computeIfAbsent(task.station(), one -> new ArrayList<>())
                            .add(its);
                }
            }
        }
        byHand.forEach((hand, all) -> {
            if (most(all) > 1) {
                wrong.add(hand + " does two things at once");
            }
        });
        of.stations().forEach(station -> {
            if (most(byStation.getOrDefault(station.id(), List.of())) > station.capacity()) {
                wrong.add(station.id() + " is too full");
            }
        });
        return wrong;
    }

    private static int most(List<PlanCase.Placed> all) {
        return all.stream()
                .mapToInt(one -> (int) all.stream()
                        .filter(other -> other.start() <= one.start() && one.start() < other.end())
                        .count())
                .max()
                .orElse(0);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noPlanBreaksARule(int seed) {
        PlanCase of = bench(new Random(seed));
        Solver solver = new Solver(of, seed);
        Timetable first = solver.plan();
        solver.improve(Effort.rounds(30));
        Timetable better = solver.plan();
        if (of.hands().stream().noneMatch(one -> one.skills().contains("fine"))) {
            return;
        }
        if (first.complete()) {
            assertThat(wrong(of, first.placed())).isEmpty();
        }
        if (better.complete()) {
            assertThat(wrong(of, better.placed())).isEmpty();
        }
        assertThat(better.lateness()).isLessThanOrEqualTo(first.lateness());
    }

    @Test
    void mostRandomBenchesCanBePlannedToTheEnd() {
        long complete = seeds().mapToObj(seed -> bench(new Random(seed)))
                .filter(of -> of.hands().stream().anyMatch(one -> one.skills().contains("fine")))
                .filter(of -> new Solver(of, 1).plan().complete())
                .count();
        assertThat(complete).as("so that the rules are really tried").isGreaterThan(60);
    }

    @Test
    void theSameSeedAndRoundsGiveTheSamePlan() {
        PlanCase of = bench(new Random(5));
        Solver one = new Solver(of, 3);
        Solver other = new Solver(of, 3);
        one.improve(Effort.rounds(40));
        other.improve(Effort.rounds(40));
        assertThat(one.plan()).isEqualTo(other.plan());
    }

    @Test
    void whereNobodyWorksOnlyWaitsArePlaced() {
        PlanCase of = bench(new Random(5));
        PlanCase nobody = new PlanCase(
                of.now(),
                of.horizon(),
                List.of(),
                of.stations(),
                of.open(),
                of.jobs(),
                Map.of(),
                Map.of(),
                of.stability(),
                of.objective());
        assertThat(new Solver(nobody, 1).plan().complete()).isFalse();
    }

    private static PlanCase.Task task(String id, boolean attended, int minutes, PlanCase.After... after) {
        return new PlanCase.Task(id, "", attended, minutes, attended ? "general" : "", "", false, 0, List.of(after));
    }

    private static PlanCase small(List<PlanCase.Job> jobs, Map<String, PlanCase.Placed> fixed) {
        List<PlanCase.Span> windows =
                List.of(new PlanCase.Span(540, 750), new PlanCase.Span(810, 1050), new PlanCase.Span(1980, 2190));
        return new PlanCase(
                540,
                4 * DAY,
                List.of(new PlanCase.Hand("A", Set.of("general"), windows)),
                List.of(),
                windows,
                jobs,
                fixed,
                Map.of(),
                new PlanCase.Stability(120, 60),
                PlanCase.Objective.LATENESS);
    }

    @Test
    void aWaitIsMovedOnUntilWhatFollowsItFitsWithinItsLatest() {
        PlanCase.Job job = new PlanCase.Job(
                "J",
                540,
                1050,
                1,
                List.of(task("soak", false, 150), task("press", true, 120, new PlanCase.After("soak", 10))));
        Timetable plan = new Solver(small(List.of(job), Map.of()), 1).plan();
        assertThat(plan.placed().get("press").start())
                .as("120 minutes fit after the break, not before it")
                .isEqualTo(810);
        assertThat(plan.placed().get("soak").start()).isEqualTo(650);
    }

    @Test
    void whatWaitsForSomethingThatRunsAlreadyGoesFirst() {
        PlanCase.Job urgent = new PlanCase.Job(
                "W",
                0,
                5 * DAY,
                1,
                List.of(task("soak", false, 100), task("press", true, 60, new PlanCase.After("soak", 10))));
        PlanCase.Job other = new PlanCase.Job("O", 0, 600, 3, List.of(task("long", true, 200)));
        Timetable plan = new Solver(
                        small(List.of(other, urgent), Map.of("soak", new PlanCase.Placed(460, 560, Optional.empty()))),
                        1)
                .plan();
        assertThat(plan.placed().get("press").start()).isBetween(560, 570);
    }

    @Test
    void theClassicShopOfSixIsSolved() {
        int[][] shop = {
            {2, 1, 0, 3, 1, 6, 3, 7, 5, 3, 4, 6},
            {1, 8, 2, 5, 4, 10, 5, 10, 0, 10, 3, 4},
            {2, 5, 3, 4, 5, 8, 0, 9, 1, 1, 4, 7},
            {1, 5, 0, 5, 2, 5, 3, 3, 4, 8, 5, 9},
            {2, 9, 1, 3, 4, 5, 5, 4, 0, 3, 3, 1},
            {1, 3, 3, 3, 5, 9, 0, 10, 4, 4, 2, 1}
        };
        List<PlanCase.Span> always = List.of(new PlanCase.Span(0, 1_000));
        List<PlanCase.Hand> machines = new ArrayList<>();
        List<PlanCase.Job> jobs = new ArrayList<>();
        for (int one = 0; one < shop.length; one++) {
            machines.add(new PlanCase.Hand("M" + one, Set.of("m" + one), always));
            List<PlanCase.Task> tasks = new ArrayList<>();
            for (int at = 0; at < shop[one].length; at += 2) {
                List<PlanCase.After> after =
                        at == 0 ? List.of() : List.of(new PlanCase.After(one + "." + (at - 2), null));
                tasks.add(new PlanCase.Task(
                        one + "." + at, "", true, shop[one][at + 1], "m" + shop[one][at], "", false, 0, after));
            }
            jobs.add(new PlanCase.Job("J" + one, 0, 0, 1, tasks));
        }
        PlanCase of = new PlanCase(
                0,
                1_000,
                machines,
                List.of(),
                always,
                jobs,
                Map.of(),
                Map.of(),
                new PlanCase.Stability(0, 0),
                PlanCase.Objective.MAKESPAN);
        Solver solver = new Solver(of, 1);
        solver.improve(Effort.rounds(3_000));
        assertThat(solver.plan().lateness()).isEqualTo(55);
    }
}
