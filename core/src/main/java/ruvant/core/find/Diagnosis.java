package ruvant.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import ruvant.core.trade.Family;

/**
 * Who is suspected, and how much. One cause, two at once, or none of those on the list: each is held against all that was
 * seen, and a cause's probability is that of all it is part of. A symptom comes from any of the causes there are, each by
 * its own chance, or from something else.
 */
public final class Diagnosis {
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
    private final Hypotheses hypotheses;

    /** A suspect with its probability, 0 to 1, and the number of jobs in which it was the cause here. */
    public record Suspected(FaultKnowledge.Cause cause, double probability, int jobsHere) {}

    private Diagnosis(List<FaultKnowledge.Cause> causes, Hypotheses hypotheses) {
        this.causes = causes;
        this.hypotheses = hypotheses;
    }

    /** Works it out. */
    public static Diagnosis of(FaultKnowledge knowledge, Family family, CaseEvidence evidence) {
        List<FaultKnowledge.Cause> causes = knowledge.causesOf(family);
        Diagnosis diagnosis = new Diagnosis(causes, begin(causes, knowledge, evidence));
        for (FaultKnowledge.Symptom symptom : knowledge.symptoms()) {
            boolean seen = evidence.symptoms().contains(symptom.id());
            if (seen || evidence.absent().contains(symptom.id())) {
                diagnosis.hypotheses.observe(
                        cause -> cause.symptoms().getOrDefault(symptom.id(), 0.0),
                        symptom.otherwise(),
                        seen,
                        seen ? 1 : DENIED);
            } else if (!symptom.silent()
                    && !evidence.symptoms().isEmpty()
                    && evidence.oneOf().stream().noneMatch(one -> one.symptoms().contains(symptom.id()))) {
                diagnosis.hypotheses.observe(
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
                    .ifPresent(look -> diagnosis.hypotheses.observe(
                            cause -> look.finds().getOrDefault(cause.id(), 0.0),
                            look.otherwise(),
                            result.seen(),
                            result.sure() ? 1 : LEANS));
        }
        diagnosis.ask(knowledge, evidence);
        diagnosis.bySpeeds(evidence.speeds());
        diagnosis.bySuspicion(evidence);
        diagnosis.hypotheses.normalise();
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
        boolean all = !any;
        hypotheses.ask(cause -> all || asked[cause]);
    }

    private static Hypotheses begin(
            List<FaultKnowledge.Cause> causes, FaultKnowledge knowledge, CaseEvidence evidence) {
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
        return new Hypotheses(causes, single, knowledge.none() / all);
    }

    private static int here(FaultKnowledge.Cause cause, CaseEvidence evidence) {
        return evidence.counts().getOrDefault(cause.id(), 0);
    }

    /** A function fails where at least one of what it can show is there. */
    private void observe(FaultKnowledge knowledge, CaseEvidence.OneOf failed) {
        double none = 1;
        for (FaultKnowledge.Symptom symptom : knowledge.symptoms()) {
            none *= failed.symptoms().contains(symptom.id()) ? 1 - symptom.otherwise() : 1;
        }
        hypotheses.observe(
                cause -> 1
                        - failed.symptoms().stream()
                                .mapToDouble(symptom -> 1 - cause.symptoms().getOrDefault(symptom, 0.0))
                                .reduce(1, (one, other) -> one * other),
                1 - none,
                true,
                failed.counts());
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
        hypotheses.weigh(held -> {
            double most = held.length == 0 ? healthy : 0;
            for (int cause : held) {
                most = Math.max(most, factor[cause]);
            }
            return Math.pow(most, SPEEDS_WEIGH);
        });
    }

    private void bySuspicion(CaseEvidence evidence) {
        int known = (int) causes.stream()
                .filter(cause -> evidence.confirmed().contains(cause.id()))
                .count();
        hypotheses.weigh(held -> {
            double factor = 1;
            int confirmed = 0;
            for (int cause : held) {
                String id = causes.get(cause).id();
                factor *= evidence.cleared().contains(id) ? CLEARED : 1;
                confirmed += evidence.confirmed().contains(id) ? 1 : 0;
            }
            return factor * Math.pow(UNCONFIRMED, known - confirmed);
        });
    }

    /** The causes, the likeliest first. */
    public List<Suspected> suspects(CaseEvidence evidence) {
        double[] probability = hypotheses.probabilities();
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
        return hypotheses.none();
    }

    /**
     * How much of the suspicion lies on each mechanism, by its id, 0 to 1: what was narrowed down even before a cause has a
     * name. None of the list is left away.
     */
    public Map<String, Double> areas() {
        return hypotheses.areas();
    }

    /** A camera as it may be by all that is known: its causes, drawn by their odds; none where it is none of the list. */
    public List<FaultKnowledge.Cause> drawn(Random random) {
        return hypotheses.drawn(random);
    }

    /** What is left to be found out, bits. */
    public double openBits() {
        return hypotheses.openBits();
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
        Hypotheses.Left left = hypotheses.after(cause -> look.finds().getOrDefault(cause.id(), 0.0), look.otherwise());
        return new Told(
                left.bits(), left.chance(), likeliest(left.ifSeen(), evidence), likeliest(left.ifNot(), evidence));
    }

    private Suspected likeliest(double[] probability, CaseEvidence evidence) {
        int best = 0;
        for (int i = 1; i < probability.length; i++) {
            best = probability[i] > probability[best] ? i : best;
        }
        return new Suspected(causes.get(best), probability[best], here(causes.get(best), evidence));
    }
}
