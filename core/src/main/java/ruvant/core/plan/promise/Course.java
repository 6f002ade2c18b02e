package ruvant.core.plan.promise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.plan.PlanCase;

/**
 * The work of a shop as it may go: hands take whatever is first in the order of the plan, can be done and is ready; what is not over at
 * a break goes on after it; a wait runs by the clock once somebody put it in and its station has room. Minutes from the start.
 */
final class Course {
    static final int NEVER = Integer.MAX_VALUE / 4;

    /** A task as the course knows it. */
    record Piece(boolean byHand, int[] after, boolean[] able, int station, boolean someoneThere) {}

    private final List<Piece> pieces;
    private final List<List<PlanCase.Span>> windows;
    private final List<PlanCase.Span> open;
    private final int[] capacity;

    /** @param pieces in the order of the plan */
    Course(List<Piece> pieces, List<List<PlanCase.Span>> windows, List<PlanCase.Span> open, int[] capacity) {
        this.pieces = pieces;
        this.windows = windows;
        this.open = open;
        this.capacity = capacity;
    }

    /**
     * When each task is over.
     *
     * @param minutes how long each takes this time
     * @param mayStart when each may start this time
     */
    int[] ends(int[] minutes, int[] mayStart) {
        int count = pieces.size();
        int[] end = new int[count];
        Arrays.fill(end, NEVER);
        boolean[] done = new boolean[count];
        int[] free = new int[windows.size()];
        Map<Integer, List<Integer>> lying = new HashMap<>();
        int left = count;
        while (left > 0) {
            left -= rest(minutes, mayStart, end, done, lying);
            int hand = 0;
            int best = NEVER;
            int task = -1;
            for (int one = 0; one < windows.size(); one++) {
                int from = working(one, free[one]);
                if (from < best) {
                    Choice choice = choose(one, from, mayStart, end, done);
                    if (choice.task >= 0 && choice.start < best) {
                        best = choice.start;
                        hand = one;
                        task = choice.task;
                    }
                }
            }
            if (task < 0) {
                break;
            }
            end[task] = worked(hand, best, minutes[task]);
            free[hand] = end[task];
            done[task] = true;
            left--;
        }
        return end;
    }

    private record Choice(int task, int start) {}

    /** What a hand that is free takes: the first in the order that is ready by then, else what is ready soonest. */
    private Choice choose(int hand, int from, int[] mayStart, int[] end, boolean[] done) {
        int soonest = NEVER;
        int task = -1;
        for (int one = 0; one < done.length; one++) {
            Piece piece = pieces.get(one);
            if (done[one] || !piece.byHand || !piece.able[hand]) {
                continue;
            }
            int ready = ready(one, mayStart, end, done);
            if (ready <= from) {
                return new Choice(one, from);
            }
            if (ready < soonest) {
                soonest = ready;
                task = one;
            }
        }
        return task < 0 ? new Choice(-1, NEVER) : new Choice(task, working(hand, soonest));
    }

    private int ready(int task, int[] mayStart, int[] end, boolean[] done) {
        int ready = Math.max(0, mayStart[task]);
        for (int before : pieces.get(task).after) {
            if (!done[before]) {
                return NEVER;
            }
            ready = Math.max(ready, end[before]);
        }
        return ready;
    }

    /** Lets everything run by the clock that can; returns how many did. */
    private int rest(int[] minutes, int[] mayStart, int[] end, boolean[] done, Map<Integer, List<Integer>> lying) {
        int count = 0;
        boolean more = true;
        while (more) {
            more = false;
            for (int one = 0; one < done.length; one++) {
                Piece piece = pieces.get(one);
                if (done[one] || piece.byHand) {
                    continue;
                }
                int ready = ready(one, mayStart, end, done);
                if (ready >= NEVER) {
                    continue;
                }
                int start = piece.someoneThere ? opened(ready) : ready;
                if (piece.station >= 0) {
                    List<Integer> there = lying.computeIfAbsent(piece.station, station -> new ArrayList<>());
                    int begin = start;
                    long held = there.stream().filter(until -> until > begin).count();
                    if (held >= capacity[piece.station]) {
                        List<Integer> sorted = there.stream()
                                .filter(until -> until > begin)
                                .sorted()
                                .toList();
                        start = opened(sorted.get((int) held - capacity[piece.station]));
                    }
                    there.add(start >= NEVER ? NEVER : start + minutes[one]);
                }
                end[one] = start >= NEVER ? NEVER : start + minutes[one];
                done[one] = true;
                more = true;
                count++;
            }
        }
        return count;
    }

    private int opened(int from) {
        for (PlanCase.Span span : open) {
            if (span.end() > from) {
                return Math.max(from, span.start());
            }
        }
        return NEVER;
    }

    /** The first minute at or after another at which a hand works. */
    private int working(int hand, int from) {
        for (PlanCase.Span span : windows.get(hand)) {
            if (span.end() > from) {
                return Math.max(from, span.start());
            }
        }
        return NEVER;
    }

    private int worked(int hand, int from, int minutes) {
        int left = minutes;
        for (PlanCase.Span span : windows.get(hand)) {
            int start = Math.max(from, span.start());
            if (span.end() > start) {
                if (span.end() - start >= left) {
                    return start + left;
                }
                left -= span.end() - start;
            }
        }
        return NEVER;
    }
}
