package ruvant.core.practice.unseen.shutter;

import java.util.Random;

/** Drawn numbers. */
final class Dice {
    final Random random;

    Dice(long seed) {
        random = new Random(seed);
        for (int warm = 0; warm < 8; warm++) {
            random.nextLong();
        }
    }

    double from(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** As often between 1 and 2 as between 2 and 4. */
    double wide(double low, double high) {
        return low * Math.pow(high / low, random.nextDouble());
    }

    double bell(double spread) {
        return spread * random.nextGaussian();
    }

    /** A factor around 1. */
    double times(double spread) {
        return Math.exp(spread * random.nextGaussian());
    }

    boolean happens(double chance) {
        return random.nextDouble() < chance;
    }

    double side() {
        return random.nextBoolean() ? 1 : -1;
    }
}
