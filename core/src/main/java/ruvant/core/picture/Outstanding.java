package ruvant.core.picture;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.intake.IntakePicture;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Stop;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.PartName;

/**
 * Something that is still to be done before a camera goes back to its owner.
 *
 * @param stop where it is done
 * @param part the part it is about, where it is about one
 * @param what it is, short
 * @param why it stands open; may be empty
 * @param holds whether the camera cannot be returned before; the rest may be left, knowingly
 */
public record Outstanding(Stop stop, Optional<PartName> part, String what, String why, boolean holds) {
    private static final int NAMED_ALONE = 3;

    /**
     * All of it: what holds the camera back first, then in the order of the work. Empty for a camera that was returned.
     *
     * @param faults what each known cause calls for
     * @param now the moment for which waits are judged
     */
    public static List<Outstanding> of(JobPicture picture, FaultKnowledge faults, Instant now) {
        if (picture.returned()) {
            return List.of();
        }
        List<Outstanding> all = new ArrayList<>();
        picture.refitting()
                .trial()
                .ifPresent(trial -> all.add(new Outstanding(
                        Stop.REFIT,
                        Optional.empty(),
                        "Take the trial assembly apart",
                        trial.what().how(),
                        true)));
        out(picture, all);
        for (String piece : Ledger.of(picture.valley()).missing()) {
            all.add(new Outstanding(
                    Stop.STRIP,
                    Optional.empty(),
                    "Find or account for: " + piece,
                    "log it as lost, or as found",
                    true));
        }
        for (NextStep step : NextSteps.untreated(picture, faults)) {
            all.add(open(step.stop(), NextWords.what(step), NextWords.why(step)));
        }
        picture.parts()
                .openNeeds()
                .forEach(need -> all.add(new Outstanding(
                        Stop.MEND,
                        Optional.of(need.part()),
                        "Part still needed: " + need.part(),
                        need.what().equals(need.part().toString()) ? "" : need.what(),
                        false)));
        for (TreatPicture.Wait wait : picture.treat().running(now)) {
            all.add(new Outstanding(
                    Stop.CLEAN,
                    Optional.ofNullable(wait.part()),
                    "Still waiting: " + wait.what(),
                    wait.part() == null ? "" : wait.part().toString(),
                    false));
        }
        NextSteps.turned(picture)
                .ifPresent(step -> all.add(open(step.stop(), NextWords.what(step), NextWords.why(step))));
        if (!picture.valley().parts().isEmpty()) {
            toProve(picture, all);
        }
        List<String> agreed = picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .map(item -> item.what().words())
                .toList();
        if (!agreed.isEmpty()) {
            all.add(open(Stop.RETURN, "Log the agreed work as done or not done", String.join(", ", agreed)));
        }
        return all;
    }

    /** The parts that are still out: each with where it lies, or all in one where a list of them would hide the rest. */
    private static void out(JobPicture picture, List<Outstanding> all) {
        List<ValleyPart> out = picture.valley().out();
        if (out.size() > NAMED_ALONE) {
            String names = out.stream().map(part -> part.name().text()).collect(Collectors.joining(", "));
            all.add(new Outstanding(Stop.REFIT, Optional.empty(), "Put back " + out.size() + " parts", names, true));
            return;
        }
        for (ValleyPart part : out) {
            all.add(new Outstanding(
                    Stop.REFIT,
                    Optional.of(part.name()),
                    "Put back: " + part.name(),
                    part.lastSeen().orElse("no well noted"),
                    true));
        }
    }

    private static void toProve(JobPicture picture, List<Outstanding> all) {
        var streak = picture.prove().streak();
        if (!streak.proved()) {
            NextStep fire = new NextStep.FireThrough(streak.current(), streak.wanted());
            all.add(open(Stop.PROVE, NextWords.what(fire), NextWords.why(fire)));
        }
        int open = StopProgress.openProofs(picture);
        if (open > 0) {
            NextStep rest = new NextStep.ProveRest(open);
            all.add(open(Stop.PROVE, NextWords.what(rest), NextWords.why(rest)));
        }
    }

    private static Outstanding open(Stop stop, String what, String why) {
        return new Outstanding(stop, Optional.empty(), what, why, false);
    }
}
