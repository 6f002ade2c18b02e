package ruvant.core.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * Makes a plan and goes on improving it. Whole jobs are laid one after another by several rules for a first plan; the best of those is
 * reworked job by job ({@link Rework}), and at last by the order of its blocks ({@link Sequence}). Every plan on the way keeps all
 * rules; what is returned is the best of them.
 */
public final class Solver {
    private static final int RULES = 6;

    /** A small plan gains more where what moves forward pushes the rest back; a large one where a few jobs change places. */
    private static final int SMALL = 120;

    private static final double OF_SMALL = 0.2;
    private static final double OF_LARGE = 0.85;

    /** Heat at the beginning and at the end, in weighted minutes of lateness: a day's, down to what no longer matters. */
    private static final double HOT = 400;

    private static final double HOT_SEQUENCE = 1000;
    private static final double COLD = 3;

    private final Problem problem;
    private final SplittableRandom random;
    private final Best best = new Best();

    /**
     * Makes the first plan.
     *
     * @param seed of all chances
     */
    public Solver(PlanCase of, long seed) {
        problem = new Problem(of);
        random = new SplittableRandom(seed);
        int jobs = of.jobs().size();
        double[] work = new double[jobs];
        for (int task = 0; task < problem.minutes.length; task++) {
            work[problem.job[task]] += problem.minutes[task];
        }
        for (int rule = 0; rule < RULES; rule++) {
            layByRule(rule, work);
        }
    }

    private void layByRule(int rule, double[] work) {
        PlanCase of = problem.of;
        Bench bench = new Bench(problem, random);
        IntStream.range(0, work.length)
                .boxed()
                .sorted(Comparator.comparingInt(this::latest)
                        .thenComparingDouble(job -> rank(rule, of.jobs().get(job), work[job])))
                .flatMapToInt(job -> IntStream.of(problem.jobBlocks[job]))
                .forEach(bench::place);
        best.remember(Score.of(problem, bench), bench);
    }

    /** When the first task of a job must start that waits for something which runs already; never where none does. */
    private int latest(int job) {
        return IntStream.of(problem.jobTasks[job])
                .filter(task -> problem.fixedStart[task] == Problem.NOBODY)
                .map(task -> problem.latest[task])
                .min()
                .orElse(Problem.NEVER);
    }

    /** First what is due first; what has least to spare, alone or by its weight; what is soon done; and two between those. */
    private double rank(int rule, PlanCase.Job job, double work) {
        double left = job.due() - problem.of.now();
        return switch (rule) {
            case 0 -> left;
            case 1 -> left - work;
            case 2 -> (left - work) / job.weight();
            case 3 -> work / job.weight();
            case 4 -> left + work / 2;
            default -> left / job.weight();
        };
    }

    /** Improves the plan. */
    public void improve(Effort effort) {
        if (problem.blocks.length < 2) {
            return;
        }
        double share = problem.byLastEnd() ? 0 : problem.blocks.length < SMALL ? OF_SMALL : OF_LARGE;
        if (share > 0) {
            rework(effort.part(0, share));
        }
        Effort ordering = effort.part(share, 1);
        Sequence sequence = new Sequence(problem, random, best);
        for (double spent = ordering.spent(); spent < 1; spent = ordering.spent()) {
            double heat = HOT_SEQUENCE * Math.pow(COLD / HOT_SEQUENCE, spent) * Score.FIRST;
            for (int turn = 0; turn < 20; turn++) {
                sequence.step(heat);
            }
        }
    }

    private void rework(Effort effort) {
        Rework rework = new Rework(problem, random, best);
        for (double spent = effort.spent(); spent < 1; spent = effort.spent()) {
            double heat = HOT * Math.pow(COLD / HOT, spent) * Score.FIRST;
            for (int turn = 0; turn < 50; turn++) {
                rework.step(heat);
            }
        }
    }

    /** The best plan so far. */
    public Timetable plan() {
        Map<String, PlanCase.Placed> placed = new HashMap<>();
        boolean complete = true;
        for (int task = 0; task < problem.tasks.size(); task++) {
            Optional<String> hand = best.hand[task] == Problem.NOBODY
                    ? Optional.empty()
                    : Optional.of(problem.of.hands().get(best.hand[task]).id());
            placed.put(problem.tasks.get(task).id(), new PlanCase.Placed(best.start[task], best.end[task], hand));
            complete &= best.end[task] <= problem.of.horizon();
        }
        return new Timetable(placed, best.cost / Score.FIRST, best.cost % Score.FIRST, complete);
    }
}
