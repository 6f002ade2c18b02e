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
import ruvant.core.units.FieldProblem;

class SolverTest {
    private static final int DAY = RandomBench.DAY;

    static java.util.stream.IntStream seeds() {
        return java.util.stream.IntStream.range(0, 120);
    }

    /** What is wrong with a plan, worked out minute by rule and sharing nothing with what made it. */
    private static List<String> wrong(PlanCase of, Map<String, PlanCase.Placed> plan) {
        List<String> wrong = new ArrayList<>();
        Map<String, List<PlanCase.Placed>> byHand = new HashMap<>();
        Map<String, List<PlanCase.Placed>> byStation = new HashMap<>();
        for (PlanCase.Job job : of.jobs()) {
            for (PlanCase.Task task : job.tasks()) {
                PlanCase.Placed its = plan.get(task.id());
                if (of.fixed().containsKey(task.id())) {
                    if (!its.equals(of.fixed().get(task.id()))) {
                        wrong.add(task.id() + " was fixed");
                    }
                    continue;
                }
                if (its.end() != its.start() + task.minutes()) {
                    wrong.add(task.id() + " has another length");
                }
                if (its.start() < Math.max(of.now(), Math.max(job.release(), task.notBefore()))) {
                    wrong.add(task.id() + " is too early");
                }
                for (PlanCase.After after : task.after()) {
                    int end = plan.get(after.task()).end();
                    if (its.start() < end
                            || after.maxLag() != null
                                    && !of.fixed().containsKey(after.task())
                                    && its.start() > end + after.maxLag()) {
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
        PlanCase of = RandomBench.of(new Random(seed));
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

    @ParameterizedTest
    @MethodSource("seeds")
    void aPlanMadeAgainLaterKeepsWhatHasStartedAndBreaksNoRule(int seed) {
        Random random = new Random(seed);
        PlanCase before = RandomBench.of(random, 2, 1 + random.nextInt(12), 60);
        Timetable plan = new Solver(before, seed).plan();
        if (!plan.complete()) {
            return;
        }
        PlanCase of = RandomBench.later(before, plan.placed(), random);
        Solver solver = new Solver(of, seed);
        solver.improve(Effort.rounds(20));
        if (solver.plan().complete()) {
            assertThat(wrong(of, solver.plan().placed())).isEmpty();
        }
    }

    @Test
    void whatWasToStartSoonStaysWhereNothingSpeaksAgainstIt() {
        List<PlanCase.Job> jobs = List.of(
                new PlanCase.Job("A", 0, 5 * DAY, 1, List.of(RandomBench.task("a", true, 60))),
                new PlanCase.Job("B", 0, 5 * DAY, 1, List.of(RandomBench.task("b", true, 60))));
        PlanCase fresh = RandomBench.small(jobs, Map.of());
        Map<String, PlanCase.Placed> before = Map.of(
                "b",
                new PlanCase.Placed(560, 620, Optional.of("A")),
                "a",
                new PlanCase.Placed(630, 690, Optional.of("A")));
        PlanCase of = new PlanCase(
                fresh.now(),
                fresh.horizon(),
                fresh.hands(),
                fresh.stations(),
                fresh.open(),
                jobs,
                Map.of(),
                before,
                fresh.stability(),
                fresh.objective());
        Solver solver = new Solver(of, 1);
        solver.improve(Effort.rounds(50));
        assertThat(solver.plan().placed()).isEqualTo(before);
        assertThat(solver.plan().lateness()).isZero();
    }

    @Test
    void threeHundredCamerasArePlannedWithinTheRules() {
        PlanCase of = RandomBench.of(new Random(7), 3, 300, 400);
        Solver solver = new Solver(of, 1);
        solver.improve(Effort.rounds(3));
        assertThat(solver.plan().complete()).isTrue();
        assertThat(wrong(of, solver.plan().placed())).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsNotRefusedAtTheDoorIsPlannedToTheEnd(int seed) {
        PlanCase of = RandomBench.of(new Random(seed + 1_000), 3, 25, 120);
        try {
            PlanCase sound = CaseCheck.sound(of);
            assertThat(new Solver(sound, 1).plan().complete()).isTrue();
        } catch (FieldProblem refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }

    @Test
    void mostRandomBenchesAreNotRefused() {
        long accepted = seeds().filter(seed -> {
                    try {
                        CaseCheck.sound(RandomBench.of(new Random(seed), 3, 8, 60));
                        return true;
                    } catch (FieldProblem refused) {
                        return false;
                    }
                })
                .count();
        assertThat(accepted).as("so that the rules are really tried").isGreaterThan(60);
    }

    @Test
    void theSameSeedAndRoundsGiveTheSamePlan() {
        PlanCase of = RandomBench.of(new Random(5));
        Solver one = new Solver(of, 3);
        Solver other = new Solver(of, 3);
        one.improve(Effort.rounds(40));
        other.improve(Effort.rounds(40));
        assertThat(one.plan()).isEqualTo(other.plan());
    }

    @Test
    void whereNobodyWorksOnlyWaitsArePlaced() {
        PlanCase of = RandomBench.of(new Random(5));
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

    @Test
    void aWaitIsMovedOnUntilWhatFollowsItFitsWithinItsLatest() {
        PlanCase.Job job = new PlanCase.Job(
                "J",
                540,
                1050,
                1,
                List.of(
                        RandomBench.task("soak", false, 150),
                        RandomBench.task("press", true, 120, new PlanCase.After("soak", 10))));
        Timetable plan = new Solver(RandomBench.small(List.of(job), Map.of()), 1).plan();
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
                List.of(
                        RandomBench.task("soak", false, 100),
                        RandomBench.task("press", true, 60, new PlanCase.After("soak", 10))));
        PlanCase.Job other = new PlanCase.Job("O", 0, 600, 3, List.of(RandomBench.task("long", true, 200)));
        Timetable plan = new Solver(
                        RandomBench.small(
                                List.of(other, urgent),
                                Map.of("soak", new PlanCase.Placed(460, 560, Optional.empty()))),
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
