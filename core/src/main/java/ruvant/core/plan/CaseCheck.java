package ruvant.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ruvant.core.units.FieldProblem;

/**
 * Looks a case over before it is planned. What can never be done, whatever the order, is refused with its reason; tasks are put after
 * those that they wait for.
 */
public final class CaseCheck {
    /** No time of a case lies further off than this, in minutes: ten years. */
    private static final int FAR = 10 * 366 * 1440;

    private static final int MOST_JOBS = 1_000;

    private final PlanCase of;
    private final Map<String, PlanCase.Task> tasks = new HashMap<>();

    private CaseCheck(PlanCase of) {
        this.of = of;
    }

    /**
     * The same case in a sound order.
     *
     * @throws FieldProblem naming the task and why it can never be done
     */
    public static PlanCase sound(PlanCase of) {
        return new CaseCheck(of).sound();
    }

    private PlanCase sound() {
        require(
                of.jobs().size() <= MOST_JOBS,
                "jobs",
                "There are " + of.jobs().size() + " jobs; the most are " + MOST_JOBS + ".",
                "Plan fewer jobs at once.");
        near("now", of.now());
        near("horizon", of.horizon());
        of.fixed().forEach((task, placed) -> {
            near(task, placed.start());
            near(task, placed.end());
        });
        of.previous().forEach((task, placed) -> near(task, placed.start()));
        for (PlanCase.Hand hand : of.hands()) {
            apart("technicians." + hand.id(), hand.windows());
        }
        apart("open", of.open());
        unique("technicians", of.hands().stream().map(PlanCase.Hand::id).toList());
        unique("stations", of.stations().stream().map(PlanCase.Station::id).toList());
        unique("jobs", of.jobs().stream().map(PlanCase.Job::id).toList());
        for (PlanCase.Job job : of.jobs()) {
            require(
                    job.weight() >= 0,
                    job.id(),
                    "The weight of job " + job.id() + " is below 0.",
                    "Give it 0 or more.");
            near(job.id(), job.release());
            near(job.id(), job.due());
            for (PlanCase.Task task : job.tasks()) {
                near(task.id(), task.minutes());
                near(task.id(), task.notBefore());
                near(task.id(), task.notAfter() == null ? 0 : task.notAfter());
                boolean first = tasks.put(task.id(), task) == null;
                require(
                        first,
                        task.id(),
                        "The task " + task.id() + " is there twice.",
                        "Give each task an id of its own.");
            }
        }
        List<PlanCase.Job> jobs = of.jobs().stream().map(this::sorted).toList();
        PlanCase sorted = of.with(jobs);
        fixedAreKnown();
        jobs.stream()
                .flatMap(job -> job.tasks().stream())
                .filter(task -> !of.fixed().containsKey(task.id()))
                .forEach(this::possible);
        blocksArePossible(sorted);
        return sorted;
    }

    private static void require(boolean holds, String field, String message, String remedy) {
        if (!holds) {
            throw new FieldProblem(field, message, remedy);
        }
    }

    private static void near(String field, int minutes) {
        require(
                Math.abs((long) minutes) <= FAR,
                field,
                minutes + " min at “" + field + "” is outside -" + FAR + " to " + FAR + " min, ten years.",
                "Count minutes from a moment near now.");
    }

    private static void unique(String field, List<String> ids) {
        Set<String> seen = new HashSet<>();
        for (String id : ids) {
            require(seen.add(id), field, "“" + id + "” is there twice.", "Give each an id of its own.");
        }
    }

    private static void apart(String field, List<PlanCase.Span> windows) {
        int last = Integer.MIN_VALUE;
        for (PlanCase.Span window : windows) {
            near(field, window.start());
            near(field, window.end());
            require(
                    window.start() < window.end(),
                    field,
                    "The window from " + window.start() + " to " + window.end() + " has no length.",
                    "Let its end come after its start.");
            require(
                    window.start() >= last,
                    field,
                    "The window from " + window.start() + " to " + window.end() + " overlaps the one before it.",
                    "Join the two, in the order of time.");
            last = window.end();
        }
    }

    private void fixedAreKnown() {
        of.fixed().forEach((id, placed) -> {
            require(
                    tasks.containsKey(id),
                    "fixed",
                    "The fixed task " + id + " is in no job.",
                    "Leave it out, or add it to its job.");
            require(
                    placed.start() <= placed.end(),
                    "fixed",
                    "The fixed task " + id + " ends before it starts.",
                    "Correct its start or its end.");
        });
    }

