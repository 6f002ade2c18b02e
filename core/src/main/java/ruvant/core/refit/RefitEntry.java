package ruvant.core.refit;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.strip.CheckIds;
import ruvant.core.strip.CheckWhen;
import ruvant.core.strip.FastenersBack;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What went back, and the checks before it did. */
public sealed interface RefitEntry extends JobEntry {
    @Override
    default Stop stop() {
        return Stop.REFIT;
    }

    /**
     * A part, or what took its place, is back on.
     *
     * @param fasteners one for each type at the part
     * @param overrideReason why it went back although something stood against it; else empty
     */
    record Refitted(PartName part, List<FastenersBack> fasteners, String overrideReason, String remark)
            implements RefitEntry {
        public Refitted {
            Check.chosen("part", part);
            fasteners = Check.some("fasteners", fasteners, 30);
            overrideReason = Check.optionalRemark("overrideReason", overrideReason);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * The part is in its place and tried, but deliberately not fixed yet: its clip or screws are still out. It counts
     * as out until it is put back.
     */
    record TriedUnfixed(PartName part, String remark) implements RefitEntry {
        public TriedUnfixed {
            Check.chosen("part", part);
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /**
     * Parts were laid on for a trial, with two screws or with tape. No gate, no refit: it is undone again.
     *
     * @param parts what was laid on; at least one
     * @param how with what it is held
     */
    record TrialAssembled(List<PartName> parts, String how) implements RefitEntry {
        public TrialAssembled {
            parts = Check.some("parts", parts, 60);
            if (parts.isEmpty()) {
                throw new ruvant.core.units.FieldProblem(
                        "parts", "The trial assembly has no parts.", "Name the parts in it.");
            }
            how = Check.optionalRemark("how", how);
        }
    }

    /** The trial assembly is taken apart again. */
    record TrialUndone(String seen) implements RefitEntry {
        public TrialUndone {
            seen = Check.optionalRemark("seen", seen);
        }
    }

    /** The part stays out for good, which accounts for it. */
    record LeftOut(PartName part, String reason) implements RefitEntry {
        public LeftOut {
            Check.chosen("part", part);
            reason = Check.remark("reason", reason);
        }
    }

    /**
     * A check of the technician's own.
     *
     * @param when it is made
     */
    record GateAdded(PartName part, Named check, CheckWhen when) implements RefitEntry {
        /** One that is only named so far, to be made before the part goes on. */
        public GateAdded(PartName part, String check) {
            this(part, Named.of(check), CheckWhen.BEFORE);
        }

        public GateAdded {
            Check.chosen("part", part);
            check = CheckIds.known(Named.in("check", check));
            when = Check.or(when, CheckWhen.BEFORE);
        }
    }

    /**
     * A check was made and does not hold: the part does not go on so, or comes off again.
     *
     * @param seen what was seen instead
     */
    record CheckFailed(PartName part, Named check, String seen) implements RefitEntry {
        public CheckFailed {
            Check.chosen("part", part);
            check = CheckIds.known(Check.chosen("check", check));
            seen = Check.remark("seen", seen);
        }
    }

    /**
     * A check was made, or waived.
     *
     * @param check what was checked
     * @param passed whether it holds; else it was waived
     * @param reason why it was waived; empty when passed
     */
    record GateAnswered(PartName part, Named check, boolean passed, String reason) implements RefitEntry {
        /** One that is told by its words. */
        public GateAnswered(PartName part, String check, boolean passed, String reason) {
            this(part, Named.of(check), passed, reason);
        }

        public GateAnswered {
            Check.chosen("part", part);
            check = CheckIds.known(Check.chosen("check", check));
            reason = passed ? Check.optionalRemark("reason", reason) : Check.remark("reason", reason);
        }
    }

    /** Steps that must follow one another were written down; the next camera of the model knows them. */
    record ProcedureKept(Procedure procedure) implements RefitEntry {
        public ProcedureKept {
            Check.chosen("procedure", procedure);
        }
    }

    /** What came of a step. */
    enum Outcome {
        DONE,
        FAILED,
        WAIVED
    }

    /**
     * A step of a procedure was taken.
     *
     * @param number of the step, from 1
     * @param words what was seen where it failed, why it was waived; may be empty where it is done
     */
    record StepTaken(Named procedure, int number, Outcome outcome, String words) implements RefitEntry {
        public StepTaken {
            Check.chosen("procedure", procedure);
            Check.count("step", number, 1, 40);
            outcome = Check.or(outcome, Outcome.DONE);
            words = outcome == Outcome.DONE ? Check.optionalRemark("words", words) : Check.remark("words", words);
        }
    }
}
