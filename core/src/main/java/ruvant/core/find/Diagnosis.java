package ruvant.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import ruvant.core.trade.Family;

/**
 * Who is suspected, and how much. One cause, two at once, or none of those on the list: each is held against all that was
 * seen, and a cause's probability is that of all it is part of. A symptom comes from any of the causes there are, each by
 * its own chance, or from something else.
 */
public final class Diagnosis {
    /** Two causes at once are this much rarer than two that have nothing to do with each other would be. */
    private static final double TOGETHER = 0.35;

    /** What the families' figures weigh, as so many jobs of the shop. */
    private static final double KNOWLEDGE_WEIGHS = 12;

    /** Even a cleared suspect was guilty now and then. */
    private static final double CLEARED = 0.02;

    /** What is confirmed is there, unless it was a mistake. */
    private static final double UNCONFIRMED = 0.0005;

    /** A result that only leans counts for half. */
    private static final double LEANS = 0.5;

    /** A function that works at the counter denies a fault about as well as a look that leans. */
    private static final double DENIED = 0.6;

    /** Whoever says what is wrong says about this part of what could be said: what is not said counts a little too. */
    private static final double SAID = 0.5;

    /** A cause that makes a symptom by this chance explains it. */
    private static final double EXPLAINS = 0.1;

    /**
     * Speeds and symptoms are not independent: the same slow train makes both, so speeds count for less than a full
     * vote.
     */
    private static final double SPEEDS_WEIGH = 0.7;

    /** Speeds alone rule nothing out: they may have been fired on a day when the fault stayed away. */
    private static final double LEAST_BY_SPEEDS = 0.02;

    private final List<FaultKnowledge.Cause> causes;
    private final Map<String, Integer> places = new HashMap<>();
    private final int[][] pairs;
    private final double[] weights;

    /** Hypotheses that differ only in what is not asked for are one. */
    private final int[] group;

    private int groupCount;

    /** A suspect with its probability, 0 to 1, and the number of jobs in which it was the cause here. */
    public record Suspected(FaultKnowledge.Cause cause, double probability, int jobsHere) {}

    private Diagnosis(List<FaultKnowledge.Cause> causes) {
        this.causes = causes;
        int n = causes.size();
        for (int i = 0; i < n; i++) {
            places.put(causes.get(i).id(), i);
        }
        pairs = new int[1 + n + n * (n - 1) / 2][];
        pairs[0] = new int[0];
        int at = 1;
        for (int i = 0; i < n; i++) {
            pairs[at++] = new int[] {i};
        }
        for (int i = 0; i < n; i++) {
            for (int k = i + 1; k < n; k++) {
                pairs[at++] = new int[] {i, k};
            }
        }
        weights = new double[pairs.length];
        group = new int[pairs.length];
    }

    /** Works it out. */
    public static Diagnosis of(FaultKnowledge knowledge, Family family, CaseEvidence evidence) {
        Diagnosis diagnosis = new Diagnosis(knowledge.causesOf(family));
        diagnosis.begin(knowledge, evidence);
        for (FaultKnowledge.Symptom symptom : knowledge.symptoms()) {
            boolean seen = evidence.symptoms().contains(symptom.id());
            if (seen || evidence.absent().contains(symptom.id())) {
                diagnosis.observe(
                        cause -> cause.symptoms().getOrDefault(symptom.id(), 0.0),
                        symptom.otherwise(),
                        seen,
                        seen ? 1 : DENIED);
            } else if (!symptom.silent()
                    && !evidence.symptoms().isEmpty()
                    && evidence.oneOf().stream().noneMatch(one -> one.symptoms().contains(symptom.id()))) {
                diagnosis.observe(
                        cause -> SAID * cause.symptoms().getOrDefault(symptom.id(), 0.0),
                        SAID * symptom.otherwise(),
                        false,
                        1);
            }
        }
        evidence.oneOf().forEach(one -> diagnosis.observe(knowledge, one));
        for (CaseEvidence.Result result : evidence.looks()) {
            knowledge
                    .look(result.look())
                    .ifPresent(look -> diagnosis.observe(
                            cause -> look.finds().getOrDefault(cause.id(), 0.0),
                            look.otherwise(),
                            result.seen(),
                            result.sure() ? 1 : LEANS));
        }
        diagnosis.ask(knowledge, evidence);
        diagnosis.bySpeeds(evidence.speeds());
        diagnosis.bySuspicion(evidence);
        diagnosis.normalise();
        return diagnosis;
    }

