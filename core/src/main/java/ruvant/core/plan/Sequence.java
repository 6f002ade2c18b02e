package ruvant.core.plan;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/** Looks for a better order by small changes; a dearer one is taken with a chance that falls with the heat. */
final class Sequence {
    /** How many changes are tried before the clock is looked at. */
    private static final int AT_ONCE = 20;

    /** How often two jobs change places and not one its own. */
    private static final double SWAP = 0.2;

    /** How often it is tried whether a task that was to start soon had better not stay where it was. */
    private static final double WISH = 0.1;

    /** How often, where only the last end counts, something that it hangs on is moved. */
    private static final double CRITICAL = 0.7;

    private static final double LEAST_CHANCE = 1e-12;

    private final Problem problem;
    private final SplittableRandom random;
    private final Best best = new Best();
    private final Laying laying;
    private final Critical critical;
    private final Moves moves;
    private final int[] wishes;
    private final boolean[] keeps;
    private int[] bestOrder = new int[0];
    private boolean[] bestKeeps = new boolean[0];
    private long cost;

    Sequence(Problem problem, SplittableRandom random, int[] order) {
        this.problem = problem;
        this.random = random;
        laying = new Laying(problem);
        critical = new Critical(problem, random);
        keeps = new boolean[problem.minutes.length];
        Arrays.fill(keeps, true);
        laying.bench.keeps = keeps;
        wishes = IntStream.range(0, keeps.length)
                .filter(task -> problem.wasStart[task] != Problem.NOBODY)
                .toArray();
        moves = new Moves(problem, random, order.clone());
        cost = laying.lay(moves.order);
        taken();
    }

    Best best() {
        return best;
    }

    /** The order that the best plan came from. */
    int[] order() {
        return bestOrder;
    }

    /** Goes on from the best order of a search. */
    void from(Sequence other) {
        System.arraycopy(other.bestOrder, 0, moves.tried, 0, moves.tried.length);
        moves.take();
        System.arraycopy(other.bestKeeps, 0, keeps, 0, keeps.length);
        cost = laying.lay(moves.order);
        taken();
    }

    void improve(Effort effort, Cooling cooling) {
        for (double spent = effort.spent(); spent < 1; spent = effort.spent()) {
            double heat = cooling.at(spent);
            for (int turn = 0; turn < AT_ONCE; turn++) {
                step(heat, cooling);
            }
        }
    }

    private void taken() {
        System.arraycopy(laying.jobCost, 0, moves.jobCost, 0, moves.jobCost.length);
        if (cost < best.cost) {
            best.remember(cost, laying.bench);
            bestOrder = moves.order.clone();
            bestKeeps = keeps.clone();
        }
    }

    private void step(double heat, Cooling cooling) {
        long limit = cost + (long) (-heat * Math.log(Math.max(random.nextDouble(), LEAST_CHANCE)));
        if (wishes.length > 0 && random.nextDouble() < WISH) {
            wish(wishes[random.nextInt(wishes.length)], limit);
        } else if (propose(cooling)) {
            reorder(limit);
        }
    }

    private boolean propose(Cooling cooling) {
        if (problem.byLastEnd()) {
            return random.nextDouble() < CRITICAL ? critical.move(laying.bench, moves) : moves.block();
        }
        if (random.nextDouble() < cooling.single()) {
            return moves.block();
        }
        return random.nextDouble() < SWAP ? moves.swap() : moves.job(cooling.whole());
    }

    private void reorder(long limit) {
        int[] tried = moves.tried;
        int first = Arrays.mismatch(tried, moves.order);
        if (first < 0) {
            return;
        }
        int last = tried.length - 1;
        while (tried[last] == moves.order[last]) {
            last--;
        }
        long its = laying.lay(tried, last, cost, limit);
        if (its <= limit) {
            laying.keep(first);
            moves.take();
            cost = its;
            if (problem.byLastEnd()) {
                moves.byStart(laying.bench.start);
            }
            taken();
        }
    }

    private void wish(int task, long limit) {
        int place = moves.placeOf(problem.blockOf[task]);
        keeps[task] = !keeps[task];
        laying.forget(place);
        long its = laying.lay(moves.order, place, cost, limit);
        if (its <= limit) {
            laying.keep(place);
            cost = its;
            taken();
        } else {
            keeps[task] = !keeps[task];
            laying.forget(place);
        }
    }
}
