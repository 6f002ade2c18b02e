package ruvant.core.measure.trace;

import java.util.Optional;

/**
 * The plateau between the steep parts of a firing. Under a lamp that ripples, the light between two edges may rise by a
 * third, so that no level of it all tells where an edge ends; that the light rises faster on an edge than on any ripple
 * does.
 *
 * @param from first sample of the plateau
 * @param to behind its last
 */
record SteepEdges(int from, int to) {
    /** How far the coarse edges may be off: blades of old shutters take two milliseconds. */
    private static final double REACH_SECONDS = 0.002;

    /** An edge ends where the light changes by less than this part of its steepest. */
    private static final double CALM = 0.15;

    /** A top shorter than this part of the firing is blades turning back, and no plateau. */
    private static final double LEAST_PART = 0.5;

    /** Fewer have no level of their own under a ripple. */
    private static final int LEAST_SAMPLES = 8;

    /** An edge is looked for in boxes of a twentieth of the firing, which smooths noise and keeps both edges apart. */
    private static final int BOXES = 20;

    /** Empty where the edges run into each other. */
    static Optional<SteepEdges> of(double[] light, int opens, int closes, int inside, double rate) {
        int width = Math.max(2, (closes - opens) / BOXES);
        int reach = (int) (REACH_SECONDS * rate);
        int open = steepest(light, Math.max(width, opens - reach), inside, width, 1);
        int close = steepest(light, inside, Math.min(light.length - width, closes + reach), width, -1);
        double rise = change(light, open, width);
        double fall = change(light, close, width);
        if (open >= close || rise <= 0 || fall >= 0) {
            return Optional.empty();
        }
        while (open < close && change(light, open, width) > CALM * rise) {
            open++;
        }
        while (close > open && change(light, close, width) < CALM * fall) {
            close--;
        }
        int from = open + width;
        int to = close - width;
        return to - from >= Math.max(LEAST_SAMPLES, LEAST_PART * (closes - opens))
                ? Optional.of(new SteepEdges(from, to))
                : Optional.empty();
    }

    private static int steepest(double[] light, int from, int to, int width, int sign) {
        int best = Math.clamp(from, width, Math.max(width, light.length - width));
        double most = Double.NEGATIVE_INFINITY;
        for (int i = Math.max(width, from); i < Math.min(light.length - width, to); i++) {
            double change = sign * change(light, i, width);
            if (change > most) {
                most = change;
                best = i;
            }
        }
        return best;
    }

    /** Mean behind a place less mean before it. */
    private static double change(double[] light, int at, int width) {
        double sum = 0;
        for (int i = 1; i <= width; i++) {
            sum += light[Math.min(light.length - 1, at + i - 1)] - light[Math.max(0, at - i)];
        }
        return sum / width;
    }
}
