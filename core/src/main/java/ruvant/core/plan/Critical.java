package ruvant.core.plan;

import java.util.SplittableRandom;

/**
 * What the last end hangs on: a chain of tasks without a gap, each begun when the one before it ended, of its own job or at its hand or
 * station. Only where two of them change places at the edge of a stretch at one hand or station can the end come earlier.
 */
final class Critical {
    private final Problem problem;
    private final SplittableRandom random;
    private final int[] chain;
    private final boolean[] rival;

    Critical(Problem problem, SplittableRandom random) {
        this.problem = problem;
        this.random = random;
        chain = new int[problem.minutes.length + 1];
        rival = new boolean[chain.length];
    }

    /** A move of one task of the chain before the other that it waits for, or of that one behind it. */
    boolean move(Bench bench, Moves moves) {
        int length = trace(bench);
        int seen = 0;
        int chosen = -1;
        for (int at = 0; at < length; at++) {
            boolean edge = rival[at] && (at == 0 || !rival[at - 1] || !rival[at + 1]);
            if (edge && random.nextInt(++seen) == 0) {
                chosen = at;
            }
        }
        if (chosen < 0) {
            return false;
        }
        int from = moves.placeOf(problem.blockOf[chain[chosen]]);
        int to = moves.placeOf(problem.blockOf[chain[chosen + 1]]);
        return to < from && (random.nextInt(3) == 0 ? moves.block(to, from) : moves.block(from, to));
    }

    /** The chain backwards from the last end; a link is by rivalry where its earlier task is of another job. */
    private int trace(Bench bench) {
        int task = 0;
        for (int one = 1; one < bench.end.length; one++) {
            if (bench.end[one] > bench.end[task]) {
                task = one;
            }
        }
        int length = 0;
        while (true) {
            chain[length] = task;
            rival[length] = false;
            int own = own(bench, task);
            int other = rival(bench, task);
            boolean byRival = other >= 0 && (own < 0 || random.nextBoolean());
            int next = byRival ? other : own;
            if (next < 0 || length + 2 >= chain.length) {
                return length;
            }
            rival[length] = byRival;
            length++;
            rival[length] = false;
            task = next;
        }
    }

    private int own(Bench bench, int task) {
        for (int other : problem.before[task]) {
            if (bench.end[other] == bench.start[task]) {
                return other;
            }
        }
        return Problem.NOBODY;
    }

    private int rival(Bench bench, int task) {
        for (int one = 0; one < bench.end.length; one++) {
            boolean meets = bench.end[one] == bench.start[task]
                    && problem.job[one] != problem.job[task]
                    && problem.fixedStart[one] == Problem.NOBODY;
            if (meets
                    && (bench.hand[one] >= 0 && bench.hand[one] == bench.hand[task]
                            || problem.station[one] >= 0 && problem.station[one] == problem.station[task])) {
                return one;
            }
        }
        return Problem.NOBODY;
    }
}
