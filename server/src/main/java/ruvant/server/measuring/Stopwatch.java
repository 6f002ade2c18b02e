package ruvant.server.measuring;

import java.util.Arrays;

/** Times a step many times over. */
final class Stopwatch {
    /** A step; the number tells the repetitions apart. */
    interface Step {
        void run(int i) throws Exception;
    }

    /** Milliseconds, sorted. */
    record Times(double[] ms) {
        double p(double share) {
            return ms[(int) Math.min(ms.length - 1, Math.floor(share * ms.length))];
        }
    }

    private Stopwatch() {}

    static Times time(int warm, int counted, Step step) throws Exception {
        for (int i = 0; i < warm; i++) {
            step.run(i);
        }
        double[] ms = new double[counted];
        for (int i = 0; i < counted; i++) {
            long begun = System.nanoTime();
            step.run(warm + i);
            ms[i] = (System.nanoTime() - begun) / 1e6;
        }
        Arrays.sort(ms);
        return new Times(ms);
    }
}
