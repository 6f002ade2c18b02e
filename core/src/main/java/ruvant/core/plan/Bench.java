package ruvant.core.plan;

import java.util.Arrays;

/** Tasks as they are placed now, and what is free beside them. Blocks are placed and taken away one by one. */
final class Bench {
    /** How often a wait is moved on until what follows it within its latest time fits. */
    private static final int TRIES = 400;

    private final Problem problem;
    private final FreeTime[] free;
    private final Load[] load;
    private final int[] open0;
    private final int[] open1;
    private final int[] least;
    final int[] start;
    final int[] end;
    final int[] hand;

    /** Whether a task stays where it was to start soon, if it can; null for all of them. */
    boolean[] keeps;

    Bench(Problem problem) {
        this.problem = problem;
        int tasks = problem.tasks.size();
        start = new int[tasks];
        end = new int[tasks];
        hand = new int[tasks];
        least = new int[tasks];
        PlanCase of = problem.of;
        free = of.hands().stream().map(one -> new FreeTime(one.windows())).toArray(FreeTime[]::new);
        load = of.stations().stream().map(one -> new Load(one.capacity())).toArray(Load[]::new);
        open0 = of.open().stream().mapToInt(PlanCase.Span::start).toArray();
        open1 = of.open().stream().mapToInt(PlanCase.Span::end).toArray();
        for (int task = 0; task < tasks; task++) {
            if (problem.fixedStart[task] != Problem.NOBODY) {
                start[task] = problem.fixedStart[task];
                end[task] = problem.fixedEnd[task];
                hand[task] = problem.fixedHand[task];
                if (hand[task] != Problem.NOBODY) {
                    free[hand[task]].block(start[task], end[task]);
                }
                if (problem.station[task] != Problem.NOBODY) {
                    load[problem.station[task]].take(start[task], end[task]);
                }
            } else {
                start[task] = Problem.NEVER;
                end[task] = Problem.NEVER;
            }
        }
    }

    /** What is free becomes the same as on another bench of this problem; where tasks stand is left alone. */
    void setFree(Bench other) {
        for (int at = 0; at < free.length; at++) {
            free[at].set(other.free[at]);
        }
        for (int at = 0; at < load.length; at++) {
            load[at].set(other.load[at]);
        }
    }

    /** Places a block as early as it can be; past every horizon where no time suits it. */
    void place(int block) {
        int[] its = problem.blocks[block];
        for (int task : its) {
            least[task] = problem.earliest[task];
        }
        int tries = 0;
        int at = 0;
        while (at < its.length) {
            int task = its[at];
            if (!find(task) || ++tries > TRIES) {
                give(its, at);
                for (int one : its) {
                    start[one] = Problem.NEVER / 2;
                    end[one] = start[one] + problem.minutes[one];
                    hand[one] = Problem.NOBODY;
                }
                return;
            }
            if (tooLate(task)) {
                give(its, at);
                at = 0;
            } else {
                take(task);
                at++;
            }
        }
    }

    private void give(int[] its, int count) {
        for (int at = 0; at < count; at++) {
            give(its[at]);
        }
    }

    /** Whether a wait would have to start later so that this task is not too late after it; its least start is then raised. */
    private boolean tooLate(int task) {
        int[] before = problem.before[task];
        for (int at = 0; at < before.length; at++) {
            int other = before[at];
            int latest = problem.lag[task][at];
            if (latest < Problem.NEVER
                    && start[task] > end[other] + latest
                    && problem.fixedStart[other] == Problem.NOBODY) {
                least[other] = Math.max(start[other] + 1, start[task] - latest - problem.minutes[other]);
                return true;
            }
        }
        return false;
    }

    private boolean find(int task) {
        int from = least[task];
        for (int other : problem.before[task]) {
            from = Math.max(from, end[other]);
        }
        int minutes = problem.minutes[task];
        Load at = problem.station[task] == Problem.NOBODY ? null : load[problem.station[task]];
        int best = Problem.NEVER;
        int who = Problem.NOBODY;
        if (!problem.attended[task]) {
            boolean same = problem.wasStart[task] >= from && keeping(task);
            if (same
                    && waitFrom(problem.wasStart[task], minutes, at, problem.startOpen[task])
                            == problem.wasStart[task]) {
                best = problem.wasStart[task];
            } else {
                best = waitFrom(from, minutes, at, problem.startOpen[task]);
            }
        } else if (problem.wasStart[task] >= from && keeping(task) && stays(task, minutes, at)) {
            best = problem.wasStart[task];
            who = problem.wasHand[task];
        } else {
            for (int one : problem.able[task]) {
                int begin = workFrom(from, minutes, free[one], at);
                if (begin < best) {
                    best = begin;
                    who = one;
                }
            }
        }
        start[task] = best;
        end[task] = best >= Problem.NEVER ? Problem.NEVER : best + minutes;
        hand[task] = who;
        return best < Problem.NEVER;
    }

    private boolean keeping(int task) {
        return problem.wasStart[task] <= problem.latest[task] && (keeps == null || keeps[task]);
    }

    private boolean stays(int task, int minutes, Load at) {
        int begin = problem.wasStart[task];
        int who = problem.wasHand[task];
        return who != Problem.NOBODY
                && Arrays.stream(problem.able[task]).anyMatch(one -> one == who)
                && free[who].fits(begin, minutes)
                && (at == null || at.earliest(begin, minutes) == begin);
    }

    private static int workFrom(int from, int minutes, FreeTime hand, Load at) {
        int begin = from;
        while (true) {
            begin = hand.earliest(begin, minutes);
            if (begin >= Problem.NEVER || at == null) {
                return begin;
            }
            int room = at.earliest(begin, minutes);
            if (room == begin || room >= Problem.NEVER) {
                return room;
            }
            begin = room;
        }
    }

    private int waitFrom(int from, int minutes, Load at, boolean mustBeOpen) {
        int begin = from;
        while (true) {
            if (mustBeOpen) {
                begin = opens(begin);
            }
            if (begin >= Problem.NEVER || at == null) {
                return begin;
            }
            int room = at.earliest(begin, minutes);
            if (room == begin || room >= Problem.NEVER) {
                return room;
            }
            begin = room;
        }
    }

    /** The minute itself while it is open, the closing one included; else the next opening. */
    private int opens(int minute) {
        int low = 0;
        int high = open0.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (open1[middle] < minute) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low == open0.length ? Problem.NEVER : Math.max(minute, open0[low]);
    }

    private void take(int task) {
        if (start[task] >= Problem.NEVER / 2) {
            return;
        }
        if (hand[task] != Problem.NOBODY) {
            free[hand[task]].take(start[task], end[task]);
        }
        if (problem.station[task] != Problem.NOBODY) {
            load[problem.station[task]].take(start[task], end[task]);
        }
    }

    private void give(int task) {
        if (start[task] >= Problem.NEVER / 2) {
            return;
        }
        if (hand[task] != Problem.NOBODY) {
            free[hand[task]].give(start[task], end[task]);
        }
        if (problem.station[task] != Problem.NOBODY) {
            load[problem.station[task]].give(start[task], end[task]);
        }
    }
}
