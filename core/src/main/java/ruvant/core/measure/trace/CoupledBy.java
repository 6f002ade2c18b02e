package ruvant.core.measure.trace;

import java.util.Optional;

/**
 * What the input does to a steady signal, and how to undo it. A stage of coupling obeys x = y + ω∫y dt, two of them
 * x = y + (ω₁ + ω₂)∫y dt + ω₁ω₂∬y dt², where x is the light and y what was recorded. In the dark x does not change, also
 * across a firing; so the factors are those that bring the recording back to the same dark behind a firing as before it.
 *
 * @param first factor of the integral, radians a second; 0 for an input that lets everything through
 * @param second factor of the double integral; 0 for one stage
 * @param uncertainty of the first factor, one standard deviation
 */
record CoupledBy(double first, double second, double uncertainty) {
    /** A factor off by one in a hundred moves an exposure of one sink by less than a hundredth of a stop. */
    private static final double TOLD_WELL = 0.01;

    static final CoupledBy DIRECT = new CoupledBy(0, 0, 0);

    /** Itself where the recording told it well, else what was measured beforehand. */
    CoupledBy orKnown(Optional<Double> cutoffHz) {
        boolean told = first > 0 && uncertainty < TOLD_WELL * first;
        return told || cutoffHz.isEmpty() ? this : new CoupledBy(2 * Math.PI * cutoffHz.get(), 0, 0);
    }

    boolean isDirect() {
        return first == 0;
    }

    /** Cut-off of the (first) stage, Hz. */
    double cutoffHz() {
        // with two stages ω₁ + ω₂ and ω₁ω₂ are known; the larger one is what is called the cut-off
        double root = Math.sqrt(Math.max(0, first * first - 4 * second));
        return (first + root) / 2 / (2 * Math.PI);
    }

    /** Cut-off of the second stage, Hz; 0 for none. */
    double secondCutoffHz() {
        double root = Math.sqrt(Math.max(0, first * first - 4 * second));
        return (first - root) / 2 / (2 * Math.PI);
    }

    /** After this long a steady signal has sunk to 37 %, seconds; infinite for a direct input. */
    double sinkSeconds() {
        return first == 0 ? Double.POSITIVE_INFINITY : 1 / first;
    }

    /** Undoes the coupling over a stretch that begins in the dark or anywhere else; what was before is a straight line. */
    double[] restored(float[] recorded, double rateHz) {
        double[] light = new double[recorded.length];
        double mean = 0;
        int first10 = Math.min(recorded.length, 64);
        for (int i = 0; i < first10; i++) {
            mean += recorded[i];
        }
        mean /= Math.max(1, first10);
        double once = 0;
        double twice = 0;
        double before = 0;
        for (int i = 0; i < recorded.length; i++) {
            double now = recorded[i] - mean;
            once += (now + before) / 2 / rateHz;
            twice += once / rateHz;
            light[i] = now + first * once + second * twice;
            before = now;
        }
        return light;
    }

    /** The same over a whole recording in blocks; slow drift of the result does not matter to whoever looks for steps. */
    float[] restoredBlocks(float[] blocks, double blockSeconds) {
        float[] light = new float[blocks.length];
        double mean = 0;
        for (float block : blocks) {
            mean += block;
        }
        mean /= blocks.length;
        double once = 0;
        double before = 0;
        for (int i = 0; i < blocks.length; i++) {
            double now = blocks[i] - mean;
            once += (now + before) / 2 * blockSeconds;
            light[i] = (float) (now + first * once);
            before = now;
        }
        return light;
    }
}
