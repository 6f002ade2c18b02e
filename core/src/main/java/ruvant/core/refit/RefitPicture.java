package ruvant.core.refit;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/**
 * Where putting back stands, beyond the parts themselves.
 *
 * @param kept procedures that were written down on this job
 * @param answers what was said of steps, each once
 */
public record RefitPicture(Optional<Trial> trial, List<Procedure> kept, List<StepAnswer> answers) {
    /** A trial assembly that is on. */
    public record Trial(UUID id, Instant at, RefitEntry.TrialAssembled what) {}

    /**
     * What was said of a step.
     *
     * @param number of the step, from 1
     * @param words what was seen, or why it was waived; may be empty
     * @param offSince parts that came off after it was said
     */
    public record StepAnswer(
            Named procedure, int number, RefitEntry.Outcome outcome, String words, Set<PartName> offSince) {
        StepAnswer andOff(PartName part) {
            Set<PartName> more =
                    Stream.concat(offSince.stream(), Stream.of(part)).collect(Collectors.toSet());
            return new StepAnswer(procedure, number, outcome, words, more);
        }
    }

    /** What was said of a step and still holds: no part of it or of a step before came off since. */
    Optional<StepAnswer> answer(Procedure procedure, int number) {
        return answers.stream()
                .filter(one -> one.number() == number && one.procedure().equals(procedure.name()))
                .filter(one -> procedure.steps().subList(0, number).stream()
                        .noneMatch(step -> step.part() != null && one.offSince().contains(step.part())))
                .findFirst();
    }
}
