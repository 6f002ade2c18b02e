package ruvant.core.find;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.intake.IntakePicture;
import ruvant.core.trade.Family;
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
        SymptomReader.Read told = read(find, knowledge);
        Set<String> symptoms = new HashSet<>(CounterSays.symptoms(intake, knowledge));
        symptoms.addAll(told.seen());
        symptoms.addAll(FindingsSay.symptoms(find, knowledge));
        Set<String> absent = new HashSet<>(CounterSays.denied(intake, knowledge, symptoms));
        absent.addAll(told.denied());
        absent.removeAll(symptoms);
        List<CaseEvidence.OneOf> oneOf = new ArrayList<>(CounterSays.failing(intake, knowledge));
        told.oneOf().forEach(one -> oneOf.add(new CaseEvidence.OneOf(one, 1)));
        // what is said by name says more than that one of several is there
        oneOf.removeIf(one -> !Collections.disjoint(one.symptoms(), symptoms));
        Optional<Family> family = intake.received().map(in -> in.camera().family());
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
                knowledge.causeMeant(said, family).ifPresent(cause -> byId.merge(cause.id(), count, Integer::sum)));
        return new CaseEvidence(
                symptoms,
                absent,
                oneOf,
                List.copyOf(looks.values()),
                causes(find, FindPicture.State.CLEARED, knowledge, family),
                causes(find, FindPicture.State.CAUSE, knowledge, family),
                speeds,
                byId,
                jobs);
    }

    private static Set<String> causes(
            FindPicture find, FindPicture.State state, FaultKnowledge knowledge, Optional<Family> family) {
        return find.suspects().stream()
                .filter(one -> one.state() == state)
                .flatMap(one -> knowledge.causeMeant(one.what(), family).stream())
                .map(FaultKnowledge.Cause::id)
                .collect(Collectors.toSet());
    }

    /** What there is to know of a camera as it came in: of its body, without what it does not have. */
    public static FaultKnowledge known(FaultKnowledge all, IntakePicture intake) {
        return intake.received()
                .map(in -> all.on(in.camera().bodyType()))
                .orElse(all)
                .without(CounterSays.missing(intake));
    }

    /** What was said to be wrong and nothing was taken from, clause by clause. */
    public static List<String> unread(FindPicture find, FaultKnowledge knowledge) {
        return read(find, knowledge).unread();
    }

    private static SymptomReader.Read read(FindPicture find, FaultKnowledge knowledge) {
        SymptomReader reader = new SymptomReader(knowledge);
        find.symptoms().forEach(one -> reader.symptom(one.what(), find.shown().get(one.id())));
        return reader.read();
    }
}
