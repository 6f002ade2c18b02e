package ruvant.core.logline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import ruvant.core.find.FindPicture;
import ruvant.core.intake.FunctionList;
import ruvant.core.intake.IntakePicture;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.said.LineContext;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.Drive;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.HeadForm;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Stop;

/** What is known where a line is typed: the camera, its model, and the words of its shop. */
final class SpokenHere {
    private final JobPicture picture;
    private final Shop shop;
    private final Supplier<ModelKnowledge> earlier;
    private final AdjustLines adjusters;

    SpokenHere(JobPicture picture, Shop shop, Supplier<ModelKnowledge> earlier, AdjustLines adjusters) {
        this.picture = picture;
        this.shop = shop;
        this.earlier = earlier;
        this.adjusters = adjusters;
    }

    /** Whether anything was done about the fault, so that a verdict is a proof and not how it came in. */
    static boolean afterWork(JobPicture picture) {
        return !picture.treat().cleaned().isEmpty()
                || !picture.treat().lubricated().isEmpty()
                || !picture.treat().mended().isEmpty()
                || !picture.treat().modified().isEmpty()
                || !picture.treat().finished().isEmpty()
                || !picture.parts().replacements().isEmpty()
                || picture.adjust().adjusters().stream().anyMatch(one -> one.timesTurned() > 0);
    }

    /** @param taught words that the shop's people taught, by class */
    LineContext at(Stop stop, Map<String, List<String>> taught) {
        List<String> off =
                picture.valley().out().stream().map(part -> part.name().text()).toList();
        Stream<String> back = picture.valley().parts().stream()
                .filter(part -> !part.out())
                .map(part -> part.name().text());
        Stream<String> model = earlier.get().parts().stream().map(KnownPart::name);
        Map<String, List<String>> words = words();
        taught.forEach((name, phrases) -> {
            if (!name.equals("part")) {
                words.computeIfAbsent(name, any -> new ArrayList<>()).addAll(phrases);
            }
        });
        List<String> known = Stream.of(back, model, taught.getOrDefault("part", List.of()).stream())
                .flatMap(one -> one)
                .filter(name -> !off.contains(name))
                .distinct()
                .toList();
        return new LineContext(stop, off, known, afterWork(picture), words);
    }

    private Map<String, List<String>> words() {
        Map<String, List<String>> words = new HashMap<>();
        nouns(words, "shop drive", "drive", Drive.class);
        nouns(words, "shop form", "head", HeadForm.class);
        nouns(words, "shop holds", "fastener", FastenerKind.class);
        nouns(words, "shop trait", "trait", FastenerTrait.class);
        nouns(words, "shop hazard", "hazard", Hazard.class);
        nouns(words, "shop state", "state", MechanismState.class);
        nouns(words, "outside condition", "condition", ConditionKind.class);
        put(words, "shop holds", Stream.of("SET_SCREW = set screw", "SET_SCREW = set screws", "RING_NUT = ring nut"));
        put(
                words,
                "open suspect",
                picture.find().suspects().stream()
                        .filter(one -> one.state() == FindPicture.State.OPEN)
                        .map(FindPicture.Suspect::name)
                        .flatMap(name -> Stream.of(name, name.substring(name.lastIndexOf(' ') + 1))));
        put(
                words,
                "running wait",
                picture.treat().waits().stream()
                        .filter(wait -> wait.endedAt().isEmpty())
                        .flatMap(wait -> Stream.of(
                                wait.what().words(),
                                wait.part() == null ? "" : wait.part().text())));
        put(
                words,
                "open scope",
                picture.intake().scope().stream()
                        .filter(item -> item.state() == IntakePicture.ScopeState.OPEN)
                        .map(item -> item.what().words()));
        put(
                words,
                "adjuster",
                adjusters.names().stream()
                        .flatMap(name -> Stream.of(name, name.substring(name.lastIndexOf(' ') + 1)))
                        .distinct());
        put(words, "judged", adjusters.judgements().stream());
        put(words, "own result", adjusters.results().stream());
        put(words, "result what", adjusters.results().stream());
        // the comma in a name parts the line as any other does
        adjusters.results().stream()
                .map(name -> name.split(", ", 2))
                .filter(halves -> halves.length == 2)
                .forEach(halves -> {
                    put(words, "result head", Stream.of(halves[0]));
                    put(words, "result tail", Stream.of(halves[1]));
                });
        picture.intake()
                .received()
                .ifPresent(in -> put(
                        words,
                        "function",
                        FunctionList.of(in, shop.lists()).stream()
                                .map(one -> one.words())
                                .filter(name -> name.length() > 1 && !name.startsWith("Speed "))));
        put(
                words,
                "agent",
                shop.materials().agents().stream()
                        .flatMap(one -> Stream.of(one.label(), one.label().split("[ (,]")[0])));
        put(words, "lubricant", shop.lubrication().lubricants().stream().map(one -> one.label()));
        put(words, "springs", picture.notes().letDown().stream().map(one -> one.name()));
        return words;
    }

    private <E extends Enum<E>> void nouns(
            Map<String, List<String>> words, String name, String topic, Class<E> choices) {
        put(
                words,
                name,
                shop.lists().nouns(topic, choices).entrySet().stream()
                        .map(one -> one.getValue().name() + " = " + one.getKey()));
    }

    private static void put(Map<String, List<String>> words, String name, Stream<String> phrases) {
        List<String> all = words.computeIfAbsent(name, any -> new ArrayList<>());
        phrases.filter(one -> !one.isBlank())
                .map(one ->
                        one.contains(" = ") ? one : one.toLowerCase(Locale.ROOT).replace('=', ' '))
                .forEach(all::add);
    }
}
