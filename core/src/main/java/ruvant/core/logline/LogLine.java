package ruvant.core.logline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.knowledge.KnownPart;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.logline.Reading.Chip;
import ruvant.core.logline.Reading.Kind;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.prove.ProveEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.ModificationKind;
import ruvant.core.trade.Side;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;

/**
 * Reads one line of shorthand: a word for what was done, what it was done to, and pieces after commas. A line whose
 * first word says nothing is a note; a piece that says nothing stays as remark.
 */
public final class LogLine {
    /** Commas and semicolons part a line, but not the comma in {@code 1,4x3}. */
    private static final Pattern PARTED = Pattern.compile(";|,(?![0-9])|(?<![0-9]),");

    private static final Pattern FASTENED = Pattern.compile("(?<= )[0-9]{1,2} *x? ");

    private static final Map<String, String> VERBS = verbs(
            "off: off of remove removed unscrew took take",
            "back: back refit refitted put",
            "found: found find",
            "clean: clean cleaned flush flushed wipe wiped wash",
            "oil: oil oiled lube grease greased lubricate lubricated",
            "lost: lost",
            "symptom: symptom shows",
            "suspect: suspect suspects",
            "clear: clear cleared",
            "cause: cause",
            "wait: wait rest soak",
            "need: need needs order",
            "replace: replace replaced",
            "mend: mend mended fixed bent",
            "file: file filed",
            "drill: drill drilled",
            "retap: retap retapped",
            "bridge: bridge bridged",
            "fit: fit fits fitted",
            "decide: decide decided decision",
            "note: note",
            "state: state now cocked released",
            "let: let",
            "wound: wound wind",
            "missing: missing absent",
            "surplus: surplus extra",
            "destroyed: destroyed broke broken",
            "trial: trial",
            "tried: tried",
            "leave: leave left",
            "move: move moved",
            "picture: picture pictures photo photographed",
            "outside: outside",
            "sign: sign",
            "works: works",
            "doubtful: doubtful",
            "fails: fails",
            "scope: scope",
            "done: done",
            "slip: slip slipped mistake",
            "tool: tool",
            "swap: swap swapped",
            "root: root",
            "turn: turn turned turns",
            "result: result reads",
            "time: time timed",
            "ear: ear guess sounds",
            "sit: sit sat",
            "up: got up",
            "good: good",
            "miss: miss missed",
            "check: check",
            "over: over",
            "advise: advise advice",
            "battery: battery");

    private static final int SHORTEST_FORGIVEN = 7;

    private final JobPicture picture;
    private final TradeLists lists;
    private final Nouns nouns;
    private final Supplier<ModelKnowledge> earlier;
    private final KnownParts parts;
    private final FloorReader floor;
    private final SittingReader sitting;
    private final MechanismReader mechanism;
    private final IntakeReader intake;
    private final FindReader find;
    private final PartsReader repairs;
    private final ModifyReader modify;
    private final LyingReader lying;
    private final SpeedReader speeds;
    private final AdjustReader adjusters;

    /** @param picture the job the line is about: its parts are known words */
    public LogLine(JobPicture picture, Shop shop) {
        this(picture, shop, () -> ModelKnowledge.of(List.of()));
    }

    /** @param earlier what other jobs taught, offered where a removal is said; asked for only then */
    public LogLine(JobPicture picture, Shop shop, Supplier<ModelKnowledge> earlier) {
        this.picture = picture;
        this.lists = shop.lists();
        this.nouns = Nouns.of(lists);
        this.earlier = earlier;
        this.parts = new KnownParts(picture.valley());
        this.floor = new FloorReader(picture, shop, parts);
        this.sitting = new SittingReader(picture);
        this.mechanism = new MechanismReader(picture, parts, nouns);
        this.intake = new IntakeReader(picture, lists, nouns);
        this.find = new FindReader(picture);
        this.repairs = new PartsReader(parts);
        this.modify = new ModifyReader(picture, parts);
        this.lying = new LyingReader(parts);
        this.speeds = new SpeedReader(picture);
        this.adjusters = new AdjustReader(picture, shop, earlier);
    }

