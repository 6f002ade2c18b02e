package ruvant.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.SplittableRandom;

/**
 * A plan by the order in which blocks are laid, each as early as it can be: what is moved forward pushes others back. Where the
 * order changed only from some place on, what was laid before it is taken from there.
 */
final class Sequence {
    private static final int STEPS = 16;

    private final Problem problem;
    private final SplittableRandom random;
    private final Bench bench;
    private final Bench[] kept = new Bench[STEPS];
    private final int[] keptAt = new int[STEPS];
    private final int[] laid;
    private final int[] place;
    private final int[] only;
    private final boolean[] keeps;
    private int[] order;
    private int[] tried;
    private long cost;
    private final int[] late;
    private int lateCount;
    private final Best best;

    /** Goes on from the best plan: its blocks in the order of their starts, each with the hand that it has there. */
    Sequence(Problem problem, SplittableRandom random, Best best) {
        this.problem = problem;
        this.random = random;
        this.best = best;
        bench = new Bench(problem, random);
        only = new int[problem.minutes.length];
        Arrays.fill(only, Problem.NOBODY);
        keeps = new boolean[problem.minutes.length];
        Arrays.fill(keeps, true);
        bench.only = only;
        bench.keeps = keeps;
        int blocks = problem.blocks.length;
        laid = new int[blocks];
        place = new int[blocks];
        tried = new int[blocks];
        late = new int[problem.of.jobs().size()];
        Arrays.fill(laid, -1);
        for (int step = 0; step < STEPS; step++) {
            kept[step] = new Bench(problem, random);
            keptAt[step] = (int) ((long) blocks * step / STEPS);
        }
        begin(best.start, best.hand);
    }

    private void begin(int[] start, int[] hand) {
        Integer[] sorted = new Integer[problem.blocks.length];
        Arrays.setAll(sorted, block -> block);
        Arrays.sort(
                sorted,
                Comparator.comparingInt((Integer block) -> start[problem.blocks[block][0]])
                        .thenComparingInt(block -> block));
        order = Arrays.stream(sorted).mapToInt(Integer::intValue).toArray();
        for (int task = 0; task < only.length; task++) {
            only[task] = problem.able[task].length > 1 && problem.fixedStart[task] < 0 ? hand[task] : Problem.NOBODY;
        }
        if (!sound(order)) {
            order = Arrays.stream(problem.jobBlocks)
                    .flatMapToInt(Arrays::stream)
                    .toArray();
        }
        Arrays.fill(laid, -1);
        cost = lay(order);
        lateJobs();
    }

    private long lay(int[] by) {
        int same = 0;
        while (same < by.length && laid[same] == by[same]) {
            same++;
        }
        int step = STEPS - 1;
        while (step > 0 && keptAt[step] > same) {
            step--;
        }
        bench.setFree(kept[step]);
        int next = step + 1;
        for (int at = keptAt[step]; at < by.length; at++) {
            while (next < STEPS && keptAt[next] == at) {
                kept[next].setFree(bench);
                next++;
            }
            laid[at] = by[at];
            bench.place(by[at]);
        }
        return Score.of(problem, bench);
    }

    private void forget(int block) {
        for (int at = 0; at < laid.length; at++) {
            if (laid[at] == block) {
                laid[at] = -1;
            }
        }
    }

    private void lateJobs() {
        lateCount = 0;
        for (int job = 0; job < problem.jobTasks.length; job++) {
            boolean counts = !problem.byLastEnd()
                    && Score.ofJob(problem, job, bench.start, bench.end, bench.hand) >= Score.FIRST;
            if (counts) {
                late[lateCount++] = job;
            }
        }
    }

