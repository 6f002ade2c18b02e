package ruvant.core.signature;

import java.util.SplittableRandom;

/** Random numbers of the shapes that wear and misadjustment have. */
final class Chance {
    private final SplittableRandom random;

    Chance(long seed) {
        random = new SplittableRandom(seed);
    }

    double even(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    double about(double middle, double spread) {
        return middle + spread * random.nextGaussian();
    }

    /** Around a middle by factors: two thirds lie within a factor of {@code spread} either way. */
    double factor(double middle, double spread) {
        return middle * Math.exp(Math.log(spread) * random.nextGaussian());
    }

    boolean once(double in) {
        return random.nextDouble() < in;
    }

    int below(int bound) {
        return random.nextInt(bound);
    }
}