    /** The tasks of a job, each after those that it waits for. */
    private PlanCase.Job sorted(PlanCase.Job job) {
        Map<String, PlanCase.Task> left = new LinkedHashMap<>();
        job.tasks().forEach(task -> left.put(task.id(), task));
        for (PlanCase.Task task : job.tasks()) {
            for (PlanCase.After after : task.after()) {
                require(
                        left.containsKey(after.task()),
                        task.id(),
                        task.id() + " waits for " + after.task() + ", which is no task of job " + job.id() + ".",
                        "Let it wait for a task of its own job.");
                require(
                        after.maxLag() == null || after.maxLag() >= 0,
                        task.id(),
                        "The longest gap before " + task.id() + " is below 0.",
                        "Give it in minutes, 0 or more.");
            }
        }
        List<PlanCase.Task> order = new ArrayList<>();
        while (!left.isEmpty()) {
            PlanCase.Task next = left.values().stream()
                    .filter(task -> task.after().stream().noneMatch(after -> left.containsKey(after.task())))
                    .findFirst()
                    .orElseThrow(() -> new FieldProblem(
                            job.id(),
                            "In job " + job.id() + " these tasks wait for one another: "
                                    + String.join(", ", left.keySet()) + ".",
                            "Take one of these links away."));
            left.remove(next.id());
            order.add(next);
        }
        return new PlanCase.Job(job.id(), job.release(), job.due(), job.weight(), order);
    }

    /** Whether a task could be done if nothing else had to be. */
    private void possible(PlanCase.Task task) {
        String id = task.id();
        require(task.minutes() >= 1, id, id + " takes " + task.minutes() + " min.", "Give it at least 1 min.");
        if (!task.station().isEmpty()) {
            PlanCase.Station station = of.stations().stream()
                    .filter(one -> one.id().equals(task.station()))
                    .findFirst()
                    .orElseThrow(() -> new FieldProblem(
                            id,
                            id + " needs the station “" + task.station() + "”, which is not there.",
                            "Add the station, or take it off the task."));
            require(
                    station.capacity() > 0,
                    id,
                    id + " needs the station “" + station.id() + "”, which holds nothing.",
                    "Give the station a capacity of at least 1.");
        }
        if (!task.attended()) {
            return;
        }
        List<PlanCase.Hand> able = able(task);
        require(
                !able.isEmpty(),
                id,
                id + " needs the skill “" + task.skill() + "”, which nobody has.",
                "Give somebody this skill, or ask for another.");
        int longest = able.stream()
                .flatMap(hand -> hand.windows().stream())
                .mapToInt(window -> window.end() - window.start())
                .max()
                .orElse(0);
        require(
                longest >= task.minutes(),
                id,
                id + " takes " + task.minutes() + " min, and nobody who can do it works longer than " + longest
                        + " min without a break.",
                "Split the task, or lengthen a working time.");
    }

    private List<PlanCase.Hand> able(PlanCase.Task task) {
        return of.hands().stream()
                .filter(hand -> hand.skills().contains(task.skill()))
                .toList();
    }

    /** Whether waits with what must follow them in time could be placed on an empty bench. */
    private void blocksArePossible(PlanCase sorted) {
        Problem problem = new Problem(sorted.withoutPrevious());
        for (int[] blocks : problem.jobBlocks) {
            Bench empty = new Bench(problem);
            for (int block : blocks) {
                empty.place(block);
                int first = problem.blocks[block][0];
                if (empty.end[first] >= Problem.NEVER / 2) {
                    throw new FieldProblem(
                            problem.tasks.get(first).id(),
                            never(problem, block),
                            "Allow a longer gap, or lengthen a working time.");
                }
            }
        }
    }

    private static String never(Problem problem, int block) {
        int[] its = problem.blocks[block];
        String first = problem.tasks.get(its[0]).id();
        if (its.length == 1) {
            return first + " finds no time before the horizon, even on an empty bench.";
        }
        for (int task : its) {
            for (PlanCase.After after : problem.tasks.get(task).after()) {
                if (after.maxLag() != null) {
                    return problem.tasks.get(task).id() + " must start within " + after.maxLag() + " min after "
                            + after.task() + ", and nobody works at any such time.";
                }
            }
        }
        return first + " and what must follow it find no time together.";
    }
}
