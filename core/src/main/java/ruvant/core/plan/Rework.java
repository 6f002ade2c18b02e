package ruvant.core.plan;

import java.util.SplittableRandom;

/**
 * Takes a few jobs off a plan, wholly or from some moment on, and lays them again in another order while the others stay. Which they
 * are follows from what stood in the way of a late one. A dearer plan is taken with a chance that falls with the heat.
 */
final class Rework {
    private static final int MOST_JOBS = 6;
    private static final int USUAL_JOBS = 4;

    /** How often, of ten, a late job is looked at and not any. */
    private static final int LATE_FIRST = 8;

    /** How often, of ten, jobs that stood in the way are taken along and not any. */
    private static final int RIVALS_FIRST = 6;

    /** What ends so shortly before a task could begin stood in its way as well, in minutes. */
    private static final int AROUND = 60;

    /** How often the earliest hand is passed over for another. */
    private static final double OTHER_HAND = 0.15;

    /** Keeps the blocks of one job apart from those of the next where job is laid after job. */
    private static final double APART = 1e7;

    /** By how many minutes the order of jobs counts where their blocks are mixed. */
    private static final double MIXED = 200;

    private final Problem problem;
    private final SplittableRandom random;
    private final Best best;
    private final Bench bench;
    private final long[] jobCost;
    private long cost;
    private final int[] off;
    private int offCount;
    private final boolean[] waits;
    private final double[] key;
    private final int[] savedStart;
    private final int[] savedEnd;
    private final int[] savedHand;
    private final int[] jobs = new int[MOST_JOBS];
    private final int[] from = new int[MOST_JOBS];
    private final long[] itsCost = new long[MOST_JOBS];
    private int jobCount;

    /** Goes on from the best plan. */
    Rework(Problem problem, SplittableRandom random, Best best) {
        this.problem = problem;
        this.random = random;
        this.best = best;
        int blocks = problem.blocks.length;
        off = new int[blocks];
        waits = new boolean[blocks];
        key = new double[blocks];
        int tasks = problem.minutes.length;
        savedStart = new int[tasks];
        savedEnd = new int[tasks];
        savedHand = new int[tasks];
        jobCost = new long[problem.jobTasks.length];
        bench = best.bench(problem, random);
        for (int job = 0; job < jobCost.length; job++) {
            jobCost[job] = Score.ofJob(problem, job, bench.start, bench.end, bench.hand);
            cost += jobCost[job];
        }
    }

    void step(double heat) {
        choose();
        long before = takeOff();
        if (offCount == 0) {
            return;
        }
        bench.otherHand = random.nextInt(4) == 0 ? OTHER_HAND : 0;
        lay();
        long after = 0;
        for (int at = 0; at < jobCount; at++) {
            itsCost[at] = Score.ofJob(problem, jobs[at], bench.start, bench.end, bench.hand);
            after += itsCost[at];
        }
        if (after <= before || random.nextDouble() < Math.exp((before - after) / heat)) {
            for (int at = 0; at < jobCount; at++) {
                jobCost[jobs[at]] = itsCost[at];
            }
            cost += after - before;
            best.remember(cost, bench);
        } else {
            putBack();
        }
    }

    /** Takes the chosen jobs off; what they cost before. */
    private long takeOff() {
        offCount = 0;
        long before = 0;
        for (int at = 0; at < jobCount; at++) {
            before += jobCost[jobs[at]];
            for (int block : problem.jobBlocks[jobs[at]]) {
                if (bench.start[problem.blocks[block][0]] >= from[at]) {
                    off[offCount++] = block;
                }
            }
        }
        int saved = 0;
        for (int at = 0; at < offCount; at++) {
            for (int task : problem.blocks[off[at]]) {
                savedStart[saved] = bench.start[task];
                savedEnd[saved] = bench.end[task];
                savedHand[saved++] = bench.hand[task];
            }
            bench.remove(off[at]);
        }
        return before;
    }

    private void putBack() {
        for (int at = 0; at < offCount; at++) {
            bench.remove(off[at]);
        }
        int saved = 0;
        for (int at = 0; at < offCount; at++) {
            for (int task : problem.blocks[off[at]]) {
                bench.put(task, savedStart[saved], savedEnd[saved], savedHand[saved]);
                saved++;
            }
        }
    }

