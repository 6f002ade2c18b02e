package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * Where a channel moves at all. Most of a long recording lies still, and need not be searched: within three windows side
 * by side a step spans at least its own size, so where the span is a small part of the largest there is none.
 */
final class Lively {
    /** About half of {@link Steps#LEAST_PART}, so that no step that counts is passed over. */
    private static final double SMALL_PART = 0.2;

    private Lively() {}

    /** Blocks to search, {@code to} not included. */
    record Stretch(int from, int to) {}

    static List<Stretch> in(float[] blocks, int window) {
        int windows = (blocks.length + window - 1) / window;
        float[] low = new float[windows];
        float[] high = new float[windows];
        for (int k = 0; k < windows; k++) {
            float least = blocks[k * window];
            float most = least;
            for (int i = k * window; i < Math.min(blocks.length, (k + 1) * window); i++) {
                float one = blocks[i];
                least = one < least ? one : least;
                most = one > most ? one : most;
            }
            low[k] = least;
            high[k] = most;
        }
        float widest = 0;
        for (int k = 0; k < windows; k++) {
            widest = Math.max(widest, span(low, high, k));
        }
        List<Stretch> stretches = new ArrayList<>();
        int begun = -1;
        for (int k = 0; k <= windows; k++) {
            boolean lively = k < windows && span(low, high, k) > SMALL_PART * widest;
            if (lively && begun < 0) {
                begun = k;
            } else if (!lively && begun >= 0) {
                stretches.add(
                        new Stretch(Math.max(0, (begun - 2) * window), Math.min(blocks.length, (k + 2) * window)));
                begun = -1;
            }
        }
        return stretches;
    }

    private static float span(float[] low, float[] high, int k) {
        float least = low[k];
        float most = high[k];
        for (int near = Math.max(0, k - 1); near <= Math.min(low.length - 1, k + 1); near++) {
            least = Math.min(least, low[near]);
            most = Math.max(most, high[near]);
        }
        return most - least;
    }
}
