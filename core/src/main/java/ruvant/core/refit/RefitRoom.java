package ruvant.core.refit;

import static ruvant.core.job.JobEffect.Plain.MODEL_TAUGHT;
import static ruvant.core.job.JobEffect.Plain.WORK_BETWEEN_FIRINGS;
import static ruvant.core.units.Phrase.joined;
import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.strip.AskedCheck;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.StripNotes;
import ruvant.core.strip.StripRoom;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyTracks;
import ruvant.core.strip.WentBack;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/** What went back, and the checks before it did. */
public final class RefitRoom implements JobRoom<RefitEntry> {
    @Override
    public Class<RefitEntry> entries() {
        return RefitEntry.class;
    }

    @Override
    public RoomFold<RefitEntry> begin(Folds earlier) {
        return new Fold(earlier.of(StripRoom.Fold.class).valley());
    }

    @Override
    public Optional<Refusal> rule(RefitEntry entry, Standing now) {
        return switch (entry) {
            case RefitEntry.Refitted back -> now.of(RefitAnswers.class).objection(back);
            case RefitEntry.TriedUnfixed tried -> Optional.empty();
            case RefitEntry.TrialAssembled trial -> Optional.empty();
            case RefitEntry.TrialUndone undone -> Optional.empty();
            case RefitEntry.LeftOut left -> Optional.empty();
            case RefitEntry.GateAdded gate -> Optional.empty();
            case RefitEntry.GateAnswered gate ->
                unknownCheck(gate.part(), gate.check(), now)
                        .or(() -> gate.passed() ? mustBeShown(gate, now) : Optional.empty());
            case RefitEntry.CheckFailed failed -> unknownCheck(failed.part(), failed.check(), now);
            case RefitEntry.ProcedureKept kept -> Optional.empty();
            case RefitEntry.StepTaken taken -> notItsTurn(taken, now);
        };
    }

    /** A step is taken in its turn, its part is on, and the mechanism stands as it must. */
    private static Optional<Refusal> notItsTurn(RefitEntry.StepTaken taken, Standing now) {
        Optional<Walk> walk = now.of(RefitAnswers.class).walks().stream()
                .filter(one -> one.procedure().name().equals(taken.procedure()))
                .findFirst();
        Optional<Walk.StepStands> next = walk.flatMap(Walk::next);
        if (next.isEmpty() || next.get().number() != taken.number()) {
            return Optional.of(new Refusal(
                    "notItsTurn",
                    walk.isEmpty()
                            ? "There is no procedure “" + taken.procedure() + "” here."
                            : next.isEmpty()
                                    ? "All of “" + taken.procedure() + "” is done."
                                    : "Step " + next.get().number() + " of “" + taken.procedure() + "” comes first: "
                                            + next.get().step().what() + ".",
                    "Take the steps in their order."));
        }
        Procedure.ProcedureStep step = next.get().step();
        if (taken.outcome() != RefitEntry.Outcome.DONE) {
            return Optional.empty();
        }
        if (step.part() != null
                && now.of(Valley.class)
                        .part(step.part())
                        .filter(part -> part.out())
                        .isPresent()) {
            return Optional.of(new Refusal(
                    "partNotOn",
                    "“" + step.part() + "” is not on yet.",
                    "Put it back first; then this step can be checked."));
        }
        StripNotes notes = now.of(StripNotes.class);
        return step.state() != null && notes.contradicts(step.state())
                ? Optional.of(new Refusal(
                        "stateWrong",
                        "This step wants it " + step.state().label() + ", and it is "
                                + notes.states().get(step.state().of()).label() + ".",
                        "Bring it there, and say so."))
                : Optional.empty();
    }

