package ruvant.core.find;

import java.util.List;
import java.util.stream.Stream;
import ruvant.core.log.ShopChanges;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What a shop changed in what is known of faults: entries in place of others by their id, or more of them.
 *
 * @param symptoms at most 200
 * @param causes at most 400
 * @param looks at most 400
 */
public record FaultChanges(
        List<FaultKnowledge.Symptom> symptoms, List<FaultKnowledge.Cause> causes, List<FaultKnowledge.Look> looks)
        implements ShopChanges<FaultChanges> {
    /** Nothing changed. */
    public static final FaultChanges NONE = new FaultChanges(List.of(), List.of(), List.of());

    public FaultChanges {
        symptoms = Check.some("symptoms", symptoms, 200);
        causes = Check.some("causes", causes, 400);
        looks = Check.some("looks", looks, 400);
        symptoms.forEach(one -> Check.name("symptom", one.words()));
        causes.forEach(one -> {
            Check.name("cause", one.words());
            Check.within("prior", one.prior(), 0.01, 1000, "of its kind");
        });
        looks.forEach(one -> {
            Check.name("look", one.words());
            Check.name("seen", one.seen());
            Check.within("minutes", one.minutes(), 0.1, 600, "min");
        });
    }

    /** The same, each entry with what it was called in what was known before. */
    FaultChanges remembering(FaultKnowledge before) {
        return new FaultChanges(
                symptoms.stream()
                        .map(one -> ById.find(before.symptoms(), one.id())
                                .map(one::once)
                                .orElse(one))
                        .toList(),
                causes.stream()
                        .map(one -> ById.find(before.causes(), one.id())
                                .map(one::once)
                                .orElse(one))
                        .toList(),
                looks);
    }

    @Override
    public FaultChanges plus(FaultChanges more) {
        return new FaultChanges(
                ById.merged(symptoms, more.symptoms), ById.merged(causes, more.causes), ById.merged(looks, more.looks));
    }

    @Override
    public List<String> labels() {
        return Stream.of(
                        symptoms.stream().map(FaultKnowledge.Symptom::words),
                        causes.stream().map(FaultKnowledge.Cause::words),
                        looks.stream().map(FaultKnowledge.Look::words))
                .flatMap(one -> one)
                .toList();
    }

    @Override
    public List<String> ids() {
        return ById.ids(symptoms, causes, looks);
    }

    /** The same without what was changed of one entry. */
    public FaultChanges without(String id) {
        return new FaultChanges(ById.without(symptoms, id), ById.without(causes, id), ById.without(looks, id));
    }

    /**
     * The knowledge with these changes.
     *
     * @throws FieldProblem where it would have gaps then, in words
     */
    public FaultKnowledge in(FaultKnowledge shipped) {
        FaultKnowledge changed = new FaultKnowledge(
                shipped.version(),
                shipped.none(),
                shipped.works(),
                shipped.areas(),
                ById.merged(shipped.symptoms(), symptoms),
                ById.merged(shipped.causes(), causes),
                ById.merged(shipped.looks(), looks),
                shipped.sayings());
        List<String> problems = changed.problems();
        if (!problems.isEmpty()) {
            throw new FieldProblem(
                    "faults",
                    String.join(" ", problems.subList(0, Math.min(3, problems.size()))),
                    "A cause needs a symptom, a reason, and a look that tells it from the others at least half the time.");
        }
        return changed;
    }
}
