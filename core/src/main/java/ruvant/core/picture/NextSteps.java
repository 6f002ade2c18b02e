package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruvant.core.adjust.AdjustPicture;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.FindPicture;
import ruvant.core.intake.IntakePicture;
import ruvant.core.parts.PartsPicture;
import ruvant.core.refit.NotYet;
import ruvant.core.refit.RefitAnswer;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.FunctionResult;
import ruvant.core.treat.TreatPicture;

/** What can be done at a camera now. */
final class NextSteps {
    private NextSteps() {}

    /**
     * All of it, most urgent first; empty when all there is to do is wait.
     *
     * @param refit what may go back now
     * @param faults what each known cause calls for
     * @param now the moment for which waits are judged
     */
    static List<NextStep> of(JobPicture picture, RefitAnswers refit, FaultKnowledge faults, Instant now) {
        if (picture.returned()) {
            return List.of();
        }
        List<NextStep> steps = new ArrayList<>();
        for (TreatPicture.Wait wait : picture.treat().over(now)) {
            steps.add(new NextStep.WaitOver(wait.what(), wait.part()));
        }
        refit.late().stream()
                .filter(late -> late.due() || late.check().failed())
                .findFirst()
                .map(late -> new NextStep.CheckNow(
                        late.part(),
                        late.check().what(),
                        late.check().failed(),
                        late.check().reason()))
                .ifPresent(steps::add);
        List<NextStep> untreated = untreated(picture, faults);
        steps.addAll(untreated);
        // what was taken off to get at the cause stays off until something was done about it
        if (untreated.isEmpty()) {
            ready(picture, refit).ifPresent(steps::add);
            checks(picture, refit).ifPresent(steps::add);
        }
        for (FindPicture.Suspect suspect : picture.find().suspects()) {
            if (suspect.state() == FindPicture.State.OPEN
                    && picture.find().causes().isEmpty()) {
                steps.add(new NextStep.LookAt(suspect.what(), suspect.why()));
            }
        }
        fault(picture).ifPresent(steps::add);
        turned(picture).ifPresent(steps::add);
        steps.addAll(open(picture));
        ending(picture, steps.isEmpty() && picture.treat().running(now).isEmpty())
                .ifPresent(steps::add);
        steps.addAll(beginning(picture));
        steps.sort(Comparator.comparingInt(NextStep::urgency));
        return steps;
    }

    static List<NextStep> untreated(JobPicture picture, FaultKnowledge faults) {
        List<NextStep> steps = new ArrayList<>();
        if (!picture.valley().parts().isEmpty() && picture.valley().out().isEmpty()) {
            // it was closed again: what was done about the cause may stand in no line
            return steps;
        }
        for (FindPicture.Said cause : picture.find().causes()) {
            String calls = faults.causeMeant(
                            cause.what(),
                            Optional.of(picture.received().camera().family()))
                    .map(FaultKnowledge.Cause::calls)
                    .orElse("");
            boolean left = calls.equals("leave")
                    || picture.handover().leftOpen().stream()
                            .anyMatch(open ->
                                    open.what().equalsIgnoreCase(cause.what().words()));
            if (!left && !treatedSince(picture, cause.at())) {
                steps.add(new NextStep.Treat(cause.what(), calls));
            }
        }
        return steps;
    }

    /** Any work since the cause was known counts: which part it lay in is not said with it. */
    private static boolean treatedSince(JobPicture picture, Instant since) {
        TreatPicture treat = picture.treat();
        Stream<Instant> done = Stream.of(
                        treat.cleaned().stream().map(TreatPicture.Done::at),
                        treat.mended().stream().map(TreatPicture.Done::at),
                        treat.modified().stream().map(TreatPicture.Done::at),
                        treat.lubricated().stream().map(TreatPicture.Done::at),
                        treat.waits().stream().map(TreatPicture.Wait::startedAt),
                        picture.parts().replacements().stream().map(PartsPicture.Replacement::at),
                        picture.parts().needs().stream().map(PartsPicture.Need::since),
                        picture.adjust().settings().stream()
                                .filter(one -> !one.turned().isEmpty())
                                .map(AdjustPicture.Setting::at))
                .flatMap(one -> one);
        return done.anyMatch(at -> !at.isBefore(since));
    }

    private static Optional<NextStep> ready(JobPicture picture, RefitAnswers refit) {
        List<RefitAnswer> ready = refit.all().stream()
                .filter(answer -> answer.kind() == RefitAnswer.Kind.READY)
                .toList();
        // while the fault is unknown, a part that could go back is out for a reason
        if (ready.isEmpty()
                || (picture.find().causes().isEmpty()
                        && !picture.find().suspects().isEmpty())) {
            return Optional.empty();
        }
        return Optional.of(new NextStep.PutBack(ready.getLast().part(), ready.size()));
    }

