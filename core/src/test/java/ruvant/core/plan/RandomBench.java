package ruvant.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Benches that no shop has: odd calendars, tasks of a minute and waits of days, stations for one, latest times, chains of coats. */
final class RandomBench {
    static final int DAY = 1440;

    private RandomBench() {}

    static PlanCase of(Random random) {
        return of(random, random.nextInt(4), 1 + random.nextInt(12), 60);
    }

    static PlanCase of(Random random, int handCount, int jobCount, int days) {
        List<PlanCase.Hand> hands = new ArrayList<>();
        List<PlanCase.Span> open = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            open.add(new PlanCase.Span(day * DAY + 540, day * DAY + 1050));
        }
        for (int hand = handCount; hand > 0; hand--) {
            hands.add(hand("H" + hand, random, days));
        }
        List<PlanCase.Station> stations =
                List.of(new PlanCase.Station("pad", 1), new PlanCase.Station("box", 1 + random.nextInt(3)));
        List<PlanCase.Job> jobs = new ArrayList<>();
        for (int job = jobCount; job > 0; job--) {
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

    private static PlanCase.Hand hand(String id, Random random, int days) {
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
        return new PlanCase.Hand(id, random.nextInt(3) == 0 ? Set.of("general") : Set.of("general", "fine"), windows);
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

    /** The same bench some time later: what has started by then is fixed, one of it takes longer, the rest is the plan before. */
    static PlanCase later(PlanCase of, Map<String, PlanCase.Placed> plan, Random random) {
        int now = of.now() + random.nextInt(2 * DAY);
        Map<String, PlanCase.Placed> fixed = new HashMap<>();
        Map<String, PlanCase.Placed> previous = new HashMap<>();
        plan.forEach((task, placed) -> (placed.start() < now ? fixed : previous).put(task, placed));
        fixed.entrySet().stream()
                .filter(one -> one.getValue().end() > now)
                .filter(one -> one.getValue().hand().isPresent())
                .findFirst()
                .ifPresent(one -> one.setValue(new PlanCase.Placed(
                        one.getValue().start(),
                        one.getValue().end() + 35,
                        one.getValue().hand())));
        return new PlanCase(
                now,
                of.horizon(),
                of.hands(),
                of.stations(),
                of.open(),
                of.jobs(),
                fixed,
                previous,
                of.stability(),
                of.objective());
    }

    static PlanCase.Task task(String id, boolean attended, int minutes, PlanCase.After... after) {
        return new PlanCase.Task(id, "", attended, minutes, attended ? "general" : "", "", false, 0, List.of(after));
    }

    /** Two days of one hand, with a break on the first. */
    static PlanCase small(List<PlanCase.Job> jobs, Map<String, PlanCase.Placed> fixed) {
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

    static Optional<String> nobody() {
        return Optional.empty();
    }
}
