package ruvant.core.logline;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.trade.DryRunResult;
import ruvant.core.trade.FinishKind;
import ruvant.core.trade.ModificationKind;
import ruvant.core.trade.ProbeKind;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Manner;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TreatEntry;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.ById;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What lines about cleaning, oil, waits and mending put into the record. */
final class TreatLines {
    private final JobPicture picture;
    private final Shop shop;
    private final KnownParts parts;

    TreatLines(JobPicture picture, Shop shop, KnownParts parts) {
        this.picture = picture;
        this.shop = shop;
        this.parts = parts;
    }

    List<JobEntry> treated(Fields said) {
        return switch (said.text("action")) {
            case "lubricate" -> List.of(lubricated(said));
            case "degrease" -> List.of(finished(said, FinishKind.DEGREASED));
            case "polish" -> List.of(finished(said, FinishKind.POLISHED));
            case "blacken" -> List.of(finished(said, FinishKind.BLACKENED));
            case "dry" -> List.of(finished(said, FinishKind.DRIED));
            default -> List.of(cleaned(said));
        };
    }

    private PartName part(Fields said) {
        return parts.known(said.needed("part", "It is not said what was worked on.", "Name the part."));
    }

    private static @MayBeNull Manner manner(Fields said) {
        Manner manner = new Manner(
                said.text("applicator"),
                said.text("amount"),
                said.count("cycles", 0),
                said.text("posture"),
                said.text("until"),
                said.text("achieved"));
        return manner.equals(Manner.NOT_SAID) ? null : manner;
    }

    private TreatEntry finished(Fields said, FinishKind how) {
        return new TreatEntry.Finished(part(said), how, said.text("agent"), manner(said));
    }

    private TreatEntry cleaned(Fields said) {
        PartName part = part(said);
        List<String> materials = shop.materials().guess(part.text());
        String words = said.text("agent");
        Optional<Materials.Agent> agent = agent(words);
        Named with =
                agent.map(one -> Named.of(one.id())).orElseGet(() -> Named.of(words.isEmpty() ? "nothing wet" : words));
        Materials.Judgement judgement = shop.materials().judge(with.id(), materials);
        return new TreatEntry.Cleaned(
                part, with, materials, judgement.verdict(), said.remark(), "", said.text("method"), manner(said));
    }

    private Optional<Materials.Agent> agent(String words) {
        return CalledSo.in(shop.materials().agents(), words);
    }

    private TreatEntry lubricated(Fields said) {
        String point = said.has("point") ? said.text("point") : said.text("part");
        String words = said.text("agent");
        String kind =
                shop.lubrication().guess(point).map(Lubrication.PointKind::id).orElse("");
        Named lubricant = words.equals(Lubrication.NONE)
                ? Named.of(Lubrication.NONE)
                : lubricant(words)
                        .map(one -> Named.of(one.id()))
                        .orElseGet(() -> words.isEmpty() ? usual(kind) : Named.of(words));
        PartName part = parts.knownIn(point).orElseGet(() -> PartName.of(point));
        return new TreatEntry.Lubricated(part, Named.of(point), kind, lubricant, said.remark(), manner(said));
    }

    private Optional<Lubrication.Lubricant> lubricant(String words) {
        return CalledSo.in(shop.lubrication().lubricants(), words);
    }

    /** With what this shop's practice oils such a point; asked for where it has none. */
    private Named usual(String kind) {
        return shop.lubrication()
                .point(kind)
                .map(point -> point.suggested().getOrDefault(shop.practice().school(), ""))
                .flatMap(id -> ById.find(shop.lubrication().lubricants(), id))
                .map(one -> Named.of(one.id()))
                .orElseThrow(() -> new FieldProblem(
                        "agent", "It is not said with what it was oiled.", "Name the oil or grease after the part."));
    }

