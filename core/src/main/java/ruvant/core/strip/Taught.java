package ruvant.core.strip;

import java.util.Optional;
import ruvant.core.units.PartName;

/** What earlier jobs of a model say of the order of two parts. */
@FunctionalInterface
public interface Taught {
    /** Nothing. */
    Taught NOTHING = (upper, lower) -> Optional.empty();

    /** What they say, the surest first. */
    enum Says {
        /** Somebody said that the one lies over the other, and nothing spoke against it. */
        OVER,
        /** Somebody said that they are free of each other, and nobody that they are not. */
        FREE,
        /**
         * Jobs got at the one without the other. A log may be out of order or leave a removal out, so that counts only
         * where nothing else is known of the two.
         */
        PASSED_BY
    }

    /** What they say; empty where they do not tell, or contradict each other. */
    Optional<Says> over(PartName upper, PartName lower);
}
