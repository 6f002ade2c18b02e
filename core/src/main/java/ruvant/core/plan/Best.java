package ruvant.core.plan;

/** The best plan so far. */
final class Best {
    long cost = Long.MAX_VALUE;
    int[] start;
    int[] end;
    int[] hand;

    void remember(long its, Bench bench) {
        if (its >= cost) {
            return;
        }
        cost = its;
        start = bench.start.clone();
        end = bench.end.clone();
        hand = bench.hand.clone();
    }

    /** A bench on which it is laid. */
    Bench bench(Problem problem, java.util.SplittableRandom random) {
        Bench bench = new Bench(problem, random);
        for (int task = 0; task < start.length; task++) {
            if (problem.fixedStart[task] == Problem.NOBODY) {
                bench.put(task, start[task], end[task], hand[task]);
            }
        }
        return bench;
    }
}
