package ruvant.core.logline;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.ValleyPart;
import ruvant.core.units.Named;

/** What lines about the way back put into the record. */
final class RefitLines {
    private final KnownParts parts;

    RefitLines(KnownParts parts) {
        this.parts = parts;
    }

    List<JobEntry> putBack(Fields said) {
        parts.mustBeOut(said.text("part"));
        ValleyPart part = parts.out(said.text("part")).orElseThrow();
        List<FastenersBack> all = part.removed().fasteners().stream()
                .map(one -> new FastenersBack(one.type(), one.count(), 0, 0))
                .toList();
        String tightness = switch (said.text("torque")) {
            case "finger" -> "finger-tight";
            case "snug" -> "snug";
            case "hard" -> "tight";
            default -> "";
        };
        String remark = join(join(tightness, said.is("marks") ? "marks lined up" : ""), said.remark());
        return List.of(new RefitEntry.Refitted(part.name(), all, said.text("overrideReason"), remark));
    }

    private static String join(String one, String other) {
        return one.isEmpty() ? other : other.isEmpty() ? one : one + ", " + other;
    }

    List<JobEntry> tried(Fields said) {
        return List.of(new RefitEntry.TriedUnfixed(parts.mustBeOut(said.text("part")), said.remark()));
    }

    List<JobEntry> trial(Fields said) {
        return List.of(new RefitEntry.TrialAssembled(
                said.texts("parts").stream().map(parts::mustBeOut).toList(), said.text("how")));
    }

    List<JobEntry> trialUndone(Fields said) {
        return List.of(new RefitEntry.TrialUndone(said.text("seen")));
    }

    List<JobEntry> leftOut(Fields said) {
        return List.of(new RefitEntry.LeftOut(
                parts.mustBeOut(said.text("part")),
                said.needed("why", "It is not said why it is left out.", "Type the reason after a comma.")));
    }

    List<JobEntry> checkAdded(Fields said) {
        return List.of(
                new RefitEntry.GateAdded(parts.mustBeOut(said.text("part")), Named.of(said.text("check")), null));
    }

    List<JobEntry> checkFailed(Fields said) {
        return List.of(new RefitEntry.CheckFailed(
                parts.known(said.text("part")),
                Named.of(said.needed("check", "It is not said which check.", "Name what was looked at.")),
                said.text("seen")));
    }
}