    /** Reads a line; never throws: what cannot be is asked about. */
    public Reading read(String line) {
        String text = line == null ? "" : line.strip();
        if (text.isEmpty()) {
            return new Reading(
                    List.of(), List.of(), Optional.empty(), List.copyOf(new java.util.TreeSet<>(VERBS.values())));
        }
        try {
            return understood(text);
        } catch (FieldProblem problem) {
            return new Reading(
                    List.of(new Chip(Kind.NOTE, text)),
                    List.of(),
                    Optional.of(problem.getMessage() + " " + problem.remedy()),
                    List.of());
        }
    }

    private Reading understood(String text) {
        Optional<Reading> state = mechanism.state(text);
        if (state.isPresent()) {
            return state.get();
        }
        String[] pieces = PARTED.split(text);
        if (pieces.length == 0) {
            return note(text);
        }
        String[] words = pieces[0].strip().split("\\s+", 2);
        String rest = words.length > 1 ? words[1].strip() : "";
        String verb = verb(words[0].toLowerCase(Locale.ROOT).replaceFirst(":$", ""));
        String tail =
                text.substring(pieces[0].length()).replaceFirst("^[,;]\\s*", "").strip();
        List<String> more = Arrays.asList(pieces).subList(1, pieces.length);
        return switch (verb) {
            case "off" -> off(said(words[0], "take|took", "off", rest), more);
            case "back" -> back(said(words[0], "put", "back", rest), tail);
            case "found" -> find.foundOrFoundAgain(text, rest);
            case "clean" -> floor.clean(rest, tail);
            case "oil" -> floor.oil(rest, tail);
            case "lost" -> mechanism.lost(rest, tail);
            case "symptom" -> Replies.one("Symptom: ", Replies.said(rest, tail), FindEntry.SymptomSeen::new);
            case "suspect" -> find.suspect(rest, tail);
            case "clear" -> find.clear(rest, tail);
            case "cause" -> find.cause(rest, tail);
            case "wait" -> floor.waiting(words[0], Replies.said(rest, tail));
            case "need" -> repairs.need(rest, tail);
            case "replace" -> repairs.replace(rest, tail);
            case "mend" -> repairs.mend(rest, tail);
            case "file" -> modify.modified(ModificationKind.FILED, rest, tail);
            case "drill" -> modify.modified(ModificationKind.DRILLED, rest, tail);
            case "retap" -> modify.modified(ModificationKind.RETAPPED, rest, tail);
            case "bridge" -> modify.modified(ModificationKind.BRIDGED, rest, tail);
            case "fit" -> modify.fitted(rest, tail);
            case "decide" -> sitting.decide(Replies.said(rest, tail));
            case "sit" -> sitting.sit(rest.replaceFirst("(?i)^down ?", ""), tail);
            case "up" ->
                words[0].equalsIgnoreCase("up") || rest.toLowerCase(Locale.ROOT).startsWith("up")
                        ? Replies.logged(
                                "Work stopped",
                                new SittingEntry.GotUp(Replies.said(rest.replaceFirst("(?i)^up\\b *", ""), tail)))
                        : note(text);
            case "good" ->
                rest.isEmpty() ? Replies.logged("Good firing", new ProveEntry.Fired(true, tail)) : note(text);
            case "miss" -> Replies.logged("Miss", new ProveEntry.Fired(false, Replies.said(rest, tail)));
            case "check" -> gate(rest, tail);
            case "over" -> floor.over(rest, tail);
            case "advise" -> Replies.one("Advice: ", Replies.said(rest, tail), HandoverEntry.Advised::new);
            case "battery" ->
                Replies.one("Battery to use: ", Replies.said(rest, tail), HandoverEntry.BatteryChosen::new);
            case "let" -> rest.matches("(?i)down\\b.*") ? mechanism.letDown(rest, tail) : note(text);
            case "wound" -> mechanism.wound(rest, tail);
            case "missing" -> mechanism.missing(rest, tail);
            case "surplus" -> mechanism.surplus(rest, tail);
            case "destroyed" -> mechanism.destroyed(rest, tail);
            case "trial" -> mechanism.trial(rest, tail);
            case "tried" -> mechanism.tried(rest, tail);
            case "leave" ->
                rest.toLowerCase(Locale.ROOT).matches("alone\\b.*")
                        ? lying.alone(rest, tail)
                        : mechanism.leave(rest, tail);
            case "move" -> lying.move(rest, tail);
            case "picture" -> lying.picture(rest, tail);
            case "outside" -> intake.outside(rest, tail);
            case "sign" -> intake.sign(rest, tail);
            case "works" -> intake.function(FunctionResult.WORKS, rest, tail);
            case "doubtful" -> intake.function(FunctionResult.DOUBTFUL, rest, tail);
            case "fails" -> intake.function(FunctionResult.FAILS, rest, tail);
            case "scope" -> intake.scope(Replies.said(rest, tail));
            case "done" -> intake.done(rest, tail);
            case "slip" -> sitting.slip(rest, tail);
            case "tool" -> sitting.tool(rest, tail);
            case "state" -> mechanism.nearState(text).orElseGet(() -> note(text));
            case "swap" -> find.swap(rest, tail);
            case "root" -> find.root(Replies.said(rest, tail));
            case "turn" -> adjusters.turn(rest, tail).orElseGet(() -> note(text));
            case "result" -> adjusters.result(Replies.said(rest, tail)).orElseGet(() -> note(text));
            case "time" -> speeds.timed(Replies.said(rest, tail));
            case "ear" -> speeds.guessed(Replies.said(rest, tail));
            case "note" -> note(Replies.said(rest, tail));
            default -> mechanism.nearState(text).orElseGet(() -> note(text));
        };
    }

