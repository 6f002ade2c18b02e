package ruvant.core.plan;

/** What the plan of a job costs, as one number whose upper part counts before its lower. */
final class Score {
    /** What the second aim is worth against the first. */
    static final long FIRST = 1L << 22;

    /** A job that does not end in time is worse than any lateness. */
    private static final long BROKEN = 1L << 30;

    /** A wait that runs already and is gone past its latest: to be avoided before any lateness, but no plan is refused for it. */
    private static final long OVERDUE = 1L << 22;

    private Score() {}

    /** What a whole plan costs: by its jobs, or by its last end. */
    static long of(Problem problem, Bench bench) {
        long all = 0;
        int last = 0;
        for (int job = 0; job < problem.jobTasks.length; job++) {
            all += ofJob(problem, job, bench.start, bench.end, bench.hand);
            for (int task : problem.jobTasks[job]) {
                last = Math.max(last, bench.end[task]);
            }
        }
        return problem.byLastEnd() ? last * FIRST + Math.min(all % FIRST, FIRST - 1) : all;
    }

    /** What a job costs at least that is done at a minute or after it. */
    static long atLeast(Problem problem, int job, int done) {
        PlanCase.Job one = problem.of.jobs().get(job);
        long late = (long) one.weight() * Math.max(0, done - one.due());
        return Math.min(late, 2 * BROKEN) * FIRST + Math.max(0, Math.min(done - one.release(), FIRST / 4));
    }

    static long ofJob(Problem problem, int job, int[] start, int[] end, int[] hand) {
        PlanCase.Job one = problem.of.jobs().get(job);
        int done = 0;
        long moves = 0;
        long overdue = 0;
        for (int task : problem.jobTasks[job]) {
            done = Math.max(done, end[task]);
            if (problem.wasStart[task] != Problem.NOBODY
                    && (start[task] != problem.wasStart[task] || hand[task] != problem.wasHand[task])) {
                moves++;
            }
            if (problem.fixedStart[task] == Problem.NOBODY && start[task] > problem.latest[task]) {
                overdue += OVERDUE + Math.min(start[task] - problem.latest[task], OVERDUE);
            }
        }
        long late = (long) one.weight() * Math.max(0, done - one.due())
                + moves * problem.of.stability().penalty()
                + overdue;
        long broken = done > problem.of.horizon() ? BROKEN : 0;
        return Math.min(late + broken, 2 * BROKEN) * FIRST + Math.min(done - one.release(), FIRST / 4);
    }
}