    private static Optional<NextStep> checks(JobPicture picture, RefitAnswers refit) {
        if (picture.find().causes().isEmpty()) {
            return Optional.empty();
        }
        for (RefitAnswer answer : refit.all()) {
            if (answer.notYet().orElse(null) instanceof NotYet.ChecksOpen checks) {
                return Optional.of(new NextStep.CheckBefore(answer.part(), checks));
            }
        }
        return Optional.empty();
    }

    private static List<NextStep> beginning(JobPicture picture) {
        if (picture.intake().functions().isEmpty()) {
            return List.of(new NextStep.TryFunctions());
        }
        if (!picture.valley().parts().isEmpty()
                || !picture.handover().leftOpen().isEmpty()) {
            return List.of();
        }
        List<NextStep> steps = new ArrayList<>();
        if (canBeTimed(picture) && picture.prove().timed().isEmpty()) {
            steps.add(new NextStep.TimeBefore());
        }
        steps.add(new NextStep.Open(picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .map(IntakePicture.ScopeItem::what)
                .findFirst()
                .orElse(null)));
        return steps;
    }

    /** A camera with speeds on its dial, of which at least one function works: what is dead cannot be timed. */
    private static boolean canBeTimed(JobPicture picture) {
        return !picture.received().speeds().isEmpty()
                && picture.intake().functions().stream()
                        .anyMatch(
                                one -> one.result() == FunctionResult.WORKS || one.result() == FunctionResult.DOUBTFUL);
    }

    static Optional<NextStep> turned(JobPicture picture) {
        AdjustPicture.Setting now = picture.adjust().settings().getLast();
        return now.turned().isEmpty() || !now.shots().isEmpty()
                ? Optional.empty()
                : Optional.of(new NextStep.MeasureTurn(
                        picture.adjust().turned().getLast().what().name()));
    }

    private static Optional<NextStep> fault(JobPicture picture) {
        boolean unknown =
                picture.find().causes().isEmpty() && picture.find().suspects().isEmpty();
        if (!unknown || picture.valley().out().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                picture.find().symptoms().isEmpty() ? new NextStep.SayWhatIsWrong() : new NextStep.RaiseSuspect());
    }

    /** What stands open beside the parts: needs, decisions, agreed work, empty places, tools that are lacking. */
    private static List<NextStep> open(JobPicture picture) {
        List<NextStep> steps = new ArrayList<>();
        for (PartsPicture.Need need : picture.parts().openNeeds()) {
            steps.add(new NextStep.FindPart(
                    need.wanted(), need.what().equals(need.wanted().text()) ? "" : need.what()));
        }
        picture.sitting().decisions().stream()
                .filter(decision -> decision.decided().open())
                .map(decision -> new NextStep.Decide(decision.decided().text()))
                .forEach(steps::add);
        picture.sitting().lacking().forEach(tool -> steps.add(new NextStep.GetTool(tool.name(), tool.remark())));
        picture.notes().places().stream()
                .filter(account -> account.open() > 0 && !account.isThePartItself())
                .filter(account -> picture.parts().openNeeds().stream()
                        .noneMatch(need -> need.isOf(
                                account.place().part(), account.place().piece())))
                .map(account -> new NextStep.FillPlace(account.place().part(), account.words(account.open())))
                .forEach(steps::add);
        List<IntakePicture.ScopeItem> agreed = picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .toList();
        if (!agreed.isEmpty() && closed(picture)) {
            steps.add(new NextStep.SettleAgreed(agreed.getFirst().what(), agreed.size()));
        }
        return steps;
    }

    /** Whether it was opened and all is in again. */
    private static boolean closed(JobPicture picture) {
        return !picture.valley().parts().isEmpty()
                && picture.valley().out().isEmpty()
                && picture.valley().parts().stream().anyMatch(part -> part.state() == ValleyPart.State.BACK);
    }

    private static Optional<NextStep> ending(JobPicture picture, boolean nothingElse) {
        if (!closed(picture)) {
            return Optional.empty();
        }
        var streak = picture.prove().streak();
        if (!streak.proved()) {
            return Optional.of(new NextStep.FireThrough(streak.current(), streak.wanted()));
        }
        int open = OpenProofs.of(picture).size();
        if (open > 0) {
            return Optional.of(new NextStep.ProveRest(open));
        }
        return nothingElse ? Optional.of(new NextStep.WriteSheet()) : Optional.empty();
    }
}
