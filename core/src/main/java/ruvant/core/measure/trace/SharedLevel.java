package ruvant.core.measure.trace;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * The lamp's level taken from all firings of a channel together. A short firing shows its plateau for a few samples only;
 * if the lamp is the same for all, the others tell the level better.
 */
final class SharedLevel {
    /** Times the variance that noise explains: three standard deviations, and the lamp is not the same for all. */
    private static final double UNREST = 9;

    private SharedLevel() {}

    /** The common level; empty where the firings contradict each other by more than their noise, or there are too few. */
    static Optional<LampLevel> of(List<Pulse> pulses) {
        List<Pulse> telling = pulses.stream().filter(Pulse::hasSteadyLevel).toList();
        boolean ripples = pulses.stream()
                .anyMatch(pulse -> pulse.level().flatMap(LampLevel::rippleHz).isPresent());
        if (telling.size() < 2 || ripples) {
            return Optional.empty();
        }
        double middle = new Median()
                .evaluate(telling.stream().mapToDouble(SharedLevel::seen).toArray());
        double weights = 0;
        double sum = 0;
        for (Pulse pulse : telling) {
            double weight = 1 / Math.max(1e-16, pulse.levelVariance());
            double mean = seen(pulse);
            if ((mean - middle) * (mean - middle) * weight < 25 || Math.abs(mean - middle) < 0.01 * middle) {
                weights += weight;
                sum += weight * mean;
            }
        }
        double level = sum / weights;
        double chiSquare = 0;
        int agreeing = 0;
        for (Pulse pulse : telling) {
            double mean = seen(pulse);
            double far = (mean - level) * (mean - level) / Math.max(1e-16, pulse.levelVariance());
            if (far < 25) {
                chiSquare += far;
                agreeing++;
            }
        }
        boolean agree = agreeing >= 2
                && agreeing >= 0.7 * telling.size()
                && chiSquare < agreeing + 4 * Math.sqrt(2.0 * agreeing);
        return agree ? Optional.of(LampLevel.steady(level, 1 / weights)) : Optional.empty();
    }

    /** The level that one firing shows best. */
    static Optional<LampLevel> brightest(List<Pulse> pulses) {
        return pulses.stream()
                .filter(pulse -> pulse.levelSeen().isPresent())
                .min(Comparator.comparingDouble(Pulse::levelVariance))
                .map(pulse -> LampLevel.steady(seen(pulse), pulse.levelVariance()));
    }

    /**
     * By how much the levels of firings differ that each show a steady lamp, as a part of it; 0 where that is their
     * noise. It tells a lamp on the mains that no firing is long enough to show.
     */
    static double unrest(List<Pulse> pulses) {
        List<Pulse> telling = pulses.stream()
                .filter(pulse -> pulse.isOnePiece() && pulse.levelSeen().isPresent())
                .toList();
        if (telling.size() < 2) {
            return 0;
        }
        double[] levels = telling.stream().mapToDouble(SharedLevel::seen).toArray();
        double mean = StatUtils.mean(levels);
        double noise =
                telling.stream().mapToDouble(Pulse::levelVariance).average().orElse(0);
        double variance = StatUtils.variance(levels);
        return variance > UNREST * noise ? Math.sqrt(variance) / mean : 0;
    }

    private static double seen(Pulse pulse) {
        return pulse.levelSeen().orElseThrow();
    }

    /** The common level where a firing's own plateau does not contradict it. */
    static Optional<LampLevel> better(Pulse pulse, Optional<LampLevel> common) {
        return common.filter(shared -> pulse.levelSeen()
                .map(own -> {
                    double apart = own - shared.mean();
                    return pulse.hasSteadyLevel() && apart * apart < 16 * (pulse.levelVariance() + shared.variance(0));
                })
                .orElse(pulse.peak() < 1.3 * shared.mean()));
    }
}
