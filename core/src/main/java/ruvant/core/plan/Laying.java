package ruvant.core.plan;

import java.util.Arrays;

/**
 * Lays blocks in an order, each as early as it can be, and says what the plan costs. Where the order is the same as before up to some
 * place, what was laid up to there is taken from a bench that was kept; an order that cannot become cheap enough any more, or most
 * likely will not, is given up on the way.
 */
final class Laying {
    /** How many benches are kept along the way. */
    private static final int STEPS = 16;

    /** What an order will cost is guessed from its changed part; how much better than that guess it may become, in deviations. */
    private static final double HOPE = 0.5;

    /** So many guesses are held against what came of them before the first is trusted. */
    private static final int FEW = 200;

    private static final int MANY = 2000;

    /** No cost: the order was given up. */
    static final long GIVEN_UP = Long.MAX_VALUE;

    private final Problem problem;
    final Bench bench;
    private final Bench[] kept = new Bench[STEPS];
    private final int[] keptAt = new int[STEPS];
    private final int[] laid;
    private final int[] left;

    /** What each job costs; for one that is not wholly laid, what it costs at least. */
    final long[] jobCost;

    /** What a job costs at least, alone on the bench. */
    private final long[] alone;

    private long[] along;
    private long[] alongBefore;
    private double squares;
    private int guesses;

    Laying(Problem problem) {
        this.problem = problem;
        bench = new Bench(problem);
        int blocks = problem.blocks.length;
        laid = new int[blocks];
        Arrays.fill(laid, Problem.NOBODY);
        along = new long[blocks];
        alongBefore = new long[blocks];
        for (int step = 0; step < STEPS; step++) {
            kept[step] = new Bench(problem);
            keptAt[step] = (int) ((long) blocks * step / STEPS);
        }
        int jobs = problem.jobTasks.length;
        left = new int[jobs];
        jobCost = new long[jobs];
        alone = new long[jobs];
        for (int job = 0; job < jobs; job++) {
            alone[job] = alone(job);
        }
    }

    private long alone(int job) {
        Bench empty = new Bench(problem);
        int done = 0;
        for (int block : problem.jobBlocks[job]) {
            empty.place(block);
        }
        for (int task : problem.jobTasks[job]) {
            done = Math.max(done, empty.end[task]);
        }
        return problem.byLastEnd() ? 0 : Score.atLeast(problem, job, done);
    }

    /** Lays a whole order from nothing. */
    long lay(int[] order) {
        Arrays.fill(laid, Problem.NOBODY);
        long cost = lay(order, order.length, 0, GIVEN_UP);
        keep(0);
        return cost;
    }

    /** What was laid last is now what others are held against. */
    void keep(int from) {
        System.arraycopy(along, from, alongBefore, from, along.length - from);
    }

    /** How a hand or a wish of a block was changed, so that it must be laid again even at the same place. */
    void forget(int place) {
        laid[place] = Problem.NOBODY;
    }

    /**
     * Lays an order.
     *
     * @param last the last place at which it differs from the order that was kept; its length where there is none
     * @param cost of the order that was kept
     * @param limit above which it is of no use
     * @return {@link #GIVEN_UP} where it costs more, or most likely does
     */
    long lay(int[] order, int last, long cost, long limit) {
        int same = 0;
        while (same < order.length && laid[same] == order[same]) {
            same++;
        }
        int step = STEPS - 1;
        while (step > 0 && keptAt[step] > same) {
            step--;
        }
        bench.setFree(kept[step]);
        long all = begin(order, keptAt[step]);
        int next = step + 1;
        double deviation = guesses < FEW ? Double.NaN : Math.sqrt(squares / guesses);
        for (int at = keptAt[step]; at < order.length; at++) {
            while (next < STEPS && keptAt[next] == at) {
                kept[next].setFree(bench);
                next++;
            }
            int block = order[at];
            laid[at] = block;
            bench.place(block);
            all = counted(all, block);
            along[at] = all;
            boolean hopeless = all > limit || at == last && cost + (all - alongBefore[at]) - HOPE * deviation > limit;
            if (hopeless) {
                // the benches after this place are of another order
                Arrays.fill(laid, at, laid.length, Problem.NOBODY);
                return GIVEN_UP;
            }
        }
        long its = problem.byLastEnd() ? Score.of(problem, bench) : all;
        if (last < order.length) {
            learn((its - cost) - (along[last] - alongBefore[last]));
        }
        return its;
    }

    /** How far a guess was off. */
    private void learn(double by) {
        if (guesses > MANY) {
            squares /= 2;
            guesses /= 2;
        }
        squares += by * by;
        guesses++;
    }

    /** What is laid before a place costs, and what is not costs at least. */
    private long begin(int[] order, int place) {
        for (int job = 0; job < left.length; job++) {
            left[job] = problem.jobBlocks[job].length;
            jobCost[job] = left[job] == 0 ? whole(job) : alone[job];
        }
        long all = 0;
        for (long one : jobCost) {
            all = together(all, one);
        }
        for (int at = 0; at < place; at++) {
            all = counted(all, order[at]);
        }
        return all;
    }

    private long whole(int job) {
        return Score.ofJob(problem, job, bench.start, bench.end, bench.hand);
    }

    private long together(long one, long other) {
        return problem.byLastEnd() ? Math.max(one, other) : one + other;
    }

    private long counted(long all, int block) {
        int job = problem.blockJob[block];
        int first = problem.blocks[block][0];
        int done = Math.min(bench.start[first] + problem.tail[first], Problem.NEVER);
        if (problem.byLastEnd()) {
            return Math.max(all, done * Score.FIRST);
        }
        long was = jobCost[job];
        left[job]--;
        jobCost[job] = left[job] == 0 ? whole(job) : Math.max(was, Score.atLeast(problem, job, done));
        return all + jobCost[job] - was;
    }
}
