package ruvant.core.find;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What is known of one camera's fault.
 *
 * @param symptoms ids of what is seen
 * @param absent ids of what was tried and is not so
 * @param oneOf ids of what is seen one of, where nobody said which
 * @param looks results, the last of each look counts
 * @param cleared ids of causes that a look cleared
 * @param confirmed ids of causes that are confirmed
 * @param speeds what the speeds say: chance by the fixed names of causes; empty for nothing
 * @param counts how often each cause was confirmed in the shop's jobs of this model, by its id
 * @param jobs how many such jobs there were
 */
public record CaseEvidence(
        Set<String> symptoms,
        Set<String> absent,
        List<OneOf> oneOf,
        List<Result> looks,
        Set<String> cleared,
        Set<String> confirmed,
        Map<String, Double> speeds,
        Map<String, Integer> counts,
        int jobs) {
    /**
     * A function that failed: it shows at least one of these symptoms.
     *
     * @param counts for so much of a symptom that is said, above 0 to 1
     */
    public record OneOf(Set<String> symptoms, double counts) {
        public OneOf {
            symptoms = Set.copyOf(symptoms);
        }
    }

    /** The same where no function failed. */
    public CaseEvidence(
            Set<String> symptoms,
            Set<String> absent,
            List<Result> looks,
            Set<String> cleared,
            Set<String> confirmed,
            Map<String, Double> speeds,
            Map<String, Integer> counts,
            int jobs) {
        this(symptoms, absent, List.of(), looks, cleared, confirmed, speeds, counts, jobs);
    }

    /** Nothing known yet. */
    public static final CaseEvidence NONE =
            new CaseEvidence(Set.of(), Set.of(), List.of(), Set.of(), Set.of(), Map.of(), Map.of(), 0);

    /** The same with one more look. */
    public CaseEvidence with(Result result) {
        List<Result> all = new ArrayList<>(looks);
        all.add(result);
        return new CaseEvidence(symptoms, absent, oneOf, all, cleared, confirmed, speeds, counts, jobs);
    }

    /** The same with a cause that turned out not to be it. */
    public CaseEvidence cleared(FaultKnowledge.Cause cause) {
        Set<String> all = new HashSet<>(cleared);
        all.add(cause.id());
        return new CaseEvidence(symptoms, absent, oneOf, looks, all, confirmed, speeds, counts, jobs);
    }

    /** The same as if no look had been taken and nothing cleared or confirmed. */
    public CaseEvidence withoutLooks() {
        return new CaseEvidence(symptoms, absent, oneOf, List.of(), Set.of(), Set.of(), speeds, counts, jobs);
    }

    /** The same as if a look had not been taken. */
    public CaseEvidence without(String look) {
        return new CaseEvidence(
                symptoms,
                absent,
                oneOf,
                looks.stream().filter(one -> !one.look().equals(look)).toList(),
                cleared,
                confirmed,
                speeds,
                counts,
                jobs);
    }

    /**
     * A look and what came of it.
     *
     * @param seen whether it was as the look says
     * @param sure false where it only leans that way
     */
    public record Result(String look, boolean seen, boolean sure) {}
}