    /** Job after job, or with their blocks mixed; within a job what has most to come goes first, more or less. */
    private void lay() {
        boolean mixed = random.nextInt(4) == 0;
        double noise = random.nextInt(3) == 0 ? 0 : random.nextDouble() * 0.8;
        for (int at = 0; at < jobCount; at++) {
            for (int block : problem.jobBlocks[jobs[at]]) {
                double its = -problem.tail[block] * (1 + noise * (random.nextDouble() - 0.5));
                key[block] = its + at * (mixed ? MIXED : APART);
            }
        }
        for (int at = 0; at < offCount; at++) {
            waits[off[at]] = true;
        }
        for (int laid = 0; laid < offCount; laid++) {
            int next = -1;
            for (int at = 0; at < offCount; at++) {
                int block = off[at];
                if (waits[block] && (next < 0 || key[block] < key[next]) && ready(block)) {
                    next = block;
                }
            }
            waits[next] = false;
            bench.place(next);
        }
    }

    private boolean ready(int block) {
        for (int other : problem.blocksBefore[block]) {
            if (waits[other]) {
                return false;
            }
        }
        return true;
    }

    private void add(int job, int moment) {
        for (int at = 0; at < jobCount; at++) {
            if (jobs[at] == job) {
                return;
            }
        }
        if (jobCount < MOST_JOBS) {
            from[jobCount] = moment;
            jobs[jobCount++] = job;
        }
    }

    private void choose() {
        jobCount = 0;
        int first = random.nextInt(10) < LATE_FIRST ? late() : random.nextInt(jobCost.length);
        int[] blocks = problem.jobBlocks[first];
        if (blocks.length == 0) {
            return;
        }
        int block = blocks[random.nextInt(blocks.length)];
        int count = 1 + random.nextInt(USUAL_JOBS);
        if (random.nextInt(10) < RIVALS_FIRST) {
            withRivals(first, block, count);
        } else {
            int moment = random.nextInt(3) == 0 ? Integer.MIN_VALUE : bench.start[problem.blocks[block][0]];
            add(first, moment);
            for (int more = 1; more < count; more++) {
                add(random.nextInt(jobCost.length), moment);
            }
        }
        if (random.nextInt(3) == 0 && jobCount > 1) {
            swapFirst(random.nextInt(jobCount));
        }
    }

    private void swapFirst(int other) {
        int job = jobs[0];
        int moment = from[0];
        jobs[0] = jobs[other];
        from[0] = from[other];
        jobs[other] = job;
        from[other] = moment;
    }

    /** A job from one of its tasks on, and jobs that hold what it wants between when it could begin and when it does. */
    private void withRivals(int first, int block, int count) {
        int task = problem.blocks[block][problem.blocks[block].length - 1];
        int could = problem.earliest[task];
        for (int other : problem.before[task]) {
            could = Math.max(could, bench.end[other]);
        }
        boolean whole = random.nextInt(4) == 0;
        int start = bench.start[task];
        add(first, whole ? Integer.MIN_VALUE : bench.start[problem.blocks[block][0]]);
        int tasks = problem.minutes.length;
        int at = random.nextInt(tasks);
        for (int seen = 0; seen < tasks && jobCount <= count; seen++) {
            at = at + 1 == tasks ? 0 : at + 1;
            boolean between = bench.start[at] < start + AROUND && bench.end[at] > could - AROUND;
            if (between && problem.fixedStart[at] < 0 && rivals(at, task)) {
                add(problem.job[at], whole ? Integer.MIN_VALUE : Math.min(bench.start[at], could));
            }
        }
    }

    /** Whether one holds the station or a hand that the other wants. */
    private boolean rivals(int one, int other) {
        if (problem.station[one] >= 0 && problem.station[one] == problem.station[other]) {
            return true;
        }
        for (int hand : problem.able[other]) {
            if (hand == bench.hand[one]) {
                return true;
            }
        }
        return false;
    }

    /** A job that costs something; any where none does. */
    private int late() {
        for (int tries = 0; tries < jobCost.length; tries++) {
            int job = random.nextInt(jobCost.length);
            if (jobCost[job] >= Score.FIRST) {
                return job;
            }
        }
        return random.nextInt(jobCost.length);
    }
}
