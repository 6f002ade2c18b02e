package ruvant.core.measure;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * Quantiles of the distributions behind an interval. They depend on how often was fired and nothing else, are found by a search
 * that takes longer than all the rest of a speed table, and are asked for again and again: each is worked out once.
 */
final class Quantiles {
    private record Asked(int freedom, double chance) {}

    private static final Map<Asked, Double> STUDENT = new ConcurrentHashMap<>();
    private static final Map<Asked, Double> CHI_SQUARE = new ConcurrentHashMap<>();

    /** Beyond it a run is no run of a camera; what is asked then is not kept. */
    private static final int MOST_KEPT = 1000;

    private Quantiles() {}

    /**
     * Student's t.
     *
     * @param freedom degrees, at least 1
     * @param chance of a smaller value, between 0 and 1
     */
    static double student(int freedom, double chance) {
        return freedom > MOST_KEPT
                ? new TDistribution(freedom).inverseCumulativeProbability(chance)
                : STUDENT.computeIfAbsent(
                        new Asked(freedom, chance),
                        asked -> new TDistribution(asked.freedom).inverseCumulativeProbability(asked.chance));
    }

    /**
     * Chi-square.
     *
     * @param freedom degrees, at least 1
     * @param chance of a smaller value, between 0 and 1
     */
    static double chiSquare(int freedom, double chance) {
        return freedom > MOST_KEPT
                ? new GammaDistribution(freedom / 2.0, 2).inverseCumulativeProbability(chance)
                : CHI_SQUARE.computeIfAbsent(
                        new Asked(freedom, chance),
                        asked -> new GammaDistribution(asked.freedom / 2.0, 2)
                                .inverseCumulativeProbability(asked.chance));
    }
}
