package ruvant.core.plan;

import java.util.List;

/** When a hand is free: in each of its windows the gaps between what was placed there. */
final class FreeTime {
    /** Gaps that a window can have at first; where one has more, all are given twice the room. */
    private static final int ROOM = 6;

    /** By so many bits a minute is shifted to find the first window that can hold it without a search. */
    private static final int CELL = 7;

    private final int windows;
    private final int origin;
    private final int[] first;
    private final int[] opens;
    private final int[] closes;
    private int[] start;
    private int[] end;
    private final int[] gaps;
    private final int[] widest;

    private int room = ROOM;

    /** Windows from this one on are wholly free. */
    private int untouched;

    FreeTime(List<PlanCase.Span> of) {
        windows = of.size();
        opens = of.stream().mapToInt(PlanCase.Span::start).toArray();
        closes = of.stream().mapToInt(PlanCase.Span::end).toArray();
        start = new int[windows * room];
        end = new int[windows * room];
        origin = windows == 0 ? 0 : opens[0];
        first = new int[windows == 0 ? 0 : ((closes[windows - 1] - origin) >> CELL) + 1];
        for (int cell = 0, at = 0; cell < first.length; cell++) {
            while (at < windows && closes[at] <= origin + (cell << CELL)) {
                at++;
            }
            first[cell] = at;
        }
        gaps = new int[windows];
        widest = new int[windows];
        for (int at = 0; at < windows; at++) {
            start[at * room] = opens[at];
            end[at * room] = closes[at];
            gaps[at] = 1;
            widest[at] = closes[at] - opens[at];
        }
    }

    /** The window that holds a minute or is the first after it. */
    private int window(int minute) {
        int cell = (minute - origin) >> CELL;
        int at = cell < 0 ? 0 : cell < first.length ? first[cell] : windows;
        while (at < windows && closes[at] <= minute) {
            at++;
        }
        return at;
    }

    int earliest(int from, int minutes) {
        for (int at = window(from); at < windows; at++) {
            if (widest[at] < minutes) {
                continue;
            }
            int last = at * room + gaps[at];
            for (int gap = at * room; gap < last; gap++) {
                int begin = Math.max(start[gap], from);
                if (begin + minutes <= end[gap]) {
                    return begin;
                }
            }
        }
        return Problem.NEVER;
    }

    boolean fits(int from, int minutes) {
        int at = window(from);
        if (at == windows) {
            return false;
        }
        for (int gap = at * room; gap < at * room + gaps[at]; gap++) {
            if (start[gap] <= from && from + minutes <= end[gap]) {
                return true;
            }
        }
        return false;
    }

    void take(int from, int to) {
        int at = window(from);
        int gap = at * room;
        while (end[gap] <= from) {
            gap++;
        }
        boolean before = start[gap] < from;
        boolean after = end[gap] > to;
        int width = end[gap] - start[gap];
        if (before && after) {
            if (gaps[at] == room) {
                widen();
                gap = at * room;
                while (end[gap] <= from) {
                    gap++;
                }
            }
            int last = at * room + gaps[at]++;
            for (int move = last; move > gap + 1; move--) {
                start[move] = start[move - 1];
                end[move] = end[move - 1];
            }
            start[gap + 1] = to;
            end[gap + 1] = end[gap];
            end[gap] = from;
        } else if (before) {
            end[gap] = from;
        } else if (after) {
            start[gap] = to;
        } else {
            int last = at * room + --gaps[at];
            for (int move = gap; move < last; move++) {
                start[move] = start[move + 1];
                end[move] = end[move + 1];
            }
        }
        if (width == widest[at]) {
            measure(at);
        }
        untouched = Math.max(untouched, at + 1);
    }

    private void measure(int at) {
        int most = 0;
        for (int gap = at * room; gap < at * room + gaps[at]; gap++) {
            most = Math.max(most, end[gap] - start[gap]);
        }
        widest[at] = most;
    }

    /** Gives back a stretch that was taken. */
    void give(int from, int to) {
        int at = window(from);
        int first = at * room;
        int last = first + gaps[at];
        int gap = first;
        while (gap < last && start[gap] < to) {
            gap++;
        }
        boolean left = gap > first && end[gap - 1] == from;
        boolean right = gap < last && start[gap] == to;
        int changed;
        if (left && right) {
            end[gap - 1] = end[gap];
            for (int move = gap; move < last - 1; move++) {
                start[move] = start[move + 1];
                end[move] = end[move + 1];
            }
            gaps[at]--;
            changed = gap - 1;
        } else if (left) {
            end[gap - 1] = to;
            changed = gap - 1;
        } else if (right) {
            start[gap] = from;
            changed = gap;
        } else {
            if (gaps[at] == room) {
                int offset = gap - first;
                widen();
                first = at * room;
                gap = first + offset;
                last = first + gaps[at];
            }
            for (int move = last; move > gap; move--) {
                start[move] = start[move - 1];
                end[move] = end[move - 1];
            }
            start[gap] = from;
            end[gap] = to;
            gaps[at]++;
            changed = gap;
        }
        widest[at] = Math.max(widest[at], end[changed] - start[changed]);
    }

    private void widen() {
        int wider = room * 2;
        int[] starts = new int[windows * wider];
        int[] ends = new int[windows * wider];
        for (int at = 0; at < windows; at++) {
            System.arraycopy(start, at * room, starts, at * wider, gaps[at]);
            System.arraycopy(end, at * room, ends, at * wider, gaps[at]);
        }
        start = starts;
        end = ends;
        room = wider;
    }

    /** Takes a stretch whether it is free or not: what has started is not moved by a window. */
    void block(int from, int to) {
        for (int at = window(from); at < windows && opens[at] < to; at++) {
            boolean again = true;
            while (again) {
                again = false;
                for (int gap = at * room; gap < at * room + gaps[at]; gap++) {
                    int first = Math.max(from, start[gap]);
                    int last = Math.min(to, end[gap]);
                    if (first < last) {
                        take(first, last);
                        again = true;
                        break;
                    }
                }
            }
        }
    }

    void set(FreeTime other) {
        if (room != other.room) {
            room = other.room;
            start = other.start.clone();
            end = other.end.clone();
            System.arraycopy(other.gaps, 0, gaps, 0, windows);
            System.arraycopy(other.widest, 0, widest, 0, windows);
            untouched = other.untouched;
            return;
        }
        int copied = Math.max(untouched, other.untouched);
        System.arraycopy(other.start, 0, start, 0, copied * room);
        System.arraycopy(other.end, 0, end, 0, copied * room);
        System.arraycopy(other.gaps, 0, gaps, 0, copied);
        System.arraycopy(other.widest, 0, widest, 0, copied);
        untouched = other.untouched;
    }
}
