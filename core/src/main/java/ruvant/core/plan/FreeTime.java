package ruvant.core.plan;

import java.util.Arrays;
import java.util.List;

/** When a hand is free: its windows, less what was placed in them. */
final class FreeTime {
    private int[] start;
    private int[] end;
    private int[] window;
    private int count;
    private final int[] opens;
    private final int[] closes;

    FreeTime(List<PlanCase.Span> windows) {
        count = windows.size();
        start = new int[count + 32];
        end = new int[count + 32];
        window = new int[count + 32];
        opens = new int[count];
        closes = new int[count];
        for (int at = 0; at < count; at++) {
            start[at] = windows.get(at).start();
            end[at] = windows.get(at).end();
            window[at] = at;
            opens[at] = start[at];
            closes[at] = end[at];
        }
    }

    /** The gap that holds a minute or is the first after it. */
    private int gap(int from) {
        int low = 0;
        int high = count;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (end[middle] <= from) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The earliest start at or after a minute that leaves room for so many; {@link Problem#NEVER} where there is none. */
    int earliest(int from, int minutes) {
        for (int at = gap(from); at < count; at++) {
            int begin = Math.max(start[at], from);
            if (begin + minutes <= end[at]) {
                return begin;
            }
        }
        return Problem.NEVER;
    }

    boolean fits(int from, int minutes) {
        int at = gap(from);
        return at < count && start[at] <= from && from + minutes <= end[at];
    }

    /** Takes a stretch that is free. */
    void take(int from, int to) {
        int at = gap(from);
        boolean before = start[at] < from;
        boolean after = end[at] > to;
        if (before && after) {
            insert(at + 1, to, end[at], window[at]);
            end[at] = from;
        } else if (before) {
            end[at] = from;
        } else if (after) {
            start[at] = to;
        } else {
            remove(at);
        }
    }

    /** Gives back a stretch that was taken; what belongs to one window grows together again. */
    void give(int from, int to) {
        int its = Arrays.binarySearch(opens, from);
        its = its >= 0 ? its : -its - 2;
        int at = gap(from);
        boolean left = at > 0 && end[at - 1] == from && window[at - 1] == its;
        boolean right = at < count && start[at] == to && window[at] == its;
        if (left && right) {
            end[at - 1] = end[at];
            remove(at);
        } else if (left) {
            end[at - 1] = to;
        } else if (right) {
            start[at] = from;
        } else {
            insert(at, from, to, its);
        }
    }

    /** Takes a stretch whether it is free or not: what has started is not moved by a window. */
    void block(int from, int to) {
        for (int at = gap(from); at < count && start[at] < to; at = gap(from)) {
            take(Math.max(from, start[at]), Math.min(to, end[at]));
        }
    }

    /** Becomes the same as another of its windows. */
    void set(FreeTime other) {
        if (start.length < other.count) {
            start = new int[other.start.length];
            end = new int[other.start.length];
            window = new int[other.start.length];
        }
        count = other.count;
        System.arraycopy(other.start, 0, start, 0, count);
        System.arraycopy(other.end, 0, end, 0, count);
        System.arraycopy(other.window, 0, window, 0, count);
    }

    private void remove(int at) {
        count--;
        System.arraycopy(start, at + 1, start, at, count - at);
        System.arraycopy(end, at + 1, end, at, count - at);
        System.arraycopy(window, at + 1, window, at, count - at);
    }

    private void insert(int at, int from, int to, int its) {
        if (count == start.length) {
            start = Arrays.copyOf(start, count * 2);
            end = Arrays.copyOf(end, count * 2);
            window = Arrays.copyOf(window, count * 2);
        }
        System.arraycopy(start, at, start, at + 1, count - at);
        System.arraycopy(end, at, end, at + 1, count - at);
        System.arraycopy(window, at, window, at + 1, count - at);
        start[at] = from;
        end[at] = to;
        window[at] = its;
        count++;
    }
}
