package ruvant.core.practice.faults;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import ruvant.core.find.CaseEvidence;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.trade.Family;

/**
 * A camera with one or two faults that nobody knows of. How likely they show at a symptom or a look is drawn around what is
 * known, so that the knowledge does not grade itself. The same seed makes the same camera.
 */
public final class HiddenFault implements Searched {
    private static final double SECOND = 0.2;
    private static final double STRAYS = 0.7;
    private static final double SAID = 0.85;

    private final Family family;
    private final List<FaultKnowledge.Cause> truth = new ArrayList<>();
    private final Set<String> symptoms = new HashSet<>();
    private final Map<String, Boolean> seen = new HashMap<>();

    public HiddenFault(FaultKnowledge knowledge, long seed) {
        Random random = new Random(new SplittableRandom(seed).nextLong());
        family = Family.values()[random.nextInt(Family.values().length)];
        List<FaultKnowledge.Cause> causes = knowledge.causesOf(family);
        truth.add(drawn(causes, random));
        if (random.nextDouble() < SECOND) {
            FaultKnowledge.Cause second = drawn(causes, random);
            if (!truth.contains(second)) {
                truth.add(second);
            }
        }
        Map<String, Double> shown = new TreeMap<>();
        for (FaultKnowledge.Cause cause : truth) {
            new TreeMap<>(cause.symptoms())
                    .forEach((symptom, chance) ->
                            shown.merge(symptom, strayed(chance, random), (one, other) -> 1 - (1 - one) * (1 - other)));
        }
        // some of what is said has nothing to do with it
        for (FaultKnowledge.Symptom symptom : knowledge.symptomsOf(family)) {
            shown.merge(
                    symptom.id(), strayed(symptom.otherwise(), random), (one, other) -> 1 - (1 - one) * (1 - other));
        }
        shown.forEach((symptom, chance) -> {
            if (random.nextDouble() < chance * SAID) {
                symptoms.add(symptom);
            }
        });
        if (symptoms.isEmpty()) {
            symptoms.add(shown.entrySet().stream()
                    .max(Map.Entry.comparingByValue())
                    .orElseThrow()
                    .getKey());
        }
        for (FaultKnowledge.Look look : knowledge.looksOf(family)) {
            double missed = 1 - strayed(look.otherwise(), random);
            for (FaultKnowledge.Cause cause : truth) {
                Double chance = look.finds().get(cause.id());
                missed *= chance == null ? 1 : 1 - strayed(chance, random);
            }
            seen.put(look.id(), random.nextDouble() > missed);
        }
    }

    private static FaultKnowledge.Cause drawn(List<FaultKnowledge.Cause> causes, Random random) {
        double all = causes.stream().mapToDouble(FaultKnowledge.Cause::prior).sum();
        double at = random.nextDouble() * all;
        for (FaultKnowledge.Cause cause : causes) {
            at -= cause.prior();
            if (at <= 0) {
                return cause;
            }
        }
        return causes.getLast();
    }

    private static double strayed(double chance, Random random) {
        double odds = Math.log(chance / (1 - chance)) + STRAYS * random.nextGaussian();
        return 1 / (1 + Math.exp(-odds));
    }

    @Override
    public Family family() {
        return family;
    }

    @Override
    public boolean has(FaultKnowledge.Cause cause) {
        return truth.contains(cause);
    }

    @Override
    public CaseEvidence asItComesIn() {
        return new CaseEvidence(Set.copyOf(symptoms), Set.of(), List.of(), Set.of(), Set.of(), Map.of(), Map.of(), 0);
    }

    @Override
    public boolean look(FaultKnowledge.Look look) {
        return seen.get(look.id());
    }
}
