package ruvant.core.plan;

import java.util.function.BooleanSupplier;

/** How long a plan is improved, and how much of that is over. */
@FunctionalInterface
public interface Effort {
    /** The part that is spent, 0 to 1; at 1 or above it is over. It is asked for again and again, and never falls. */
    double spent();

    /** For so many seconds, or until it is no longer wanted. What comes of it depends on how fast the machine is. */
    static Effort seconds(double seconds, BooleanSupplier wanted) {
        long began = System.nanoTime();
        return () -> wanted.getAsBoolean() ? (System.nanoTime() - began) / (seconds * 1e9) : 1;
    }

    /** For so many rounds; with the same seed the same plan comes of it on any machine. */
    static Effort rounds(long rounds) {
        return new Rounds(rounds, new long[1]);
    }

    /** A stretch of an effort as an effort of its own, to be asked by one thread alone. */
    default Effort part(double from, double to) {
        return () -> (spent() - from) / (to - from);
    }

    /** Counted each by itself, so that no thread hurries another. */
    record Rounds(long rounds, long[] asked) implements Effort {
        @Override
        public double spent() {
            return asked[0]++ / (double) Math.max(1, rounds);
        }

        @Override
        public Effort part(double from, double to) {
            return new Rounds((long) (rounds * (to - from)), new long[1]);
        }
    }
}
