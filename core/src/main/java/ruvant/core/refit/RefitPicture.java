package ruvant.core.refit;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.units.Named;

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
     */
    public record StepAnswer(Named procedure, int number, RefitEntry.Outcome outcome, String words) {}

    /** What was said of a step; empty for nothing. */
    Optional<StepAnswer> answer(Named procedure, int number) {
        return answers.stream()
                .filter(one -> one.number() == number && one.procedure().equals(procedure))
                .findFirst();
    }
}
