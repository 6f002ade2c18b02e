package ruvant.core.plan;

import java.util.Arrays;

/** How full a station is over time: from each minute of change up to the next. */
final class Load {
    private final int capacity;
    private int[] time = new int[64];
    private int[] used = new int[64];
    private int count = 1;

    Load(int capacity) {
        this.capacity = capacity;
        time[0] = Integer.MIN_VALUE;
    }

    private int at(int minute) {
        int low = 0;
        int high = count - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (time[middle] <= minute) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** The earliest minute at or after another from which it has room for so long. */
    int earliest(int from, int minutes) {
        if (capacity <= 0) {
            return Problem.NEVER;
        }
        int begin = from;
        for (int step = at(from); step < count && time[step] < begin + minutes; step++) {
            if (used[step] >= capacity) {
                if (step + 1 == count) {
                    return Problem.NEVER;
                }
                begin = time[step + 1];
            }
        }
        return begin;
    }

    void take(int from, int to) {
        int first = cut(from);
        int last = cut(to);
        for (int step = first; step < last; step++) {
            used[step]++;
        }
    }

    /** Gives back what was taken; steps between which nothing changes grow together. */
    void give(int from, int to) {
        int first = cut(from);
        int last = cut(to);
        for (int step = first; step < last; step++) {
            used[step]--;
        }
        heal(last);
        heal(first);
    }

    /** Becomes the same as another of its size. */
    void set(Load other) {
        if (time.length < other.count) {
            time = new int[other.time.length];
            used = new int[other.time.length];
        }
        count = other.count;
        System.arraycopy(other.time, 0, time, 0, count);
        System.arraycopy(other.used, 0, used, 0, count);
    }

    private void heal(int step) {
        if (step > 0 && step < count && used[step] == used[step - 1]) {
            count--;
            System.arraycopy(time, step + 1, time, step, count - step);
            System.arraycopy(used, step + 1, used, step, count - step);
        }
    }

    /** The step that begins at a minute, made where there is none. */
    private int cut(int minute) {
        int step = at(minute);
        if (time[step] == minute) {
            return step;
        }
        if (count == time.length) {
            time = Arrays.copyOf(time, count * 2);
            used = Arrays.copyOf(used, count * 2);
        }
        System.arraycopy(time, step + 1, time, step + 2, count - step - 1);
        System.arraycopy(used, step + 1, used, step + 2, count - step - 1);
        time[step + 1] = minute;
        used[step + 1] = used[step];
        count++;
        return step + 1;
    }
}
