package ruvant.core.measure.trace;

/** Whether the input could not follow the light: several samples in a row stand at exactly the largest value. */
final class Clipping {
    /** Noise makes two or three neighbours equal by chance at 16 bits, hardly ever five. */
    private static final int IN_A_ROW = 5;

    /** The largest value of 16 bits is 0.99997; less 2 in 32768 for rounding in between. */
    private static final double FULL_SCALE = 0.9999;

    private Clipping() {}

    /**
     * @param recorded of the channel
     * @param from first sample to look at
     * @param to behind the last
     * @param noise of one sample in the dark
     */
    static boolean in(float[] recorded, int from, int to, double noise) {
        return at(recorded, from, to, noise, 1) || at(recorded, from, to, noise, -1);
    }

    private static boolean at(float[] recorded, int from, int to, double noise, int sign) {
        float most = Float.NEGATIVE_INFINITY;
        for (int i = from; i < to; i++) {
            most = Math.max(most, sign * recorded[i]);
        }
        float same = Math.max(1e-6f, Math.abs(most) * 1e-5f);
        int row = 0;
        int longest = 0;
        for (int i = from; i < to; i++) {
            row = sign * recorded[i] >= most - same ? row + 1 : 0;
            longest = Math.max(longest, row);
        }
        if (longest < IN_A_ROW) {
            return false;
        }
        // a plateau without noise stands still as well; only at full scale is that suspicious
        return Math.abs(most) >= FULL_SCALE || noise > 0 && scatters(recorded, from, to, noise);
    }

    /** Whether the noise is large enough against the steps of the format that no plateau would stand still by itself. */
    private static boolean scatters(float[] recorded, int from, int to, double noise) {
        float smallest = Float.MAX_VALUE;
        for (int i = from + 1; i < to; i++) {
            float step = Math.abs(recorded[i] - recorded[i - 1]);
            if (step > 0) {
                smallest = Math.min(smallest, step);
            }
        }
        return noise > 0.8 * smallest;
    }
}
