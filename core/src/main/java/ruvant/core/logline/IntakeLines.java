package ruvant.core.logline;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.FunctionList;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.intake.IntakePicture;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.prove.ProveEntry;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Region;
import ruvant.core.trade.Severity;
import ruvant.core.trade.Tried;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Named;

/** What lines about what came in, and how it works, put into the record. */
final class IntakeLines {
    /** What people call a function that the lists call otherwise. */
    private static final Map<String, String> CALLED = Map.ofEntries(
            Map.entry("selftimer", "self-timer"),
            Map.entry("timer", "self-timer"),
            Map.entry("delayed action", "self-timer"),
            Map.entry("wind", "advance"),
            Map.entry("film wind", "advance"),
            Map.entry("film transport", "advance"),
            Map.entry("transport", "advance"),
            Map.entry("light meter", "meter"),
            Map.entry("lightmeter", "meter"),
            Map.entry("flash", "flash contact"),
            Map.entry("flash sync", "flash contact"),
            Map.entry("x sync", "flash contact"),
            Map.entry("sync", "flash contact"),
            Map.entry("frame counter", "counter"),
            Map.entry("film counter", "counter"),
            Map.entry("iris", "aperture"),
            Map.entry("bulb", "b"));

    private final JobPicture picture;
    private final Shop shop;
    private final KnownParts parts;

    IntakeLines(JobPicture picture, Shop shop, KnownParts parts) {
        this.picture = picture;
        this.shop = shop;
        this.parts = parts;
    }

    /** As it came in, or a proof after the work, which is another entry and never takes the place of the first. */
    List<JobEntry> function(Fields said) {
        Named function = named(said.needed("function", "No function is named.", "Name what was tried."));
        FunctionResult result = said.choice("verdict", FunctionResult.class)
                .orElseThrow(() -> new FieldProblem(
                        "verdict", "It is not said how it went.", "Say whether it works, is doubtful or fails."));
        Tried tried = new Tried(said.text("speed"), said.text("with"), said.count("good", 0), said.count("of", 0));
        Tried how = tried.words().isEmpty() ? null : tried;
        return List.of(
                said.is("before")
                        ? new IntakeEntry.FunctionChecked(function, result, said.remark(), how)
                        : new ProveEntry.FunctionProved(function, result, said.remark(), how));
    }

    private Named named(String said) {
        String key = said.toLowerCase(Locale.ROOT);
        String usual = CALLED.getOrDefault(key, key);
        return FunctionList.of(picture.received(), shop.lists()).stream()
                .filter(one -> same(one.words(), usual) || same(one.words(), "speed " + usual))
                .findFirst()
                .orElseGet(() -> Named.of(said));
    }

    private static boolean same(String one, String other) {
        return one.toLowerCase(Locale.ROOT)
                .replace('-', ' ')
                .equals(other.toLowerCase(Locale.ROOT).replace('-', ' '));
    }

    List<JobEntry> visitorSign(Fields said) {
        String sign = said.text("sign");
        List<String> words = List.of(sign.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"));
        Map<String, VisitorSignKind> nouns = shop.lists().nouns("visitorSign", VisitorSignKind.class);
        VisitorSignKind kind = Arrays.stream(VisitorSignKind.values())
                .filter(one -> one.label().equalsIgnoreCase(sign))
                .findFirst()
                .or(() -> words.stream()
                        .map(nouns::get)
                        .filter(java.util.Objects::nonNull)
                        .findFirst())
                .orElse(VisitorSignKind.OTHER);
        return List.of(new IntakeEntry.VisitorSign(
                kind,
                kind.label().equalsIgnoreCase(sign) ? "" : sign,
                said.has("part") ? parts.known(said.text("part")) : null));
    }

    List<JobEntry> outside(Fields said) {
        Region region = said.choice("region", Region.class)
                .orElseThrow(() -> new FieldProblem(
                        "region", "It is not said where outside.", "Say top, bottom, front, back, lens or finder."));
        ConditionKind condition = said.choice("condition", ConditionKind.class).orElse(ConditionKind.OTHER);
        Severity severity = said.choice("severity", Severity.class).orElse(Severity.SLIGHT);
        return List.of(new IntakeEntry.ConditionFound(region, condition, severity, said.remark()));
    }

    List<JobEntry> batteryFound(Fields said) {
        String state = said.text("state");
        String cell = said.has("cell") ? said.text("cell") : state.equals("none") ? "none" : "not named";
        return List.of(new IntakeEntry.BatteryFound(
                cell, state.equals("none") ? "" : state, said.number("voltage").orElse(null)));
    }

    List<JobEntry> batteryToUse(Fields said) {
        return List.of(new HandoverEntry.BatteryChosen(said.text("cell")));
    }

    List<JobEntry> scope(Fields said) {
        return List.of(new IntakeEntry.ScopeAdded(said.text("what")));
    }

    List<JobEntry> scopeDone(Fields said) {
        return List.of(new IntakeEntry.ScopeSettled(agreed(said), true, said.remark()));
    }

    List<JobEntry> scopeLeft(Fields said) {
        return List.of(new IntakeEntry.ScopeSettled(
                agreed(said), false, said.needed("why", "It is not said why.", "Say why it is not done.")));
    }

    /** The open piece of agreed work that is meant. */
    private Named agreed(Fields said) {
        List<Named> open = picture.intake().scope().stream()
                .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                .map(IntakePicture.ScopeItem::what)
                .toList();
        String key = said.text("what").toLowerCase(Locale.ROOT);
        List<Named> meant = open.stream()
                .filter(what -> what.words().toLowerCase(Locale.ROOT).contains(key))
                .toList();
        if (meant.size() == 1) {
            return meant.getFirst();
        }
        throw new FieldProblem(
                "what",
                "“" + said.text("what") + "” is not one piece of agreed work.",
                open.isEmpty()
                        ? "None is open."
                        : "Open are: "
                                + String.join(
                                        ", ", open.stream().map(Named::words).toList()) + ".");
    }
}
