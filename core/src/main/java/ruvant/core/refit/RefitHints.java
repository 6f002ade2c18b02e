package ruvant.core.refit;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.intake.VisitorVerdict;
import ruvant.core.job.Fastener;
import ruvant.core.strip.ValleyPart;

/** What to think of while a part goes on: not to be ticked, but not to be forgotten. */
public final class RefitHints {
    /** Two screws cannot pull a part askew before the last is in; three can. */
    private static final int ALL_BEFORE_TIGHT = 3;

    private RefitHints() {}

    /** The hints for a part that is out, in words; none for one that is settled. */
    public static List<String> of(ValleyPart part, VisitorVerdict visitor) {
        List<String> hints = new ArrayList<>();
        if (!part.out()) {
            return hints;
        }
        int screws = part.removed().fasteners().stream()
                .filter(one -> !one.staysIn())
                .mapToInt(Fastener::count)
                .sum();
        if (part.triedAt().isPresent()) {
            hints.add("It is in its place and was tried; its fasteners are still out.");
        }
        if (screws >= ALL_BEFORE_TIGHT) {
            hints.add("Start all " + screws + " before any is tight.");
        }
        if (screws > 0 && visitor.opened() == VisitorVerdict.Opened.WITHOUT_CARE) {
            hints.add("Somebody was in without care: measure each length before it goes in.");
        }
        return hints;
    }
}
