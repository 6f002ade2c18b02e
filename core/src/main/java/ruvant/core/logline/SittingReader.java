package ruvant.core.logline;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import ruvant.core.picture.JobPicture;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.Stop;

/** Reads what is said about the work itself: sitting down, deciding, slips and tools. */
final class SittingReader {
    private final JobPicture picture;

    SittingReader(JobPicture picture) {
        this.picture = picture;
    }

    Reading decide(String said) {
        String[] halves = said.split("(?i),? because ", 2);
        if (said.isEmpty()) {
            return Replies.asking("What was decided?", List.of());
        }
        boolean open = halves.length == 1;
        return Replies.logged(
                (open ? "To decide: " : "Decided: ") + said,
                new SittingEntry.Decided(halves[0], open ? "" : halves[1], open));
    }

    Reading sit(String rest, String tail) {
        Stop stop = Arrays.stream(Stop.values())
                .filter(one -> one.label().equalsIgnoreCase(rest))
                .findFirst()
                .orElse(picture.lastStop());
        boolean stopNamed = stop.label().equalsIgnoreCase(rest);
        String step = stopNamed ? tail : Replies.said(rest, tail);
        return Replies.logged("Work started: " + stop.label(), new SittingEntry.SatDown(stop, step));
    }

    /** What went wrong, how it showed, how it was put right: parted by commas, the last two as far as they are said. */
    Reading slip(String wrong, String tail) {
        if (wrong.isEmpty()) {
            return Replies.asking(
                    "What went wrong? Say, for example, “slip long screw in short hole, stood proud, swapped”.",
                    List.of());
        }
        String[] halves = tail.split(", *", 2);
        return Replies.logged(
                "Went wrong: " + Replies.said(wrong, tail),
                new SittingEntry.Slipped(wrong, halves[0], halves.length > 1 ? halves[1] : ""));
    }

    Reading tool(String rest, String tail) {
        String said = rest.replaceFirst("(?i)^(lacking|missing|wanted|needed|got|made|here|at hand):? *", "");
        String first = rest.toLowerCase(Locale.ROOT);
        boolean atHand = first.matches("(got|made|here|at hand)\\b.*") || tail.matches("(?i)(got|made|here|at hand)");
        return said.isEmpty()
                ? Replies.asking("Which tool? Say, for example, “tool lacking lens spanner 22 mm”.", List.of())
                : Replies.logged(
                        (atHand ? "Tool now available: " : "Missing tool: ") + said,
                        new SittingEntry.ToolNoted(said, atHand, tail));
    }
}
