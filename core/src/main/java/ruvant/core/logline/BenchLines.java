package ruvant.core.logline;

import java.util.Arrays;
import java.util.List;
import ruvant.core.album.AlbumEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.Stop;
import ruvant.core.trade.ToolStatus;
import ruvant.core.units.PartName;

/** What lines about the work itself put into the record: sitting down, decisions, tools, slips, what the owner is told. */
final class BenchLines {
    private final JobPicture picture;
    private final KnownParts parts;

    BenchLines(JobPicture picture, KnownParts parts) {
        this.picture = picture;
        this.parts = parts;
    }

    List<JobEntry> satDown(Fields said) {
        Stop stop = Arrays.stream(Stop.values())
                .filter(one -> one.label().equalsIgnoreCase(said.text("stop")))
                .findFirst()
                .orElse(picture.lastStop());
        return List.of(new SittingEntry.SatDown(stop, said.text("step")));
    }

    List<JobEntry> gotUp(Fields said) {
        return List.of(new SittingEntry.GotUp(said.remark()));
    }

    List<JobEntry> decision(Fields said) {
        if (said.has("open")) {
            return List.of(new SittingEntry.Decided(said.text("open"), "", true, List.of()));
        }
        String what = said.needed("decide", "It is not said what was decided.", "Say what was decided.");
        return List.of(new SittingEntry.Decided(what, said.text("because"), false, said.texts("rejected")));
    }

    List<JobEntry> slip(Fields said) {
        PartName part = said.has("part") ? parts.known(said.text("part")) : null;
        return List.of(new SittingEntry.Slipped(
                said.needed("what", "It is not said what went wrong.", "Say what went wrong."),
                said.has("shown") ? said.text("shown") : said.remark(),
                said.text("putRight"),
                part));
    }

    List<JobEntry> tool(Fields said) {
        String tool = said.needed("tool", "No tool is named.", "Name the tool.");
        String why = said.has("why") ? said.text("why") : said.remark();
        PartName part = said.has("part") ? parts.known(said.text("part")) : null;
        return switch (said.text("status")) {
            case "lacking" -> List.of(new SittingEntry.ToolNoted(tool, false, why));
            case "made" -> List.of(new SittingEntry.ToolNoted(tool, true, why));
            case "bad" -> List.of(new SittingEntry.ToolSaid(tool, ToolStatus.BAD, part, why));
            case "avoid" -> List.of(new SittingEntry.ToolSaid(tool, ToolStatus.AVOID, part, why));
            default -> List.of(new SittingEntry.ToolSaid(tool, ToolStatus.USED, part, why));
        };
    }

    List<JobEntry> modelNote(Fields said) {
        return List.of(new SittingEntry.ModelSaid(
                said.text("about"),
                said.needed("says", "It is not said what is true.", "Say what is true of the model."),
                said.text("known"),
                !said.is("unsure")));
    }

    List<JobEntry> estimate(Fields said) {
        return List.of(new HandoverEntry.Estimated(
                said.text("what"),
                said.number("odds").orElse(null),
                said.number("money").orElse(null),
                said.number("minutes").map(value -> (int) Math.rint(value)).orElse(null)));
    }

    List<JobEntry> advice(Fields said) {
        return List.of(new HandoverEntry.Advised(
                said.needed("says", "There is no advice.", "Say what the owner should know.")));
    }

    List<JobEntry> pictured(Fields said) {
        String shows = said.text("shows");
        return List.of(new AlbumEntry.PictureToCome(shows, parts.knownIn(shows).orElse(null)));
    }

    List<JobEntry> noted(String text) {
        return List.of(new SittingEntry.Noted(text));
    }

    List<JobEntry> leftOpen(Fields said) {
        return List.of(new HandoverEntry.LeftOpen(
                said.text("what"), said.needed("why", "It is not said why.", "Say why it is left.")));
    }
}
