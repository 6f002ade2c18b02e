package ruvant.core.measure;

import java.util.Arrays;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * Whether the first firing after a rest runs otherwise than those that follow: oil on the blades, stiff grease.
 *
 * @param rests how many rests there were, each with its first firing
 * @param effectEv by how much the first runs longer than the others, stops
 * @param chance of an effect at least as large in either direction when there is none
 */
public record FirstAfterRest(int rests, double effectEv, double chance) {
    private static final double LEAST_SCATTER_EV = 0.002;

    /**
     * Compares first firings with the others of the same rests.
     *
     * @param first errors of the first firings in stops, at least one
     * @param others errors of the others in stops, at least two
     * @throws IllegalArgumentException when there are fewer
     */
    public static FirstAfterRest of(double[] first, double[] others) {
        if (first.length < 1 || others.length < 2) {
            throw new IllegalArgumentException("One first firing and two others are the least that can be compared.");
        }
        double mean = Arrays.stream(others).average().orElseThrow();
        double squares = Arrays.stream(others).map(e -> (e - mean) * (e - mean)).sum();
        double effect = Arrays.stream(first).average().orElseThrow() - mean;
        double scatter = Math.max(LEAST_SCATTER_EV, Math.sqrt(squares / (others.length - 1)));
        double t = effect / (scatter * Math.sqrt(1.0 / first.length + 1.0 / others.length));
        double chance = 2 * new TDistribution(others.length - 1).cumulativeProbability(-Math.abs(t));
        return new FirstAfterRest(first.length, effect, chance);
    }
}
