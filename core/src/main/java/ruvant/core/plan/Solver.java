package ruvant.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * Makes a plan and goes on improving it. Whole jobs are laid one after another by several rules for a first plan; from the order of
 * the best of those, two searches go on at once ({@link Sequence}): first whole jobs change places, then parts of them and single
 * tasks, from the better of both. Every plan on the way keeps all rules; what is returned is the best of them.
 */
public final class Solver {
    private static final int RULES = 6;

    /** Always two, however many cores there are, so that a plan does not depend on the machine. */
    private static final int SEARCHES = 2;

    /** With fewer blocks than this there is time to look at single tasks. */
    private static final int FEW = 180;

    private final Problem problem;
    private final SplittableRandom random;
    private final Best best = new Best();
    private int[] bestOrder = new int[0];

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
        if (!of.previous().isEmpty()) {
            lay(asBefore());
        }
    }

    /** In the order in which the plan before had them: where little has changed, little has to be found again. */
    private Set<Integer> asBefore() {
        Set<Integer> inOrder = new LinkedHashSet<>();
        IntStream.range(0, problem.blocks.length)
                .boxed()
                .sorted(Comparator.comparingInt(this::startBefore))
                .forEach(block -> withThoseBefore(block, inOrder));
        return inOrder;
    }

    /** When a block started in the plan before; never where it was not in it. */
    private int startBefore(int block) {
        return IntStream.of(problem.blocks[block])
                .mapToObj(task ->
                        problem.of.previous().get(problem.tasks.get(task).id()))
                .filter(Objects::nonNull)
                .mapToInt(PlanCase.Placed::start)
                .min()
                .orElse(Problem.NEVER);
    }

    private void layByRule(int rule, double[] work) {
        PlanCase of = problem.of;
        Set<Integer> inOrder = new LinkedHashSet<>();
        IntStream.range(0, problem.blocks.length)
                .filter(block -> latest(block) < Problem.NEVER)
                .boxed()
                .sorted(Comparator.comparingInt(this::latest))
                .forEach(block -> withThoseBefore(block, inOrder));
        IntStream.range(0, work.length)
                .boxed()
                .sorted(Comparator.comparingDouble(job -> rank(rule, of.jobs().get(job), work[job])))
                .flatMapToInt(job -> IntStream.of(problem.jobBlocks[job]))
                .forEach(inOrder::add);
        lay(inOrder);
    }

    private void lay(Set<Integer> inOrder) {
        Bench bench = new Bench(problem);
        int[] order = inOrder.stream().mapToInt(Integer::intValue).toArray();
        for (int block : order) {
            bench.place(block);
        }
        long cost = Score.of(problem, bench);
        if (cost < best.cost) {
            bestOrder = order;
        }
        best.remember(cost, bench);
    }

    /** When a block must start at the latest because of something that runs already; never where nothing does. */
    private int latest(int block) {
        return IntStream.of(problem.blocks[block])
                .map(task -> problem.latest[task])
                .min()
                .orElse(Problem.NEVER);
    }

    private void withThoseBefore(int block, Set<Integer> inOrder) {
        if (!inOrder.contains(block)) {
            for (int before : problem.blocksBefore[block]) {
                withThoseBefore(before, inOrder);
            }
            inOrder.add(block);
        }
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
        Cooling first = problem.byLastEnd() ? Cooling.LAST_END : Cooling.WHOLE_JOBS;
        Cooling second = problem.byLastEnd()
                ? Cooling.LAST_END_AGAIN
                : problem.blocks.length < FEW ? Cooling.PARTS_OF_FEW : Cooling.PARTS;
        Sequence[] searches = new Sequence[SEARCHES];
        SplittableRandom[] chances = new SplittableRandom[SEARCHES];
        for (int at = 0; at < SEARCHES; at++) {
            chances[at] = random.split();
        }
        IntStream.range(0, SEARCHES).parallel().forEach(at -> {
            searches[at] = new Sequence(problem, chances[at], bestOrder);
            searches[at].improve(effort.part(0, first.share()), first);
        });
        Sequence better = better(searches);
        IntStream.range(0, SEARCHES).parallel().forEach(at -> {
            searches[at].from(better);
            searches[at].improve(effort.part(first.share(), 1), second);
        });
        Sequence last = better(searches);
        if (last.best().cost < best.cost) {
            best.take(last.best());
            bestOrder = last.order();
        }
    }

    private static Sequence better(Sequence[] searches) {
        return Arrays.stream(searches)
                .min(Comparator.comparingLong(one -> one.best().cost))
                .orElseThrow();
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
