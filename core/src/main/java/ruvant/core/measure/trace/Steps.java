package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;

/**
 * Finds where a channel steps up or down, by the difference of the means in two boxes side by side, for boxes of several
 * widths: a narrow one sees a short firing, a wide one a slow opening in noise. Droop of the input and ripple of the lamp
 * step too, but by less than {@value #LEAST_PART} of what a shutter does.
 */
final class Steps {
    /** Droop of a usual coupling over a long firing comes to a third of the step at the most, ripple to 30 %. */
    static final double LEAST_PART = 0.38;

    /** From the fastest marked speed to the slowest blades. */
    private static final double[] BOX_SECONDS = {0.00025, 0.0005, 0.001, 0.002, 0.004};

    /** A firing steps both ways alike; droop and noise leave more than 0.45 of the larger for the smaller. */
    private static final double LOPSIDED = 0.45;

    /** The widest of the boxes. */
    private static final double LONGEST_BOX_SECONDS = 0.004;
    /** So many times the noise of a box difference; ten minutes hold ten million of them. */
    private static final double SURE = 7;

    private final float[] seen;
    private final double largest;
    private final double main;
    private final double noise;

    private Steps(float[] seen, double largest, double main, double noise) {
        this.seen = seen;
        this.largest = largest;
        this.main = main;
        this.noise = noise;
    }

    /**
     * The same measured by the largest step of all. A firing steps both ways alike; where one way is much the larger, it
     * may be a firing whose end is not there yet, or a knock beside smaller firings: who asks has to try both.
     */
    Steps byLargest() {
        return new Steps(seen, largest, largest, noise);
    }

    boolean isLopsided() {
        return main < LOPSIDED * largest;
    }

    /** @param blocks of a channel, as recorded or restored */
    static Steps of(float[] blocks, double blockSeconds, double blockNoise) {
        double noise = Math.max(blockNoise, 1e-7);
        float[] seen = new float[blocks.length];
        float[] lower = new float[blocks.length];
        for (Lively.Stretch stretch : Lively.in(blocks, (int) Math.ceil(LONGEST_BOX_SECONDS / blockSeconds))) {
            for (double seconds : BOX_SECONDS) {
                int width = (int) Math.round(seconds / blockSeconds);
                if (width >= 1 && 2 * width < stretch.to() - stretch.from()) {
                    look(blocks, stretch, width, 3 * noise * Math.sqrt(2.0 / width), seen, lower);
                }
            }
        }
        double up = 0;
        double down = 0;
        for (float one : seen) {
            up = Math.max(up, one);
            down = Math.max(down, -one);
        }
        return new Steps(seen, Math.max(up, down), Math.min(up, down), noise);
    }

    /** Keeps the difference whose certain part is largest, so that noise does not prefer the narrow boxes. */
    private static void look(
            float[] blocks, Lively.Stretch stretch, int width, double doubt, float[] seen, float[] lower) {
        double before = 0;
        double after = 0;
        int begin = stretch.from();
        for (int i = begin; i < begin + width; i++) {
            before += blocks[i];
            after += blocks[width + i];
        }
        for (int at = begin + width; ; at++) {
            double difference = (after - before) / width;
            float certain = (float) (Math.abs(difference) - doubt);
            if (certain > lower[at]) {
                lower[at] = certain;
                seen[at] = (float) difference;
            }
            if (at + width >= stretch.to()) {
                return;
            }
            before += blocks[at] - blocks[at - width];
            after += blocks[at + width] - blocks[at];
        }
    }

    /** Size of the channel's main steps; 0 when nothing steps both ways. */
    double main() {
        return main;
    }

    /** Whether the main steps stand out of the noise. */
    boolean areSure() {
        return main > SURE * noise;
    }

    /** All steps of at least a part of the main one, in order of time. */
    List<Step> above(double part) {
        List<Step> steps = new ArrayList<>();
        double least = Math.max(part * main, SURE * noise);
        int at = 0;
        while (at < seen.length) {
            if (Math.abs(seen[at]) < least) {
                at++;
                continue;
            }
            boolean rises = seen[at] > 0;
            int best = at;
            while (at < seen.length && Math.abs(seen[at]) >= least && seen[at] > 0 == rises) {
                if (Math.abs(seen[at]) > Math.abs(seen[best])) {
                    best = at;
                }
                at++;
            }
            steps.add(new Step(best, seen[best]));
        }
        return steps;
    }
}
