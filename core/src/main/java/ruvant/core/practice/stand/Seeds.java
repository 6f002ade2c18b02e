package ruvant.core.practice.stand;

import java.util.Random;
import java.util.SplittableRandom;

/** Random numbers from seeds that are counted up: those of {@link Random} itself begin alike for neighbouring seeds. */
final class Seeds {
    private Seeds() {}

    static Random random(long seed) {
        return new Random(new SplittableRandom(seed).nextLong());
    }
}
