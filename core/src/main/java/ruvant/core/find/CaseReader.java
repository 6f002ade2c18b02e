package ruvant.core.find;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.intake.IntakePicture;

/** Reads the evidence of a case out of what was said and looked at on a job. */
public final class CaseReader {
    private CaseReader() {}

    /**
     * The evidence.
     *
     * @param intake what the counter saw: functions that work deny, signs of a visitor and of the cell speak
     * @param counts how often each cause was confirmed in jobs of the model, by its words
     * @param jobs how many such jobs there were
     */
    public static CaseEvidence of(
            FindPicture find, IntakePicture intake, FaultKnowledge knowledge, Map<String, Integer> counts, int jobs) {
        Set<String> symptoms = new HashSet<>(CounterSays.symptoms(intake, knowledge));
        find.symptoms().forEach(said -> symptoms.addAll(symptomsIn(said.what(), knowledge)));
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
        Map<String, Double> speeds = new HashMap<>();
        if (!find.patterns().isEmpty()) {
            find.patterns().getLast().read().likely().forEach(one -> speeds.put(one.cause(), one.probability()));
        }
        Map<String, Integer> small = new HashMap<>();
        counts.forEach((words, count) -> small.merge(SameWords.key(words), count, Integer::sum));
        return new CaseEvidence(
                symptoms,
                CounterSays.denied(intake, knowledge, symptoms),
                List.copyOf(looks.values()),
                named(find, FindPicture.State.CLEARED),
                named(find, FindPicture.State.CAUSE),
                speeds,
                small,
                jobs);
    }

    private static Set<String> named(FindPicture find, FindPicture.State state) {
        return find.suspects().stream()
                .filter(one -> one.state() == state)
                .map(one -> SameWords.key(one.name()))
                .collect(Collectors.toSet());
    }

    /** Known symptoms that a sentence names: those all of whose telling words are in it. */
    public static Set<String> symptomsIn(String said, FaultKnowledge knowledge) {
        Set<String> words = SameWords.telling(said);
        return knowledge.symptoms().stream()
                .filter(symptom -> words.containsAll(SameWords.telling(symptom.words())))
                .map(FaultKnowledge.Symptom::id)
                .collect(Collectors.toSet());
    }
}
