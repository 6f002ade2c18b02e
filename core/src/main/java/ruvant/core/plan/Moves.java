package ruvant.core.plan;

import java.util.SplittableRandom;

/** Small changes to an order of blocks; what must come before still does. */
final class Moves {
    /** How often, of ten, a late job is moved and not any. */
    private static final int LATE_FIRST = 6;

    private final Problem problem;
    private final SplittableRandom random;

    /** The order as it is, and as it would be. */
    int[] order;

    int[] tried;
    private final int[] place;
    private final boolean[] moved;

    /** What each job costs in the order as it is. */
    final long[] jobCost;

    Moves(Problem problem, SplittableRandom random, int[] order) {
        this.problem = problem;
        this.random = random;
        this.order = order;
        jobCost = new long[problem.jobTasks.length];
        tried = new int[order.length];
        place = new int[order.length];
        moved = new boolean[order.length];
        begin();
    }

    private void begin() {
        for (int at = 0; at < order.length; at++) {
            place[order[at]] = at;
        }
    }

    /** What was tried becomes what is. */
    void take() {
        int[] was = order;
        order = tried;
        tried = was;
        begin();
    }

    /** Its blocks by their starts: the plan stays the same, and what stands side by side in time does in the order. */
    void byStart(int[] start) {
        for (int at = 1; at < order.length; at++) {
            int block = order[at];
            int begin = start[problem.blocks[block][0]];
            int to = at;
            while (to > 0 && start[problem.blocks[order[to - 1]][0]] > begin) {
                order[to] = order[to - 1];
                to--;
            }
            order[to] = block;
        }
        begin();
    }

    /** Where a block stands. */
    int placeOf(int block) {
        return place[block];
    }

    private int someJob() {
        if (random.nextInt(10) >= LATE_FIRST) {
            return random.nextInt(jobCost.length);
        }
        return late();
    }

    /** A job that costs something; any where none is found. */
    private int late() {
        for (int tries = 0; tries < jobCost.length; tries++) {
            int job = random.nextInt(jobCost.length);
            if (jobCost[job] >= Score.FIRST) {
                return job;
            }
        }
        return random.nextInt(jobCost.length);
    }

    /** One job, or what is left of it from some block on, as a whole before or after another. */
    boolean job(double whole) {
        int job = someJob();
        int[] its = problem.jobBlocks[job];
        if (its.length == 0) {
            return false;
        }
        int first = random.nextDouble() < whole ? 0 : random.nextInt(its.length);
        int from = place[its[first]];
        boolean earlier = random.nextInt(10) < LATE_FIRST;
        int to = earlier ? from == 0 ? 0 : random.nextInt(from) : random.nextInt(order.length);
        int other = problem.blockJob[order[to]];
        if (other == job) {
            return false;
        }
        int[] others = problem.jobBlocks[other];
        int target = place[others[0]] > from ? place[others[others.length - 1]] + 1 : place[others[0]];
        for (int at = first; at < its.length; at++) {
            moved[its[at]] = true;
        }
        for (int at = first; at < its.length; at++) {
            for (int before : problem.blocksBefore[its[at]]) {
                if (!moved[before]) {
                    target = Math.max(target, place[before] + 1);
                }
            }
        }
        int laid = 0;
        for (int at = 0; at <= order.length; at++) {
            if (at == target) {
                for (int one = first; one < its.length; one++) {
                    tried[laid++] = its[one];
                }
            }
            if (at < order.length && !moved[order[at]]) {
                tried[laid++] = order[at];
            }
        }
        for (int block : its) {
            moved[block] = false;
        }
        return true;
    }

    /** Two jobs change places, each as a whole. */
    boolean swap() {
        int one = someJob();
        int other = random.nextInt(jobCost.length);
        int[] ones = problem.jobBlocks[one];
        int[] others = problem.jobBlocks[other];
        if (one == other || ones.length == 0 || others.length == 0) {
            return false;
        }
        for (int block : ones) {
            moved[block] = true;
        }
        for (int block : others) {
            moved[block] = true;
        }
        int laid = 0;
        for (int block : order) {
            int[] here = block == ones[0] ? others : block == others[0] ? ones : new int[0];
            for (int comes : here) {
                tried[laid++] = comes;
            }
            if (!moved[block]) {
                tried[laid++] = block;
            }
        }
        for (int block : ones) {
            moved[block] = false;
        }
        for (int block : others) {
            moved[block] = false;
        }
        return true;
    }

    /** One block a little earlier or later. */
    boolean block() {
        int count = order.length;
        int reach = Math.max(3, Math.min(40, count / 4));
        if (random.nextBoolean()) {
            int[] its = problem.jobBlocks[late()];
            if (its.length == 0) {
                return false;
            }
            int from = place[its[random.nextInt(its.length)]];
            return block(from, from - 1 - random.nextInt(reach));
        }
        int from = random.nextInt(count);
        return block(from, from + random.nextInt(2 * reach + 1) - reach);
    }

    /** The block at one place to another, as far as what it waits for and what waits for it allow. */
    boolean block(int from, int wish) {
        int block = order[from];
        int low = 0;
        for (int other : problem.blocksBefore[block]) {
            low = Math.max(low, place[other] + 1);
        }
        int high = order.length - 1;
        for (int other : problem.blocksAfter[block]) {
            high = Math.min(high, place[other] - 1);
        }
        int to = Math.max(low, Math.min(high, wish));
        if (to == from) {
            return false;
        }
        System.arraycopy(order, 0, tried, 0, order.length);
        if (to < from) {
            System.arraycopy(order, to, tried, to + 1, from - to);
        } else {
            System.arraycopy(order, from + 1, tried, from, to - from);
        }
        tried[to] = block;
        return true;
    }
}