    List<JobEntry> mended(Fields said) {
        String how =
                said.needed("how", "It is not said how it was mended.", "Say what was done, such as “straightened”.");
        String agreed = said.text("agreed");
        boolean modification =
                !agreed.isEmpty() || how.matches("(?i).*\\b(modification|differs from (the )?factory)\\b.*");
        String what = how.replaceAll("(?i)[, ]*\\b(a )?(modification|differs from (the )?factory)\\b", "");
        return List.of(new TreatEntry.Mended(part(said), what.isEmpty() ? how : what, modification, agreed));
    }

    List<JobEntry> modified(Fields said) {
        String how = said.text("how").toLowerCase(Locale.ROOT);
        ModificationKind kind = how.matches("(re-?)?tap.*")
                ? ModificationKind.RETAPPED
                : how.startsWith("drill") || how.startsWith("open") || how.startsWith("ream")
                        ? ModificationKind.DRILLED
                        : how.startsWith("bridge") ? ModificationKind.BRIDGED : ModificationKind.FILED;
        String what = said.has("what") ? said.text("what") : how.isEmpty() ? kind.label() : how;
        return List.of(new TreatEntry.Modified(
                part(said),
                kind,
                what,
                "",
                said.number("limitMm").orElse(null),
                said.number("amountMm").orElse(null),
                said.remark(),
                said.text("agreed"),
                said.text("pastReason")));
    }

    List<JobEntry> waiting(Fields said) {
        String what = said.has("what") ? said.text("what") : said.has("part") ? said.text("part") : "drying";
        PartName part = said.has("part")
                ? parts.known(said.text("part"))
                : parts.knownIn(what).orElse(null);
        Optional<Lubrication.WaitKind> usual = CalledSo.in(shop.lubrication().waits(), what);
        if (!said.has("minutes") && usual.isPresent()) {
            Lubrication.WaitKind kind = usual.get();
            return List.of(new TreatEntry.WaitStarted(
                    part, new Named(kind.id(), kind.label()), kind.minutes(), kind.latestMinutes(), "", kind.late()));
        }
        if (!said.has("minutes")) {
            throw new FieldProblem(
                    "minutes", "It is not said how long.", "Say how long: “30 min”, “2 h”, “overnight”.");
        }
        return List.of(new TreatEntry.WaitStarted(part, what, said.count("minutes", 1)));
    }

    List<JobEntry> waitOver(Fields said) {
        String key = said.text("what").toLowerCase(Locale.ROOT);
        return picture.treat().waits().stream()
                .filter(wait -> wait.endedAt().isEmpty())
                .filter(wait -> wait.what().words().toLowerCase(Locale.ROOT).contains(key)
                        || wait.part() != null && wait.part().key().contains(key))
                .min(java.util.Comparator.comparing(TreatPicture.Wait::endsAt))
                .<List<JobEntry>>map(wait -> List.of(new TreatEntry.WaitEnded(wait.id(), said.remark())))
                .orElseThrow(() -> new FieldProblem(
                        "what", "No wait by that name is running.", "End it where it is shown, among the waits."));
    }

    List<JobEntry> dryRun(Fields said) {
        DryRunResult result = said.choice("result", DryRunResult.class)
                .orElseThrow(() -> new FieldProblem(
                        "result", "It is not said how it runs.", "Say whether it runs free, rough, or sticks."));
        return List.of(new TreatEntry.RunDry(part(said), result, said.remark()));
    }

    List<JobEntry> madeOf(Fields said) {
        List<String> materials = said.texts("materials").stream()
                .map(words -> CalledSo.in(shop.materials().materials(), words)
                        .map(Materials.Material::id)
                        .orElseThrow(() -> new FieldProblem(
                                "materials",
                                "“" + words + "” is not in the table of materials.",
                                "Name one that is, or add it in Settings.")))
                .toList();
        return List.of(new TreatEntry.MadeOf(part(said), materials));
    }

    List<JobEntry> probed(Fields said) {
        ProbeKind meter = said.choice("meter", ProbeKind.class).orElse(ProbeKind.CONTINUITY);
        return List.of(new TreatEntry.Probed(
                meter, said.text("from"), said.text("to"), said.number("value").orElse(null), "", said.remark()));
    }
}
