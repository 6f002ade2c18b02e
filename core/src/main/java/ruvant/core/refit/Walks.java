package ruvant.core.refit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** How far each procedure of a job is: those that were kept on it, and those that earlier jobs of the model taught. */
final class Walks {
    private Walks() {}

    static List<Walk> of(RefitPicture refitting, List<Procedure> learned, Valley valley) {
        Map<Named, Procedure> all = new LinkedHashMap<>();
        learned.stream()
                .filter(one -> one.parts().anyMatch(part -> valley.part(part).isPresent()))
                .forEach(one -> all.put(one.name(), one));
        refitting.kept().forEach(one -> all.put(one.name(), one));
        return all.values().stream().map(one -> walk(one, refitting, valley)).toList();
    }

    private static Walk walk(Procedure procedure, RefitPicture refitting, Valley valley) {
        List<Walk.StepStands> steps = new ArrayList<>();
        boolean open = false;
        for (int number = 1; number <= procedure.steps().size(); number++) {
            Procedure.ProcedureStep step = procedure.steps().get(number - 1);
            Optional<RefitPicture.StepAnswer> answer = refitting.answer(procedure, number);
            Walk.State state = open ? Walk.State.LATER : stateOf(step, answer, valley);
            open = open || state == Walk.State.NEXT || state == Walk.State.FAILED;
            steps.add(new Walk.StepStands(
                    number,
                    step,
                    state,
                    answer.map(RefitPicture.StepAnswer::words).orElse("")));
        }
        return new Walk(procedure, refitting.kept().contains(procedure), List.copyOf(steps));
    }

    private static Walk.State stateOf(
            Procedure.ProcedureStep step, Optional<RefitPicture.StepAnswer> answer, Valley valley) {
        boolean partMissing = step.part() != null
                && valley.part(step.part()).filter(ValleyPart::out).isPresent();
        boolean nothingToCheck = step.check().isEmpty() && step.part() != null;
        if (partMissing) {
            return Walk.State.NEXT;
        }
        return answer.map(one -> switch (one.outcome()) {
                    case DONE -> Walk.State.DONE;
                    case FAILED -> Walk.State.FAILED;
                    case WAIVED -> Walk.State.WAIVED;
                })
                .orElse(nothingToCheck ? Walk.State.DONE : Walk.State.NEXT);
    }

    /** The procedure in which a part goes on later, or which it waits for; with the step that comes first. */
    static Optional<NotYet.StepsFirst> before(PartName part, List<Walk> walks) {
        for (Walk walk : walks) {
            Optional<Walk.StepStands> next = walk.next();
            if (next.isEmpty()) {
                continue;
            }
            boolean waitsForAll = part.equals(walk.procedure().before());
            boolean itsTurn = part.equals(next.get().step().part());
            boolean later = walk.steps().stream()
                    .anyMatch(one -> part.equals(one.step().part())
                            && one.number() > next.get().number());
            if (!itsTurn && (later || waitsForAll)) {
                return Optional.of(new NotYet.StepsFirst(
                        walk.procedure().name(),
                        next.get().number(),
                        next.get().step().what()));
            }
        }
        return Optional.empty();
    }
}
