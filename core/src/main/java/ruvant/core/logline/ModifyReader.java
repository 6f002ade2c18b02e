package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.logline.Reading.Chip;
import ruvant.core.logline.Reading.Kind;
import ruvant.core.parts.PartsEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.Camera;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.trade.ModificationKind;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

/** Reads what was filed, drilled or bridged, go by go, and how a part of another pattern went in. */
final class ModifyReader {
    private static final String MM = "(\\d+(?:[.,]\\d+)?) *mm\\b";
    private static final Pattern LIMIT =
            Pattern.compile("(?i)[,;]? *\\b(?:limit|at most|not past|up to)(?: +the +line)?(?: +at)? +" + MM);
    private static final Pattern TAKEN = Pattern.compile("(?i)[,;]? *\\b(?:by +)?" + MM);
    private static final Pattern AGREED = Pattern.compile("(?i)[,;]? *\\b(?:the )?(?:owner )?agreed:? +(.+)$");
    private static final Pattern OF_PATTERN = Pattern.compile("(?i)(.+?) +of +(?:the +)?(.+)");

    private final JobPicture picture;
    private final KnownParts parts;

    ModifyReader(JobPicture picture, KnownParts parts) {
        this.picture = picture;
        this.parts = parts;
    }

    /** "file speed ring catching corner 0.2 mm, limit 0.5 mm, clears at 1/125, agreed by telephone". */
    Reading modified(ModificationKind how, String rest, String tail) {
        Optional<PartName> part = parts.knownIn(rest);
        if (part.isEmpty()) {
            return Replies.asking(
                    "Of which part? Name one that came off, then the corner or hole: “file speed ring catching corner 0.2 mm”.",
                    parts.partNames("", false));
        }
        String said =
                Replies.said(rest.replaceFirst("(?i)" + Pattern.quote(part.get().key()), ""), tail);
        Matcher consent = AGREED.matcher(said);
        String agreed = consent.find() ? consent.group(1).strip() : "";
        said = consent.reset().replaceFirst("");
        Matcher limited = LIMIT.matcher(said);
        Double limit = limited.find() ? millimetres(limited.group(1)) : null;
        said = limited.reset().replaceFirst("");
        Matcher off = TAKEN.matcher(said);
        Double taken = off.find() ? millimetres(off.group(1)) : null;
        said = off.reset().replaceFirst("");
        String[] what = said.replaceAll("^[ ,]+|[ ,]+$", "").split(" *, *", 2);
        if (what[0].isEmpty()) {
            return Replies.asking("Which corner, hole or contact of it?", List.of());
        }
        String result = what.length > 1 ? what[1] : "";
        List<Chip> chips = new ArrayList<>();
        chips.add(new Chip(Kind.ACTION, part.get() + ", " + what[0] + ": " + how.label()));
        add(chips, taken, "removed in this pass");
        add(chips, limit, "at most");
        if (!agreed.isEmpty()) {
            chips.add(new Chip(Kind.DETAIL, "the owner agreed " + agreed));
        }
        return new Reading(
                chips,
                List.of(new TreatEntry.Modified(part.get(), how, what[0], "", limit, taken, result, agreed, "")),
                Optional.empty(),
                List.of());
    }

    private static void add(List<Chip> chips, Double mm, String words) {
        if (mm != null) {
            chips.add(new Chip(Kind.DETAIL, mm + " mm " + words));
        }
    }

    /** "fit speed ring of 1st pattern, with work". */
    Reading fitted(String rest, String tail) {
        Optional<FitOutcome> outcome = outcome(rest + ", " + tail);
        String bare = rest.replaceFirst("(?i) +(as (?:it )?is|with work|not)$", "");
        Matcher named = OF_PATTERN.matcher(bare);
        if (!named.matches()) {
            return Replies.asking(
                    "Which part of which pattern? Say, for example, “fit speed ring of 1st pattern, with work”.",
                    parts.partNames("", false));
        }
        if (outcome.isEmpty()) {
            return Replies.asking("How did it fit?", List.of(", as it is", ", with work", ", not"));
        }
        Camera own = picture.received().camera();
        CameraKind from = new CameraKind(own.maker(), own.model(), named.group(2));
        PartName part = parts.known(named.group(1));
        return Replies.logged(
                part + " of " + from.words() + ": " + outcome.get().label(),
                new PartsEntry.FitSeen(part, from, outcome.get(), ""));
    }

    private static Optional<FitOutcome> outcome(String said) {
        String words = said.toLowerCase(Locale.ROOT);
        if (words.matches(".*\\bnot\\b.*")) {
            return Optional.of(FitOutcome.NOT);
        }
        if (words.contains("with work")) {
            return Optional.of(FitOutcome.WITH_WORK);
        }
        return words.matches(".*\\bas (it )?is\\b.*") ? Optional.of(FitOutcome.AS_IS) : Optional.empty();
    }

    private static Double millimetres(String figure) {
        return Double.valueOf(figure.replace(',', '.'));
    }
}