    void step(double heat) {
        System.arraycopy(order, 0, tried, 0, order.length);
        int task = -1;
        int was = 0;
        boolean kept = false;
        if (random.nextInt(10) == 0) {
            task = random.nextInt(problem.minutes.length);
            boolean hands = problem.able[task].length > 1;
            if (problem.fixedStart[task] >= 0 || !hands && problem.wasStart[task] < 0) {
                return;
            }
            was = only[task];
            kept = keeps[task];
            if (hands) {
                only[task] = random.nextInt(3) == 0
                        ? Problem.NOBODY
                        : problem.able[task][random.nextInt(problem.able[task].length)];
            }
            if (problem.wasStart[task] >= 0) {
                keeps[task] = random.nextBoolean();
            }
            forget(problem.blockOf[task]);
        } else if (!change()) {
            return;
        }
        long its = lay(tried);
        if (its <= cost || random.nextDouble() < Math.exp((cost - its) / heat)) {
            int[] swap = order;
            order = tried;
            tried = swap;
            cost = its;
            lateJobs();
            best.remember(its, bench);
        } else if (task >= 0) {
            only[task] = was;
            keeps[task] = kept;
            forget(problem.blockOf[task]);
        }
    }

    private boolean change() {
        for (int at = 0; at < tried.length; at++) {
            place[tried[at]] = at;
        }
        double kind = random.nextDouble();
        if (kind < 0.45 && lateCount > 0) {
            int[] its = problem.jobBlocks[late[random.nextInt(lateCount)]];
            return its.length > 0 && shift(place[its[random.nextInt(its.length)]], true);
        }
        if (kind < 0.8) {
            return shift(random.nextInt(tried.length), false);
        }
        int job = kind < 0.9 && lateCount > 0
                ? late[random.nextInt(lateCount)]
                : random.nextInt(problem.jobBlocks.length);
        return forward(job);
    }

    /** One block earlier or later. */
    private boolean shift(int from, boolean earlier) {
        int block = tried[from];
        int low = 0;
        for (int other : problem.blocksBefore[block]) {
            low = Math.max(low, place[other] + 1);
        }
        int high = tried.length - 1;
        for (int other : problem.blocksAfter[block]) {
            high = Math.min(high, place[other] - 1);
        }
        int reach = Math.max(3, Math.min(40, tried.length / 4));
        int to = earlier ? from - 1 - random.nextInt(reach) : from + random.nextInt(2 * reach + 1) - reach;
        to = Math.max(low, Math.min(high, to));
        if (to == from) {
            return false;
        }
        if (to < from) {
            System.arraycopy(tried, to, tried, to + 1, from - to);
        } else {
            System.arraycopy(tried, from + 1, tried, from, to - from);
        }
        tried[to] = block;
        return true;
    }

    /** All blocks of a job from some place on, moved by as much. */
    private boolean forward(int job) {
        int[] its = problem.jobBlocks[job];
        if (its.length == 0) {
            return false;
        }
        int from = place[its[random.nextInt(its.length)]];
        int reach = Math.max(4, Math.min(60, tried.length / 3));
        int by = random.nextInt(2 * reach + 1) - reach;
        if (by == 0) {
            return false;
        }
        boolean[] moved = new boolean[tried.length];
        int count = 0;
        for (int block : its) {
            if (place[block] >= from) {
                moved[block] = true;
                count++;
            }
        }
        int[] stay = new int[tried.length - count];
        int[] goes = new int[count];
        int[] wish = new int[count];
        int s = 0;
        int g = 0;
        for (int at = 0; at < tried.length; at++) {
            if (moved[tried[at]]) {
                goes[g] = tried[at];
                wish[g] = Math.max(0, at + by);
                g++;
            } else {
                stay[s++] = tried[at];
            }
        }
        int low = 0;
        for (int block : goes) {
            for (int other : problem.blocksBefore[block]) {
                if (!moved[other]) {
                    low = Math.max(low, place[other] + 1);
                }
            }
        }
        g = 0;
        s = 0;
        for (int at = 0; at < tried.length; at++) {
            boolean goesHere = g < count && (s == stay.length || at >= Math.max(wish[g], low));
            tried[at] = goesHere ? goes[g++] : stay[s++];
        }
        return sound(tried);
    }

    private boolean sound(int[] by) {
        for (int at = 0; at < by.length; at++) {
            place[by[at]] = at;
        }
        for (int block : by) {
            for (int other : problem.blocksBefore[block]) {
                if (place[other] > place[block]) {
                    return false;
                }
            }
        }
        return true;
    }
}
