package ruvant.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruvant.core.units.Named;

/**
 * What findings say of the fault without anybody having called them a look: a finding in the words of a symptom is that
 * symptom, and one in the words of a cause is what the sharpest look at that cause would have shown.
 */
final class FindingsSay {
    /** A look that would find the cause less often than this is not the look that found it. */
    private static final double SHARP = 0.7;

    private FindingsSay() {}

    /** Ids of known symptoms that findings name; none of what was found sound. */
    static Set<String> symptoms(FindPicture find, FaultKnowledge knowledge) {
        SymptomReader reader = new SymptomReader(knowledge);
        find.found().stream()
                .filter(one -> find.seen(one.id()).filter(Seen::sound).isEmpty())
                .forEach(one -> reader.symptom(one.what(), null));
        return reader.read().seen();
    }

    /**
     * Results of looks that findings amount to. They only lean: nobody followed the look's own steps.
     *
     * @param taken ids of looks that were taken, which say more
     */
    static List<CaseEvidence.Result> looks(FindPicture find, FaultKnowledge knowledge, Set<String> taken) {
        List<CaseEvidence.Result> results = new ArrayList<>();
        for (FindPicture.Said found : find.found()) {
            Optional<Seen> seen = find.seen(found.id());
            String words =
                    seen.map(FindingsSay::bare).orElseGet(() -> found.what().words());
            knowledge
                    .causeOf(new Named("", words))
                    .flatMap(cause -> sharpest(cause, knowledge))
                    .filter(look -> !taken.contains(look.id())
                            && results.stream().noneMatch(one -> one.look().equals(look.id())))
                    .ifPresent(look -> results.add(new CaseEvidence.Result(
                            look.id(), seen.map(one -> !one.sound()).orElse(true), false)));
        }
        return results;
    }

    /** The part and what it is like, without how much and how many. */
    private static String bare(Seen seen) {
        return (seen.part() == null ? "" : seen.part().text() + " ") + seen.condition();
    }

    private static Optional<FaultKnowledge.Look> sharpest(FaultKnowledge.Cause cause, FaultKnowledge knowledge) {
        return knowledge.looks().stream()
                .filter(look -> look.finds().getOrDefault(cause.id(), 0.0) >= SHARP)
                .max(Comparator.comparingDouble(
                        look -> look.finds().get(cause.id()) / Math.max(look.otherwise(), 1e-3)));
    }
}
