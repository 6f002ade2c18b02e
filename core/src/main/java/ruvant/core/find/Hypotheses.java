package ruvant.core.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.IntPredicate;
import java.util.function.ToDoubleFunction;

/**
 * What may be the matter: none of the causes on the list, one of them, or two at once, each as faintly or as plainly there as
 * faults are. They are weighed against each other by what is observed.
 */
final class Hypotheses {
    /** Two causes at once are this much rarer than two that have nothing to do with each other would be. */
    private static final double TOGETHER = 0.35;

    private final List<FaultKnowledge.Cause> causes;
    private final int[][] held;
    private final double[][] weights;

    /** Hypotheses that differ only in what is not asked for are one. */
    private final int[] group;

    private int groupCount;

    /**
     * Weighs them before anything is observed.
     *
     * @param single how common each cause is, in their order
     * @param none how common a fault is that is not on the list
     */
    Hypotheses(List<FaultKnowledge.Cause> causes, double[] single, double none) {
        this.causes = causes;
        int n = causes.size();
        held = new int[1 + n + n * (n - 1) / 2][];
        held[0] = new int[0];
        int at = 1;
        for (int i = 0; i < n; i++) {
            held[at++] = new int[] {i};
        }
        for (int i = 0; i < n; i++) {
            for (int k = i + 1; k < n; k++) {
                held[at++] = new int[] {i, k};
            }
        }
        group = new int[held.length];
        weights = new double[Strength.values().length][held.length];
        for (Strength strength : Strength.values()) {
            for (int h = 0; h < held.length; h++) {
                weights[strength.ordinal()][h] = strength.share()
                        * switch (held[h].length) {
                            case 0 -> none;
                            case 1 -> single[held[h][0]];
                            default -> TOGETHER * single[held[h][0]] * single[held[h][1]];
                        };
            }
        }
    }

    /**
     * Counts something that was seen or looked for in vain.
     *
     * @param chance that each cause shows it, 0 to 1
     * @param otherwise chance that it is seen without any of them
     * @param counts 1 for a full observation, less for a doubtful one
     */
    void observe(ToDoubleFunction<FaultKnowledge.Cause> chance, double otherwise, boolean seen, double counts) {
        for (Strength strength : Strength.values()) {
            double[] not = not(chance, strength);
            double[] of = weights[strength.ordinal()];
            for (int h = 0; h < held.length; h++) {
                double missed = (1 - otherwise) * notSeen(not, held[h]);
                double likelihood = seen ? 1 - missed : missed;
                of[h] *= counts == 1 ? likelihood : Math.pow(likelihood, counts);
            }
        }
    }

    /** Weighs each hypothesis by what is said of the causes it holds, by their places. */
    void weigh(ToDoubleFunction<int[]> by) {
        for (int h = 0; h < held.length; h++) {
            double factor = by.applyAsDouble(held[h]);
            for (double[] of : weights) {
                of[h] *= factor;
            }
        }
    }

    /** Asks only for these causes: hypotheses that do not differ in them count as one. */
    void ask(IntPredicate asked) {
        Map<List<Integer>, Integer> groups = new HashMap<>();
        for (int h = 0; h < held.length; h++) {
            List<Integer> explaining =
                    Arrays.stream(held[h]).filter(asked).boxed().toList();
            group[h] = groups.computeIfAbsent(explaining, one -> groups.size());
        }
        groupCount = groups.size();
    }

    /** Makes chances of the weights: together they are one. */
    void normalise() {
        scale(weights, Arrays.stream(weights).flatMapToDouble(Arrays::stream).sum());
    }

    /** The chance that it is none of those on the list, 0 to 1. */
    double none() {
        return Math.min(1, chance(0));
    }

    /** The chance of each cause, 0 to 1, in their order. */
    double[] probabilities() {
        return probabilities(weights);
    }

    /** How much of the suspicion lies on each mechanism, by its id, 0 to 1; none of the list is left away. */
    Map<String, Double> areas() {
        Map<String, Double> areas = new HashMap<>();
        for (double[] of : weights) {
            for (int h = 0; h < held.length; h++) {
                for (int cause : held[h]) {
                    areas.merge(causes.get(cause).area(), of[h] / held[h].length, Double::sum);
                }
            }
        }
        return areas;
    }

    /** The causes of one hypothesis, drawn by its chance. */
    List<FaultKnowledge.Cause> drawn(Random random) {
        double at = random.nextDouble();
        int h = 0;
        while (h < held.length - 1 && at >= chance(h)) {
            at -= chance(h++);
        }
        List<FaultKnowledge.Cause> drawn = new ArrayList<>();
        for (int cause : held[h]) {
            drawn.add(causes.get(cause));
        }
        return drawn;
    }

    private double chance(int hypothesis) {
        return Arrays.stream(weights).mapToDouble(of -> of[hypothesis]).sum();
    }

    /** What is left to be found out of what is asked for, bits. */
    double openBits() {
        return bits(weights);
    }

    /**
     * What an observation would leave.
     *
     * @param chance that it is seen, 0 to 1
     * @param bits expected of it
     * @param ifSeen chance of each cause where it is seen
     * @param ifNot chance of each cause where it is not
     */
    record Left(double chance, double bits, double[] ifSeen, double[] ifNot) {}

    Left after(ToDoubleFunction<FaultKnowledge.Cause> chance, double otherwise) {
        double[][] seen = new double[weights.length][held.length];
        double[][] unseen = new double[weights.length][held.length];
        double sum = 0;
        for (Strength strength : Strength.values()) {
            int s = strength.ordinal();
            double[] not = not(chance, strength);
            for (int h = 0; h < held.length; h++) {
                unseen[s][h] = weights[s][h] * (1 - otherwise) * notSeen(not, held[h]);
                seen[s][h] = weights[s][h] - unseen[s][h];
                sum += seen[s][h];
            }
        }
        scale(seen, sum);
        scale(unseen, 1 - sum);
        double bits = openBits() - sum * bits(seen) - (1 - sum) * bits(unseen);
        return new Left(sum, Math.max(0, bits), probabilities(seen), probabilities(unseen));
    }

    private double[] not(ToDoubleFunction<FaultKnowledge.Cause> chance, Strength strength) {
        double[] not = new double[causes.size()];
        for (int i = 0; i < not.length; i++) {
            not[i] = 1 - strength.of(chance.applyAsDouble(causes.get(i)));
        }
        return not;
    }

    private static double notSeen(double[] not, int[] causes) {
        double missed = 1;
        for (int cause : causes) {
            missed *= not[cause];
        }
        return missed;
    }

    private double[] probabilities(double[][] of) {
        double[] probability = new double[causes.size()];
        for (double[] each : of) {
            for (int h = 0; h < held.length; h++) {
                for (int cause : held[h]) {
                    probability[cause] += each[h];
                }
            }
        }
        for (int i = 0; i < probability.length; i++) {
            // what was added up can be a hair over one
            probability[i] = Math.min(1, probability[i]);
        }
        return probability;
    }

    private double bits(double[][] of) {
        double[] together = new double[groupCount];
        for (double[] each : of) {
            for (int h = 0; h < held.length; h++) {
                together[group[h]] += each[h];
            }
        }
        double bits = 0;
        for (double weight : together) {
            bits -= weight > 0 ? weight * Math.log(weight) / Math.log(2) : 0;
        }
        return bits;
    }

    private static void scale(double[][] weights, double sum) {
        for (double[] of : weights) {
            for (int h = 0; h < of.length; h++) {
                of[h] = sum > 0 ? of[h] / sum : 0;
            }
        }
    }
}