    private static Optional<Refusal> unknownCheck(PartName part, Named check, Standing now) {
        return check(part, check, now).isPresent()
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "checkUnknown",
                        "“" + part + "” has no check “" + check + "”.",
                        "Add it as a check of your own."));
    }

    private static Optional<GateCheck> check(PartName part, Named check, Standing now) {
        RefitAnswers refit = now.of(RefitAnswers.class);
        return now.of(Valley.class).part(part).stream()
                .flatMap(known -> refit.checks(known).stream())
                .filter(known -> known.what().equals(check))
                .findFirst();
    }

    private static Optional<Refusal> mustBeShown(RefitEntry.GateAnswered answer, Standing now) {
        return check(answer.part(), answer.check(), now)
                .filter(check -> check.when().isShown() && check.isOpen())
                .map(check -> new Refusal(
                        "notShown",
                        "“" + check.text() + "” holds when the camera shows it: "
                                + check.when().shownBy() + ".",
                        "Fire or measure it, or waive the check with a reason."));
    }

    @Override
    public List<Effect> effects(RefitEntry entry) {
        return switch (entry) {
            case RefitEntry.Refitted back -> List.of(new JobEffect.PutBack(back.part()), WORK_BETWEEN_FIRINGS);
            case RefitEntry.TriedUnfixed tried -> List.of();
            case RefitEntry.TrialAssembled trial -> List.of(WORK_BETWEEN_FIRINGS);
            case RefitEntry.TrialUndone undone -> List.of();
            case RefitEntry.LeftOut left -> List.of();
            case RefitEntry.GateAdded gate -> List.of(MODEL_TAUGHT);
            case RefitEntry.GateAnswered gate -> List.of();
            case RefitEntry.CheckFailed failed -> List.of(MODEL_TAUGHT);
            case RefitEntry.ProcedureKept kept -> List.of(MODEL_TAUGHT);
            case RefitEntry.StepTaken taken -> List.of();
        };
    }

    @Override
    public String words(RefitEntry entry, Names names) {
        return switch (entry) {
            case RefitEntry.Refitted back ->
                "put back " + back.part() + with(", even though: ", back.overrideReason()) + with(", ", back.remark());
            case RefitEntry.TriedUnfixed tried -> "trial fit, not fixed: " + tried.part() + with(", ", tried.remark());
            case RefitEntry.TrialAssembled trial ->
                "trial assembly: "
                        + joined(trial.parts().stream().map(PartName::text).toList()) + with(", ", trial.how());
            case RefitEntry.TrialUndone undone -> "trial assembly taken apart" + with(": ", undone.seen());
            case RefitEntry.LeftOut left -> "left out " + left.part() + ": " + left.reason();
            case RefitEntry.GateAdded gate -> added(gate);
            case RefitEntry.CheckFailed failed ->
                "failed at " + failed.part() + ": " + failed.check() + ", " + failed.seen();
            case RefitEntry.ProcedureKept kept ->
                "procedure " + kept.procedure().name() + ": "
                        + joined(kept.procedure().steps().stream()
                                .map(Procedure.ProcedureStep::what)
                                .toList());
            case RefitEntry.StepTaken taken ->
                taken.procedure() + ", step " + taken.number() + ": "
                        + switch (taken.outcome()) {
                            case DONE -> "done";
                            case FAILED -> "failed";
                            case WAIVED -> "waived";
                        }
                        + with(", ", taken.words());
            case RefitEntry.GateAnswered gate ->
                (gate.passed() ? "checked at " : "waived at ") + gate.part() + ": " + gate.check()
                        + with(", ", gate.reason());
        };
    }

    private static String added(RefitEntry.GateAdded gate) {
        String moment = gate.when().moment().isBefore()
                ? "check before " + gate.part() + " goes on: "
                : "check at " + gate.part() + ", " + gate.when().moment().label() + ": ";
        return moment + gate.check() + with(", ", gate.when().shownBy());
    }

    /** Folds refits into the valley that strip began. */
    public static final class Fold implements RoomFold<RefitEntry> {
        private final ValleyTracks valley;
        private Optional<RefitPicture.Trial> trial = Optional.empty();
        private final Map<Named, Procedure> procedures = new LinkedHashMap<>();
        private final List<RefitPicture.StepAnswer> answers = new ArrayList<>();

        private Fold(ValleyTracks valley) {
            this.valley = valley;
        }

        @Override
        public Optional<Refusal> objection(Line line, RefitEntry entry) {
            return switch (entry) {
                case RefitEntry.Refitted back -> valley.mustBeOut(back.part(), "put back");
                case RefitEntry.LeftOut left -> valley.mustBeOut(left.part(), "left out");
                case RefitEntry.GateAdded added -> valley.cannotBeChecked(added.part());
                case RefitEntry.GateAnswered answer -> valley.cannotBeChecked(answer.part());
                case RefitEntry.CheckFailed failed -> valley.cannotBeChecked(failed.part());
                case RefitEntry.ProcedureKept kept -> Optional.empty();
                case RefitEntry.StepTaken taken -> Optional.empty();
                case RefitEntry.TriedUnfixed tried -> valley.mustBeOut(tried.part(), "tried");
                case RefitEntry.TrialAssembled laid -> layOn(laid);
                case RefitEntry.TrialUndone undone ->
                    trial.isPresent()
                            ? Optional.empty()
                            : Optional.of(new Refusal(
                                    "noTrial", "No trial assembly is together.", "There is nothing to take apart."));
            };
        }

        private Optional<Refusal> layOn(RefitEntry.TrialAssembled laid) {
            return laid.parts().stream()
                    .map(part -> valley.mustBeOut(part, "put together for a trial"))
                    .flatMap(Optional::stream)
                    .findFirst()
                    .or(() -> trial.map(on -> new Refusal(
                            "trialOn",
                            "A trial assembly is already together: " + on.what().how() + ".",
                            "Take it apart first.")));
        }

        @Override
        public void take(Line line, RefitEntry entry) {
            switch (entry) {
                case RefitEntry.Refitted back ->
                    valley.back(line, back.part(), new WentBack(back.fasteners(), back.overrideReason()));
                case RefitEntry.LeftOut left -> valley.leftOut(line, left.part(), left.reason());
                case RefitEntry.GateAdded added ->
                    valley.checkAdded(added.part(), new AskedCheck(added.check(), added.when()));
                case RefitEntry.GateAnswered answer ->
                    valley.checkAnswered(
                            answer.part(),
                            answer.check(),
                            answer.passed() ? GateCheck.State.PASSED : GateCheck.State.WAIVED,
                            answer.reason());
                case RefitEntry.CheckFailed failed ->
                    valley.checkAnswered(failed.part(), failed.check(), GateCheck.State.FAILED, failed.seen());
                case RefitEntry.ProcedureKept kept -> {
                    procedures.put(kept.procedure().name(), kept.procedure());
                    answers.removeIf(
                            one -> one.procedure().equals(kept.procedure().name()));
                }
                case RefitEntry.StepTaken taken -> {
                    answers.removeIf(
                            one -> one.procedure().equals(taken.procedure()) && one.number() == taken.number());
                    answers.add(new RefitPicture.StepAnswer(
                            taken.procedure(), taken.number(), taken.outcome(), taken.words(), Set.of()));
                }
                case RefitEntry.TriedUnfixed tried -> valley.tried(tried.part(), line.at());
                case RefitEntry.TrialAssembled laid ->
                    trial = Optional.of(new RefitPicture.Trial(line.id(), line.at(), laid));
                case RefitEntry.TrialUndone undone -> trial = Optional.empty();
            }
        }

        /** A part that comes off again takes what was said of its step, and of those after it, with it. */
        @Override
        public void hear(Line line, Effect effect) {
            if (effect instanceof JobEffect.TakenOff off) {
                answers.replaceAll(answer -> answer.andOff(off.part()));
            }
        }

        /** The picture so far. */
        public RefitPicture picture() {
            return new RefitPicture(trial, List.copyOf(procedures.values()), List.copyOf(answers));
        }
    }
}