    /** "took off the ring", "put back the ring": the second word belongs to the verb, but not in "back back cover". */
    private static String said(String verb, String ofTwo, String second, String rest) {
        return verb.toLowerCase(Locale.ROOT).matches(ofTwo) ? rest.replaceFirst("(?i)^" + second + " ", "") : rest;
    }

    private Reading off(String part, List<String> more) {
        if (part.isEmpty()) {
            return Replies.asking("What came off?", next(earlier.get(), picture));
        }
        String name = FASTENED.matcher(part).find() ? nameBefore(part) : part;
        RemovalReader reader = new RemovalReader(parts.again(name), usualSide(), parts, lists, nouns);
        if (name.length() < part.length()) {
            reader.piece(part.substring(name.length()));
        }
        more.forEach(reader::piece);
        List<String> offered = more.isEmpty() && name.equals(part) ? usuallyNext(part) : List.of();
        return new Reading(reader.chips(), List.of(reader.removed()), Optional.empty(), offered);
    }

    private List<String> usuallyNext(String begun) {
        ModelKnowledge known = earlier.get();
        List<String> usual = beginning(next(known, picture).stream(), begun);
        // somebody who began another name goes another way
        Stream<String> names = (usual.isEmpty() ? beginning(anyOther(known, picture), begun) : usual).stream();
        Stream<String> fasteners = known.part(begun).stream()
                .filter(part -> !part.held().fasteners().isEmpty())
                .map(part -> ", "
                        + part.held().fasteners().stream().map(Shorthand::of).collect(Collectors.joining(" + ")));
        return Stream.concat(fasteners, names).toList();
    }

    private static List<String> beginning(Stream<String> names, String begun) {
        String start = begun.toLowerCase(Locale.ROOT);
        return names.filter(name -> name.toLowerCase(Locale.ROOT).startsWith(start) && name.length() > begun.length())
                .toList();
    }

