package ruvant.core.logline;

import java.util.List;
import ruvant.core.job.JobEntry;
import ruvant.core.parts.PartsEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.Camera;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.FieldProblem;

/** What lines about parts that are needed or took another's place put into the record. */
final class PartsLines {
    private final JobPicture picture;
    private final KnownParts parts;

    PartsLines(JobPicture picture, KnownParts parts) {
        this.picture = picture;
        this.parts = parts;
    }

    List<JobEntry> need(Fields said) {
        String part = said.needed("part", "It is not said what is needed.", "Name the part.");
        String why = said.text("why");
        return List.of(new PartsEntry.NeedOpened(
                parts.known(part),
                why.isEmpty() ? part : why,
                "",
                said.has("count") ? said.count("count", 1) : null,
                said.text("onlyIf")));
    }

    List<JobEntry> replaced(Fields said) {
        SourceKind source = source(said);
        String from = said.has("from")
                ? said.text("from")
                : said.text("source").equals("gift") ? "the owner" : source.label();
        return List.of(new PartsEntry.Replaced(
                parts.known(said.needed("part", "It is not said what was replaced.", "Name the part.")),
                source,
                from,
                "",
                said.is("checked"),
                said.remark()));
    }

    private static SourceKind source(Fields said) {
        return switch (said.text("source")) {
            case "donor" -> SourceKind.DONOR;
            case "stock" -> SourceKind.STOCK;
            case "made" -> SourceKind.FABRICATED;
            case "bought", "ordered" -> SourceKind.BOUGHT;
            case "gift" -> SourceKind.GENERIC;
            default -> said.choice("source", SourceKind.class).orElse(SourceKind.GENERIC);
        };
    }

    List<JobEntry> needDropped(Fields said) {
        return List.of(new PartsEntry.NeedDropped(
                parts.known(said.text("part")), said.needed("why", "It is not said why.", "Say why."), ""));
    }

    List<JobEntry> pieceFitted(Fields said) {
        SourceKind source = source(said);
        return List.of(new PartsEntry.PieceFitted(
                parts.known(said.needed("part", "It is not said at which part.", "Name the part.")),
                StripLines.singular(said.text("what")),
                said.count("count", 1),
                source,
                said.text("from"),
                null));
    }

    /** A part of another pattern of this model. */
    List<JobEntry> fit(Fields said) {
        Camera own = picture.received().camera();
        CameraKind from =
                new CameraKind(own.maker(), own.model(), said.text("pattern").replaceFirst("(?i)^the ", ""));
        FitOutcome outcome = said.choice("outcome", FitOutcome.class)
                .orElseThrow(() -> new FieldProblem(
                        "outcome", "It is not said how it fitted.", "Say “as it is”, “with work” or “not”."));
        return List.of(new PartsEntry.FitSeen(parts.known(said.text("part")), from, outcome, said.remark()));
    }
}
