package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruvant.core.adjust.AdjustPicture;
import ruvant.core.find.FindPicture;
import ruvant.core.intake.IntakePicture;
import ruvant.core.refit.RefitAnswer;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Stop;
import ruvant.core.treat.TreatPicture;

/**
 * Something that can be done at a camera now.
 *
 * @param what the step, short
 * @param why the reason it comes up
 * @param urgency 0 first: what ran out, then what is ready, then what is open
 */
public record NextThing(Stop stop, String what, String why, int urgency) {

    /**
     * What can be done now, most urgent first; empty when all there is to do is wait.
     *
     * @param refit what may go back now
     * @param now the moment for which waits are judged
     */
    public static List<NextThing> of(JobPicture picture, RefitAnswers refit, Instant now) {
        if (picture.returned()) {
            return List.of();
        }
        List<NextThing> things = new ArrayList<>();
        for (TreatPicture.Wait wait : picture.treat().over(now)) {
            String whose = wait.part() == null ? "" : ", " + wait.part();
            things.add(
                    new NextThing(Stop.CLEAN, "Wait over: " + wait.what() + whose, "see that it is so, and go on", 0));
        }
        ready(picture, refit).ifPresent(things::add);
        checks(picture, refit).ifPresent(things::add);
        for (FindPicture.Suspect suspect : picture.find().suspects()) {
            if (suspect.state() == FindPicture.State.OPEN
                    && picture.find().causes().isEmpty()) {
                things.add(new NextThing(
                        Stop.FIND,
                        "Look at: " + suspect.name(),
                        suspect.why().isEmpty() ? "suspect still open" : suspect.why(),
                        2));
            }
        }
        fault(picture).ifPresent(things::add);
        turned(picture).ifPresent(things::add);
        beginning(picture).ifPresent(things::add);
        ending(picture).ifPresent(things::add);
        things.sort(java.util.Comparator.comparingInt(NextThing::urgency));
        return things;
    }

    private static Optional<NextThing> ready(JobPicture picture, RefitAnswers refit) {
        List<RefitAnswer> ready = refit.all().stream()
                .filter(answer -> answer.kind() == RefitAnswer.Kind.READY)
                .toList();
        // while the fault is unknown, a part that could go back is out for a reason
        if (ready.isEmpty()
                || (picture.find().causes().isEmpty()
                        && !picture.find().suspects().isEmpty())) {
            return Optional.empty();
        }
        RefitAnswer innermost = ready.getLast();
        String why = ready.size() == 1 ? "all under it is back" : ready.size() + " parts may go back";
        return Optional.of(new NextThing(Stop.REFIT, "Put back: " + innermost.part(), why, 1));
    }

    private static Optional<NextThing> checks(JobPicture picture, RefitAnswers refit) {
        return refit.all().stream()
                .filter(answer -> answer.against().equals(Optional.of(RefitAnswer.Against.CHECKS_OPEN)))
                .filter(answer -> !picture.find().causes().isEmpty())
                .findFirst()
                .map(answer -> new NextThing(
                        Stop.REFIT,
                        "Check before “" + answer.part() + "”",
                        answer.reason().replaceFirst("^[^:]*: ", ""),
                        1));
    }

    private static Optional<NextThing> beginning(JobPicture picture) {
        if (picture.intake().functions().isEmpty()) {
            return Optional.of(
                    new NextThing(Stop.INTAKE, "Try every function", "what works now must work at return", 3));
        }
        if (picture.valley().parts().isEmpty() && picture.handover().leftOpen().isEmpty()) {
            return Optional.of(
                    new NextThing(Stop.STRIP, "Open it", firstOpen(picture).orElse("nothing is off yet"), 3));
        }
        return Optional.empty();
    }

    private static Optional<NextThing> turned(JobPicture picture) {
        AdjustPicture.Setting now = picture.adjust().settings().getLast();
        return now.turned().isEmpty() || !now.shots().isEmpty()
                ? Optional.empty()
                : Optional.of(new NextThing(
                        Stop.PROVE,
                        "Measure after the turn",
                        picture.adjust().turned().getLast().what().name() + " was turned, nothing fired since",
                        1));
    }

    private static Optional<NextThing> fault(JobPicture picture) {
        boolean unknown =
                picture.find().causes().isEmpty() && picture.find().suspects().isEmpty();
        if (!unknown || picture.valley().out().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                picture.find().symptoms().isEmpty()
                        ? new NextThing(Stop.FIND, "Say what is wrong", "no symptom is noted yet", 3)
                        : new NextThing(Stop.FIND, "Raise a suspect", "a symptom is noted, but no suspect", 3));
    }

    private static Optional<String> firstOpen(JobPicture picture) {
        return picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .map(item -> item.what().words())
                .findFirst();
    }

    private static Optional<NextThing> ending(JobPicture picture) {
        boolean allIn =
                !picture.valley().parts().isEmpty() && picture.valley().out().isEmpty();
        boolean someBack = picture.valley().parts().stream().anyMatch(part -> part.state() == ValleyPart.State.BACK);
        if (!allIn || !someBack) {
            return Optional.empty();
        }
        var streak = picture.prove().streak();
        if (!streak.proved()) {
            return Optional.of(new NextThing(
                    Stop.PROVE, "Fire it through", streak.current() + " of " + streak.wanted() + " good in a row", 2));
        }
        return Optional.of(new NextThing(Stop.RETURN, "Write the return sheet", "all is back and proved", 2));
    }
}