    /**
     * What is asked for is what explains the evidence. That the seals may be perished besides is true of any camera, and no
     * reason to look at them while it will not fire.
     */
    private void ask(FaultKnowledge knowledge, CaseEvidence evidence) {
        boolean[] asked = new boolean[causes.size()];
        boolean any = false;
        for (int i = 0; i < asked.length; i++) {
            FaultKnowledge.Cause cause = causes.get(i);
            asked[i] = Stream.concat(
                                    evidence.symptoms().stream(),
                                    evidence.oneOf().stream().flatMap(one -> one.symptoms().stream()))
                            .anyMatch(symptom -> cause.symptoms().getOrDefault(symptom, 0.0) >= EXPLAINS)
                    || evidence.looks().stream()
                            .filter(CaseEvidence.Result::seen)
                            .flatMap(one -> knowledge.look(one.look()).stream())
                            .anyMatch(look -> look.finds().getOrDefault(cause.id(), 0.0) >= EXPLAINS)
                    || evidence.speeds().getOrDefault(cause.signature(), 0.0) >= EXPLAINS;
            any |= asked[i];
        }
        Map<List<Integer>, Integer> groups = new HashMap<>();
        for (int h = 0; h < pairs.length; h++) {
            List<Integer> explaining = new ArrayList<>();
            for (int cause : pairs[h]) {
                if (!any || asked[cause]) {
                    explaining.add(cause);
                }
            }
            group[h] = groups.computeIfAbsent(explaining, one -> groups.size());
        }
        groupCount = groups.size();
    }

    private void begin(FaultKnowledge knowledge, CaseEvidence evidence) {
        double all = knowledge.none();
        for (FaultKnowledge.Cause cause : causes) {
            all += cause.prior();
        }
        double[] single = new double[causes.size()];
        for (int i = 0; i < single.length; i++) {
            double family = causes.get(i).prior() / all;
            single[i] =
                    (KNOWLEDGE_WEIGHS * family + here(causes.get(i), evidence)) / (KNOWLEDGE_WEIGHS + evidence.jobs());
        }
        for (int h = 0; h < pairs.length; h++) {
            weights[h] = switch (pairs[h].length) {
                case 0 -> knowledge.none() / all;
                case 1 -> single[pairs[h][0]];
                default -> TOGETHER * single[pairs[h][0]] * single[pairs[h][1]];
            };
        }
    }

    private static int here(FaultKnowledge.Cause cause, CaseEvidence evidence) {
        return evidence.counts().getOrDefault(cause.id(), 0);
    }

    private void observe(ToDoubleFunction<FaultKnowledge.Cause> chance, double otherwise, boolean seen, double counts) {
        double[] not = not(chance);
        for (int h = 0; h < pairs.length; h++) {
            double missed = (1 - otherwise) * notSeen(not, pairs[h]);
            double likelihood = seen ? 1 - missed : missed;
            weights[h] *= counts == 1 ? likelihood : Math.pow(likelihood, counts);
        }
    }

    /** A function fails where at least one of what it can show is there. */
    private void observe(FaultKnowledge knowledge, CaseEvidence.OneOf failed) {
        double none = 1;
        for (FaultKnowledge.Symptom symptom : knowledge.symptoms()) {
            none *= failed.symptoms().contains(symptom.id()) ? 1 - symptom.otherwise() : 1;
        }
        observe(
                cause -> 1
                        - failed.symptoms().stream()
                                .mapToDouble(symptom -> 1 - cause.symptoms().getOrDefault(symptom, 0.0))
                                .reduce(1, (one, other) -> one * other),
                1 - none,
                true,
                failed.counts());
    }

