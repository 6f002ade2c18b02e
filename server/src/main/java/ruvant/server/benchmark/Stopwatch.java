package ruvant.server.benchmark;

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

    /** Two ways to do the same, turn by turn, so that whatever else the machine does meets both alike. */
    record Pair(Times ours, Times bare) {}

    static Pair beside(int warm, int counted, Step ours, Step bare) throws Exception {
        double[] first = new double[counted];
        double[] second = new double[counted];
        for (int i = 0; i < warm + counted; i++) {
            double one = ms(ours, i);
            double other = ms(bare, i);
            if (i >= warm) {
                first[i - warm] = one;
                second[i - warm] = other;
            }
        }
        return new Pair(sorted(first), sorted(second));
    }

    private static double ms(Step step, int i) throws Exception {
        long begun = System.nanoTime();
        step.run(i);
        return (System.nanoTime() - begun) / 1e6;
    }

    private static Times sorted(double[] ms) {
        Arrays.sort(ms);
        return new Times(ms);
    }
}
