package ruvant.core.measure;

import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.StatUtils;

/**
 * Whether the first firing after a rest runs otherwise than those that follow: oil on the blades, stiff grease.
 *
 * @param rests how many rests there were, each with its first firing
 * @param effectEv by how much the first runs longer than the others, stops
 * @param chance of an effect at least as large in either direction when there is none
 */
public record FirstAfterRest(int rests, double effectEv, double chance) {
    /**
     * Compares first firings with the others of the same rests.
     *
     * @param first errors of the first firings in stops, at least one
     * @param others errors of the others in stops, at least two
     * @throws IllegalArgumentException when there are fewer
     */
    public static FirstAfterRest of(double[] first, double[] others) {
        if (first.length < 1 || others.length < 2) {
            throw new IllegalArgumentException("A comparison needs at least one first firing and two others.");
        }
        RunStatistics later = RunStatistics.ofErrors(others);
        double effect = StatUtils.mean(first) - later.biasEv();
        double t = effect / (later.plausibleScatterEv() * Math.sqrt(1.0 / first.length + 1.0 / others.length));
        double chance = 2 * new TDistribution(others.length - 1).cumulativeProbability(-Math.abs(t));
        return new FirstAfterRest(first.length, effect, chance);
    }
}
