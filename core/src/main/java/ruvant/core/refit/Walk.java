package ruvant.core.refit;

import java.util.List;
import java.util.Optional;

/**
 * How far a procedure is.
 *
 * @param own whether it was kept on this job, and not learned from earlier ones
 * @param steps each as it stands
 */
public record Walk(Procedure procedure, boolean own, List<StepStands> steps) {
    /**
     * One step.
     *
     * @param number from 1
     * @param words what was seen when it failed, or why it was waived; else empty
     */
    public record StepStands(int number, Procedure.ProcedureStep step, State state, String words) {}

    /** Where a step stands. */
    public enum State {
        DONE,
        WAIVED,
        FAILED,
        NEXT,
        LATER
    }

    /** The step to take now, or the one that failed; empty when all are done. */
    public Optional<StepStands> next() {
        return steps.stream()
                .filter(one -> one.state() == State.NEXT || one.state() == State.FAILED)
                .findFirst();
    }

    /** Whether nothing is left of it. */
    public boolean isDone() {
        return next().isEmpty();
    }
}
