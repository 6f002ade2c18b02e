package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.logline.Reading.Chip;
import ruvant.core.logline.Reading.Kind;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TreatEntry;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.ById;
import ruvant.core.units.PartName;

/** Reads the lines of the floor: cleaning, oil and waits. */
final class FloorReader {
    private static final Pattern MINUTES =
            Pattern.compile("([0-9]{1,3}(?:[.,][0-9])?) ?(minutes?|min|m|hours?|h|days?|d)\\b");

    private final JobPicture picture;
    private final Shop shop;
    private final KnownParts parts;

    FloorReader(JobPicture picture, Shop shop, KnownParts parts) {
        this.picture = picture;
        this.shop = shop;
        this.parts = parts;
    }

    Reading clean(String rest, String tail) {
        String said = Replies.said(rest, tail);
        for (Materials.Agent agent : shop.materials().agents()) {
            for (String name : List.of(agent.id(), agent.label().split("[ (,]")[0])) {
                Matcher matcher = Pattern.compile("(?i)^(.+?)[ ,]+(?:with )?" + Pattern.quote(name) + "\\b[ ,]*(.*)$")
                        .matcher(said);
                if (matcher.matches()) {
                    return cleaned(matcher.group(1), agent, matcher.group(2));
                }
            }
        }
        return Replies.asking(
                said.isEmpty() ? "What was cleaned?" : "With what? Say, for example, “" + said + " naphtha”.",
                said.isEmpty()
                        ? parts.partNames("", false)
                        : shop.materials().agents().stream()
                                .map(Materials.Agent::id)
                                .toList());
    }

    private Reading cleaned(String written, Materials.Agent agent, String reason) {
        PartName part = parts.known(written);
        List<String> materials = shop.materials().guess(part.text());
        Materials.Judgement judgement = shop.materials().judge(agent.id(), materials);
        List<Chip> chips = new ArrayList<>(List.of(
                new Chip(Kind.ACTION, "Cleaned: " + part),
                new Chip(Kind.DETAIL, agent.label()),
                new Chip(
                        judgement.reasons().isEmpty() ? Kind.DETAIL : Kind.HAZARD,
                        judgement.reasons().isEmpty()
                                ? judgement.verdict().label()
                                : String.join("; ", judgement.reasons()))));
        if (!reason.isEmpty()) {
            chips.add(new Chip(Kind.NOTE, reason));
        }
        return new Reading(
                chips,
                List.of(new TreatEntry.Cleaned(part, agent.id(), materials, judgement.verdict(), reason)),
                Optional.empty(),
                List.of());
    }

    Reading oil(String rest, String tail) {
        String said = Replies.said(rest, tail);
        if (said.isEmpty()) {
            return Replies.asking("Which point was oiled?", List.of());
        }
        for (Lubrication.Lubricant lubricant : shop.lubrication().lubricants()) {
            for (String name :
                    List.of(lubricant.label(), lubricant.id(), lubricant.label().split(" ")[0])) {
                Matcher matcher = Pattern.compile("(?i)^(.+?)[ ,]+(?:with )?" + Pattern.quote(name) + "\\b[ ,]*(.*)$")
                        .matcher(said);
                if (matcher.matches()) {
                    return oiled(matcher.group(1), lubricant, matcher.group(2));
                }
            }
        }
        Optional<Lubrication.Lubricant> usual = shop.lubrication()
                .guess(said)
                .map(kind -> kind.suggested().getOrDefault(shop.practice().school(), ""))
                .flatMap(id -> ById.find(shop.lubrication().lubricants(), id));
        return usual.map(lubricant -> oiled(said, lubricant, ""))
                .orElseGet(() -> Replies.asking(
                        "With what? Say, for example, “" + said + " moly”.",
                        shop.lubrication().lubricants().stream()
                                .map(Lubrication.Lubricant::id)
                                .toList()));
    }

    private Reading oiled(String point, Lubrication.Lubricant lubricant, String reason) {
        String kind =
                shop.lubrication().guess(point).map(Lubrication.PointKind::id).orElse("");
        PartName part = parts.knownIn(point).orElse(PartName.of(point));
        List<Chip> chips = new ArrayList<>(
                List.of(new Chip(Kind.ACTION, "Oiled: " + point), new Chip(Kind.DETAIL, lubricant.label())));
        if (!reason.isEmpty()) {
            chips.add(new Chip(Kind.NOTE, reason));
        }
        return new Reading(
                chips,
                List.of(new TreatEntry.Lubricated(part, point, kind, lubricant.id(), reason)),
                Optional.empty(),
                List.of());
    }

    Reading waiting(String verb, String said) {
        Matcher matcher = MINUTES.matcher(said.replace("overnight", "16 h"));
        if (!matcher.find()) {
            return Replies.asking("How long? Say, for example, “wait rail drying 30 min”.", List.of());
        }
        double number = Double.parseDouble(matcher.group(1).replace(',', '.'));
        int minutes = (int) Math.round(number
                * switch (matcher.group(2).charAt(0)) {
                    case 'h' -> 60;
                    case 'd' -> 1440;
                    default -> 1;
                });
        String what = new StringBuilder(said.replace("overnight", "16 h"))
                .delete(matcher.start(), matcher.end())
                .toString()
                .replaceAll("[ ,]+$|^[ ,]+", "");
        PartName part = parts.knownIn(what).orElse(null);
        boolean says = verb.equalsIgnoreCase("soak") || verb.equalsIgnoreCase("rest");
        String whole = says ? (verb.toLowerCase(Locale.ROOT) + " " + what).strip() : what.isEmpty() ? "drying" : what;
        return Replies.logged(
                "Wait: " + whole + ", " + minutes + " min", new TreatEntry.WaitStarted(part, whole, minutes));
    }

    /** The wait that was over first, of those that the words speak of; any, where they speak of none. */
    Reading over(String rest, String tail) {
        String key = rest.toLowerCase(Locale.ROOT);
        return picture.treat().waits().stream()
                .filter(wait -> wait.endedAt().isEmpty())
                .filter(wait -> wait.what().words().toLowerCase(Locale.ROOT).contains(key)
                        || (wait.part() != null && wait.part().key().contains(key)))
                .min(java.util.Comparator.comparing(TreatPicture.Wait::endsAt))
                .map(wait -> Replies.logged("Wait finished: " + wait.what(), new TreatEntry.WaitEnded(wait.id(), tail)))
                .orElseGet(() -> Replies.asking("Which wait has finished? None by that name is running.", List.of()));
    }
}
