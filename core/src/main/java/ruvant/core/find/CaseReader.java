package ruvant.core.find;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.intake.IntakePicture;
import ruvant.core.units.Named;

/** Reads the evidence of a case out of what was said and looked at on a job. */
public final class CaseReader {
    private CaseReader() {}

    /**
     * The evidence.
     *
     * @param intake what the counter saw: functions that work deny, signs of a visitor and of the cell speak
     * @param counts how often each cause was confirmed in jobs of the model
     * @param jobs how many such jobs there were
     */
    public static CaseEvidence of(
            FindPicture find, IntakePicture intake, FaultKnowledge knowledge, Map<Named, Integer> counts, int jobs) {
        Set<String> symptoms = new HashSet<>(CounterSays.symptoms(intake, knowledge));
        find.symptoms().forEach(said -> symptoms.addAll(symptomsIn(said.what(), knowledge)));
        symptoms.addAll(FindingsSay.symptoms(find, knowledge));
        Map<String, CaseEvidence.Result> looks = new LinkedHashMap<>();
        for (FindPicture.TakenLook look : find.looks()) {
            looks.remove(look.looked().look());
            looks.put(
                    look.looked().look(),
                    new CaseEvidence.Result(
                            look.looked().look(),
                            look.looked().seen(),
                            look.looked().sure()));
        }
        FindingsSay.looks(find, knowledge, Set.copyOf(looks.keySet())).forEach(one -> looks.put(one.look(), one));
        Map<String, Double> speeds = new HashMap<>();
        if (!find.patterns().isEmpty()) {
            find.patterns().getLast().read().likely().forEach(one -> speeds.put(one.cause(), one.probability()));
        }
        Map<String, Integer> byId = new HashMap<>();
        counts.forEach((said, count) ->
                knowledge.causeOf(said).ifPresent(cause -> byId.merge(cause.id(), count, Integer::sum)));
        return new CaseEvidence(
                symptoms,
                CounterSays.denied(intake, knowledge, symptoms),
                List.copyOf(looks.values()),
                causes(find, FindPicture.State.CLEARED, knowledge),
                causes(find, FindPicture.State.CAUSE, knowledge),
                speeds,
                byId,
                jobs);
    }

    private static Set<String> causes(FindPicture find, FindPicture.State state, FaultKnowledge knowledge) {
        return find.suspects().stream()
                .filter(one -> one.state() == state)
                .flatMap(one -> knowledge.causeOf(one.what()).stream())
                .map(FaultKnowledge.Cause::id)
                .collect(Collectors.toSet());
    }

    /** The known symptom that is said, and those that a sentence names: all of their telling words are in it. */
    public static Set<String> symptomsIn(Named said, FaultKnowledge knowledge) {
        Set<String> words = SameWords.telling(said.words());
        Set<String> ids = knowledge.symptoms().stream()
                .filter(symptom -> Stream.concat(Stream.of(symptom.words()), symptom.formerly().stream())
                        .anyMatch(one -> words.containsAll(SameWords.telling(one))))
                .map(FaultKnowledge.Symptom::id)
                .collect(Collectors.toSet());
        knowledge.symptomOf(said).ifPresent(symptom -> ids.add(symptom.id()));
        return ids;
    }
}