    private double[] not(ToDoubleFunction<FaultKnowledge.Cause> chance) {
        double[] not = new double[causes.size()];
        for (int i = 0; i < not.length; i++) {
            not[i] = 1 - chance.applyAsDouble(causes.get(i));
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

    /** Causes that have no name in the speeds' pattern leave the shutter as if healthy. */
    private void bySpeeds(Map<String, Double> speeds) {
        if (speeds.isEmpty()) {
            return;
        }
        double healthy = Math.max(LEAST_BY_SPEEDS, speeds.getOrDefault("healthy", 0.0));
        double[] factor = new double[causes.size()];
        for (int i = 0; i < factor.length; i++) {
            String name = causes.get(i).signature();
            factor[i] = name.isEmpty() ? healthy : Math.max(LEAST_BY_SPEEDS, speeds.getOrDefault(name, 0.0));
        }
        for (int h = 0; h < pairs.length; h++) {
            double most = pairs[h].length == 0 ? healthy : 0;
            for (int cause : pairs[h]) {
                most = Math.max(most, factor[cause]);
            }
            weights[h] *= Math.pow(most, SPEEDS_WEIGH);
        }
    }

    private void bySuspicion(CaseEvidence evidence) {
        int known = (int) causes.stream()
                .filter(cause -> evidence.confirmed().contains(cause.id()))
                .count();
        for (int h = 0; h < pairs.length; h++) {
            int confirmed = 0;
            for (int cause : pairs[h]) {
                String id = causes.get(cause).id();
                weights[h] *= evidence.cleared().contains(id) ? CLEARED : 1;
                confirmed += evidence.confirmed().contains(id) ? 1 : 0;
            }
            weights[h] *= Math.pow(UNCONFIRMED, known - confirmed);
        }
    }

    private void normalise() {
        double sum = 0;
        for (double weight : weights) {
            sum += weight;
        }
        for (int h = 0; h < weights.length; h++) {
            weights[h] /= sum;
        }
    }

    /** The causes, the likeliest first. */
    public List<Suspected> suspects(CaseEvidence evidence) {
        double[] probability = probabilities(weights);
        List<Suspected> suspects = new ArrayList<>();
        for (int i = 0; i < causes.size(); i++) {
            suspects.add(new Suspected(causes.get(i), probability[i], here(causes.get(i), evidence)));
        }
        // what is confirmed is known, whatever else is likely
        suspects.sort(Comparator.<Suspected, Boolean>comparing(
                        one -> !evidence.confirmed().contains(one.cause().id()))
                .thenComparing(
                        Comparator.comparingDouble(Suspected::probability).reversed()));
        return suspects;
    }

    /** The chance that it is none of those on the list. */
    public double noneOfThese() {
        return weights[0];
    }

    private double[] probabilities(double[] of) {
        double[] probability = new double[causes.size()];
        for (int h = 0; h < pairs.length; h++) {
            for (int cause : pairs[h]) {
                probability[cause] += of[h];
            }
        }
        return probability;
    }

    /**
     * How much of the suspicion lies on each mechanism, by its id, 0 to 1: what was narrowed down even before a cause has a
     * name. None of the list is left away.
     */
    public Map<String, Double> areas() {
        Map<String, Double> areas = new HashMap<>();
        for (int h = 0; h < pairs.length; h++) {
            for (int cause : pairs[h]) {
                areas.merge(causes.get(cause).area(), weights[h] / pairs[h].length, Double::sum);
            }
        }
        return areas;
    }

    /** A camera as it may be by all that is known: its causes, drawn by their odds; none where it is none of the list. */
    public List<FaultKnowledge.Cause> drawn(Random random) {
        double at = random.nextDouble();
        int h = 0;
        while (h < weights.length - 1 && at >= weights[h]) {
            at -= weights[h++];
        }
        List<FaultKnowledge.Cause> drawn = new ArrayList<>();
        for (int cause : pairs[h]) {
            drawn.add(causes.get(cause));
        }
        return drawn;
    }

    /** What is left to be found out, bits. */
    public double openBits() {
        return bits(weights);
    }

    private double bits(double[] of) {
        double[] together = new double[groupCount];
        for (int h = 0; h < of.length; h++) {
            together[group[h]] += of[h];
        }
        double bits = 0;
        for (double weight : together) {
            bits -= weight > 0 ? weight * Math.log(weight) / Math.log(2) : 0;
        }
        return bits;
    }

    /**
     * What a look would tell.
     *
     * @param bits expected of it
     * @param chanceSeen that it is seen
     * @param ifSeen the likeliest cause then, with its probability
     * @param ifNot the likeliest cause where it is not seen
     */
    public record Told(double bits, double chanceSeen, Suspected ifSeen, Suspected ifNot) {}

    Told told(FaultKnowledge.Look look, CaseEvidence evidence) {
        double[] not = not(cause -> look.finds().getOrDefault(cause.id(), 0.0));
        double[] seen = new double[pairs.length];
        double[] unseen = new double[pairs.length];
        double chance = 0;
        for (int h = 0; h < pairs.length; h++) {
            double missed = (1 - look.otherwise()) * notSeen(not, pairs[h]);
            unseen[h] = weights[h] * missed;
            seen[h] = weights[h] - unseen[h];
            chance += seen[h];
        }
        scale(seen, chance);
        scale(unseen, 1 - chance);
        double bits = openBits() - chance * bits(seen) - (1 - chance) * bits(unseen);
        return new Told(Math.max(0, bits), chance, likeliest(seen, evidence), likeliest(unseen, evidence));
    }

    private static void scale(double[] weights, double sum) {
        for (int h = 0; h < weights.length; h++) {
            weights[h] = sum > 0 ? weights[h] / sum : 0;
        }
    }

    private Suspected likeliest(double[] of, CaseEvidence evidence) {
        double[] probability = probabilities(of);
        int best = 0;
        for (int i = 1; i < probability.length; i++) {
            best = probability[i] > probability[best] ? i : best;
        }
        return new Suspected(causes.get(best), probability[best], here(causes.get(best), evidence));
    }
}
