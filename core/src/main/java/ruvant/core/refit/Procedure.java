package ruvant.core.refit;

import java.util.List;
import java.util.stream.Stream;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/**
 * Steps that must follow one another, such as timing gears or collimating two lenses.
 *
 * @param before the part that may go on only when all of it is done; null where none waits for it
 * @param steps in their order, at least two
 */
public record Procedure(Named name, @MayBeNull PartName before, List<ProcedureStep> steps) {
    /**
     * One step.
     *
     * @param what to do, such as "release before the next"
     * @param part the part that goes on at this step; null where none does
     * @param state how the mechanism must stand for it; null where it does not matter
     * @param check what must hold before the next step; empty for nothing
     */
    public record ProcedureStep(
            String what,
            @MayBeNull PartName part,
            @MayBeNull MechanismState state,
            String check) {
        public ProcedureStep {
            what = Check.name("step", what);
            check = Check.optionalName("check", check);
        }
    }

    public Procedure {
        name = Named.in("procedure", name);
        steps = Check.some("steps", steps, 40);
        if (steps.size() < 2) {
            throw new FieldProblem("steps", "A procedure has at least two steps.", "Add the next step.");
        }
    }

    /** The parts it is about. */
    Stream<PartName> parts() {
        return Stream.concat(
                Stream.ofNullable(before),
                steps.stream().map(ProcedureStep::part).filter(part -> part != null));
    }
}
