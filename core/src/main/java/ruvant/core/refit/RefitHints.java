package ruvant.core.refit;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.intake.VisitorVerdict;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;

/** What to think of while a part goes on: not to be ticked, but not to be forgotten. */
public final class RefitHints {
    private RefitHints() {}

    /**
     * The hints for a part that is out, in words; none for one that is settled.
     *
     * @param stillToTry functions to be tried before it closes over them
     * @param slips what went wrong there in earlier jobs
     * @param watched what somebody wants to keep an eye on there
     */
    public static List<String> of(
            ValleyPart part,
            VisitorVerdict visitor,
            List<String> stillToTry,
            List<String> slips,
            List<String> watched) {
        List<String> hints = new ArrayList<>();
        if (!part.out()) {
            return hints;
        }
        int screws = part.removed().screwsOut();
        if (part.triedAt().isPresent()) {
            hints.add("It is in place and was tried. Its fasteners are still out.");
        }
        if (!part.removed().covers() && screws >= StripEntry.Removed.PULL_ASKEW) {
            hints.add("Start all " + screws + " before any is tight.");
        }
        if (screws > 0 && visitor.opened() == VisitorVerdict.Opened.WITHOUT_CARE) {
            hints.add("The earlier repair was careless: measure each screw before it goes in.");
        }
        if (part.removed().away() != null) {
            part.removed().away().pieces().forEach(said -> hints.add("It came away so: " + said + "."));
        }
        watched.forEach(seen -> hints.add("Keep an eye on it: " + seen + "."));
        slips.forEach(slip -> hints.add("This has gone wrong here before: " + slip + "."));
        if (!stillToTry.isEmpty()) {
            hints.add("Not tried again yet: " + String.join(", ", stillToTry) + ".");
        }
        return hints;
    }
}
