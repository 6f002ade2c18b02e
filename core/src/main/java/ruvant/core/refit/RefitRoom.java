package ruvant.core.refit;

import static ruvant.core.job.JobEffect.Plain.MODEL_TAUGHT;
import static ruvant.core.job.JobEffect.Plain.WORK_BETWEEN_FIRINGS;
import static ruvant.core.units.Phrase.joined;
import static ruvant.core.units.Phrase.with;

import java.util.List;
import java.util.Optional;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.strip.StripRoom;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyTracks;
import ruvant.core.strip.WentBack;
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
            case RefitEntry.GateAnswered gate -> unknownCheck(gate, now);
        };
    }

    private static Optional<Refusal> unknownCheck(RefitEntry.GateAnswered answer, Standing now) {
        RefitAnswers refit = now.of(RefitAnswers.class);
        boolean known = now.of(Valley.class).part(answer.part()).stream()
                .flatMap(part -> refit.checks(part).stream())
                .anyMatch(check -> check.what().equals(answer.check()));
        return known
                ? Optional.empty()
                : Optional.of(new Refusal(
                        "checkUnknown",
                        "“" + answer.part() + "” has no check “" + answer.check() + "”.",
                        "Add it as a check of your own."));
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
            case RefitEntry.GateAdded gate -> "check before " + gate.part() + " goes on: " + gate.check();
            case RefitEntry.GateAnswered gate ->
                (gate.passed() ? "checked at " : "waived at ") + gate.part() + ": " + gate.check()
                        + with(", ", gate.reason());
        };
    }

    /** Folds refits into the valley that strip began. */
    public static final class Fold implements RoomFold<RefitEntry> {
        private final ValleyTracks valley;
        private Optional<RefitPicture.Trial> trial = Optional.empty();

        private Fold(ValleyTracks valley) {
            this.valley = valley;
        }

        @Override
        public Optional<Refusal> objection(Line line, RefitEntry entry) {
            return switch (entry) {
                case RefitEntry.Refitted back -> valley.mustBeOut(back.part(), "put back");
                case RefitEntry.LeftOut left -> valley.mustBeOut(left.part(), "left out");
                case RefitEntry.GateAdded added -> valley.mustBeOut(added.part(), "given a check");
                case RefitEntry.GateAnswered answer -> valley.mustBeOut(answer.part(), "checked");
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
                case RefitEntry.GateAdded added -> valley.checkAdded(added.part(), added.check());
                case RefitEntry.GateAnswered answer ->
                    valley.checkAnswered(answer.part(), answer.check(), answer.passed(), answer.reason());
                case RefitEntry.TriedUnfixed tried -> valley.tried(tried.part(), line.at());
                case RefitEntry.TrialAssembled laid ->
                    trial = Optional.of(new RefitPicture.Trial(line.id(), line.at(), laid));
                case RefitEntry.TrialUndone undone -> trial = Optional.empty();
            }
        }

        /** The picture so far. */
        public RefitPicture picture() {
            return new RefitPicture(trial);
        }
    }
}
