package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ruvant.core.adjust.AdjustPicture;
import ruvant.core.find.FindPicture;
import ruvant.core.intake.IntakePicture;
import ruvant.core.refit.NotYet;
import ruvant.core.refit.RefitAnswer;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.strip.ValleyPart;
import ruvant.core.treat.TreatPicture;

/** What can be done at a camera now. */
final class NextSteps {
    private NextSteps() {}

    /**
     * All of it, most urgent first; empty when all there is to do is wait.
     *
     * @param refit what may go back now
     * @param now the moment for which waits are judged
     */
    static List<NextStep> of(JobPicture picture, RefitAnswers refit, Instant now) {
        if (picture.returned()) {
            return List.of();
        }
        List<NextStep> steps = new ArrayList<>();
        for (TreatPicture.Wait wait : picture.treat().over(now)) {
            steps.add(new NextStep.WaitOver(wait.what(), wait.part()));
        }
        ready(picture, refit).ifPresent(steps::add);
        checks(picture, refit).ifPresent(steps::add);
        for (FindPicture.Suspect suspect : picture.find().suspects()) {
            if (suspect.state() == FindPicture.State.OPEN
                    && picture.find().causes().isEmpty()) {
                steps.add(new NextStep.LookAt(suspect.what(), suspect.why()));
            }
        }
        fault(picture).ifPresent(steps::add);
        turned(picture).ifPresent(steps::add);
        beginning(picture).ifPresent(steps::add);
        ending(picture).ifPresent(steps::add);
        steps.sort(Comparator.comparingInt(NextStep::urgency));
        return steps;
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

    private static Optional<NextStep> beginning(JobPicture picture) {
        if (picture.intake().functions().isEmpty()) {
            return Optional.of(new NextStep.TryFunctions());
        }
        if (picture.valley().parts().isEmpty() && picture.handover().leftOpen().isEmpty()) {
            return Optional.of(new NextStep.Open(picture.intake().scope().stream()
                    .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                    .map(IntakePicture.ScopeItem::what)
                    .findFirst()
                    .orElse(null)));
        }
        return Optional.empty();
    }

    private static Optional<NextStep> turned(JobPicture picture) {
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

    private static Optional<NextStep> ending(JobPicture picture) {
        boolean allIn =
                !picture.valley().parts().isEmpty() && picture.valley().out().isEmpty();
        boolean someBack = picture.valley().parts().stream().anyMatch(part -> part.state() == ValleyPart.State.BACK);
        if (!allIn || !someBack) {
            return Optional.empty();
        }
        var streak = picture.prove().streak();
        return Optional.of(
                streak.proved()
                        ? new NextStep.WriteSheet()
                        : new NextStep.FireThrough(streak.current(), streak.wanted()));
    }
}
