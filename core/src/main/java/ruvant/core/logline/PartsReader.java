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
import ruvant.core.trade.SourceKind;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

/** Reads what is needed, what was replaced and what was mended. */
final class PartsReader {
    private static final Pattern CHECKED = Pattern.compile("(?i)\\b(?<!not )(?<!un)checked\\b");
    private static final Pattern AGREED = Pattern.compile("(?i)[,;]? *\\b(?:the )?(?:owner )?agreed:? +(.+)$");
    private static final Pattern MODIFICATION =
            Pattern.compile("(?i)[,;]? *\\b(?:a )?(?:modification|differs from (?:the )?factory)\\b");
    private static final Pattern FROM = Pattern.compile("(?i)(.+?) from (donor|stock|shelf)?(?: *(.*))");

    private final KnownParts parts;

    PartsReader(KnownParts parts) {
        this.parts = parts;
    }

    Reading need(String rest, String tail) {
        return rest.isEmpty()
                ? Replies.asking("What is needed?", parts.partNames("", false))
                : Replies.logged(
                        "Needed: " + Replies.said(rest, tail),
                        new PartsEntry.NeedOpened(parts.known(rest), tail.isEmpty() ? rest : tail));
    }

    Reading replace(String rest, String tail) {
        Matcher matcher = FROM.matcher(rest);
        if (!matcher.matches()) {
            return Replies.asking("From where? Say, for example, “replace blade from donor D-3, checked”.", List.of());
        }
        String kind = matcher.group(2) == null ? "" : matcher.group(2).strip().toLowerCase(Locale.ROOT);
        SourceKind source = kind.equals("donor") ? SourceKind.DONOR : SourceKind.STOCK;
        boolean checked = CHECKED.matcher(tail).find();
        String remark = CHECKED.matcher(tail).replaceAll("").replaceAll("^[ ,]+|[ ,]+$", "");
        String from = matcher.group(3).isEmpty() ? source.label() : matcher.group(3);
        PartName part = parts.known(matcher.group(1));
        return Replies.logged(
                "Replaced: " + part + " from " + from + (checked ? ", checked" : ""),
                new PartsEntry.Replaced(part, source, from, "", checked, remark));
    }

    Reading mend(String rest, String tail) {
        Matcher consent = AGREED.matcher(tail);
        String agreed = consent.find() ? consent.group(1).strip() : "";
        String before = consent.reset().replaceFirst("");
        boolean changed = !agreed.isEmpty() || MODIFICATION.matcher(before).find();
        String what = MODIFICATION.matcher(before).replaceAll("").replaceAll("^[ ,]+|[ ,]+$", "");
        if (rest.isEmpty() || what.isEmpty()) {
            return Replies.asking(
                    "What was done? Say, for example, “mend pawl, bent back straight”.", parts.partNames(rest, false));
        }
        List<Chip> chips = new ArrayList<>(List.of(new Chip(Kind.ACTION, "Mended: " + rest + ", " + what)));
        if (changed) {
            chips.add(new Chip(Kind.DETAIL, "differs from factory"));
        }
        if (!agreed.isEmpty()) {
            chips.add(new Chip(Kind.DETAIL, "the owner agreed " + agreed));
        }
        return new Reading(
                chips,
                List.of(new TreatEntry.Mended(parts.known(rest), what, changed, agreed)),
                Optional.empty(),
                List.of());
    }
}