    private static List<String> next(ModelKnowledge known, JobPicture picture) {
        return known.next(picture.valley()).stream().map(KnownPart::name).toList();
    }

    /** Whatever else such cameras have. */
    private static Stream<String> anyOther(ModelKnowledge known, JobPicture picture) {
        Set<PartName> met =
                picture.valley().parts().stream().map(ValleyPart::name).collect(Collectors.toSet());
        return known.parts().stream().map(KnownPart::name).filter(name -> !met.contains(PartName.of(name)));
    }

    /** The part's name where the fasteners follow it without a comma: "off top plate 3 slot 1.7x3". */
    private String nameBefore(String part) {
        Matcher start = FASTENED.matcher(part);
        while (start.find()) {
            if (start.start() > 0
                    && new FastenerReader(nouns)
                            .whole(part.substring(start.start()))
                            .isPresent()) {
                return part.substring(0, start.start()).strip();
            }
        }
        return part;
    }

    /** Work goes on where it went on last: the side of the last thing that came off and still is. */
    private Side usualSide() {
        List<ValleyPart> out = picture.valley().out();
        return out.isEmpty() ? Side.TOP : out.getLast().removed().side();
    }

    private Reading back(String written, String tail) {
        Optional<ValleyPart> part = parts.partOut(written);
        if (part.isEmpty()) {
            return Replies.asking(
                    written.isEmpty() ? "What goes back?" : "Which part is “" + written + "”?",
                    parts.partNames(written, true));
        }
        List<FastenersBack> all = part.get().removed().fasteners().stream()
                .map(one -> new FastenersBack(one.type(), one.count(), 0, 0))
                .toList();
        List<Chip> chips = new ArrayList<>(
                List.of(new Chip(Kind.ACTION, "Put back: " + part.get().name())));
        part.get().removed().fasteners().forEach(one -> chips.add(new Chip(Kind.DETAIL, one.words() + " back")));
        if (!tail.isEmpty()) {
            chips.add(new Chip(Kind.NOTE, tail));
        }
        return new Reading(
                chips, List.of(new RefitEntry.Refitted(part.get().name(), all, "", tail)), Optional.empty(), List.of());
    }

    /** Short verbs are taken as they stand: one letter makes another word of them, as of "look" and "took". */
    private static String verb(String word) {
        return word.length() < SHORTEST_FORGIVEN
                ? VERBS.getOrDefault(word, "")
                : Spelling.nearest(word, VERBS.keySet()).map(VERBS::get).orElse("");
    }

    private Reading gate(String rest, String tail) {
        Optional<ValleyPart> part = parts.partOut(rest);
        return part.isEmpty() || tail.isEmpty()
                ? Replies.asking(
                        "Say, for example, “check front plate, lever left of the post”.", parts.partNames(rest, true))
                : Replies.logged(
                        "Check before " + part.get().name(),
                        new RefitEntry.GateAdded(part.get().name(), tail));
    }

    private Reading note(String text) {
        return text.isEmpty()
                ? Replies.asking("What do you want to note?", List.of())
                : new Reading(
                        List.of(new Chip(Kind.NOTE, "Note: " + text)),
                        List.of(new SittingEntry.Noted(text)),
                        Optional.empty(),
                        completions(text));
    }

    private List<String> completions(String text) {
        return VERBS.keySet().stream()
                .filter(verb -> verb.startsWith(text.toLowerCase(Locale.ROOT)))
                .sorted()
                .toList();
    }

    private static Map<String, String> verbs(String... rows) {
        Map<String, String> all = new java.util.HashMap<>();
        for (String row : rows) {
            String[] halves = row.split(": ");
            Arrays.stream(halves[1].split(" ")).forEach(word -> all.put(word, halves[0]));
        }
        return Map.copyOf(all);
    }
}
