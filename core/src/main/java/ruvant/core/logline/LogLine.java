package ruvant.core.logline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.Entry;
import ruvant.core.job.FindEntry;
import ruvant.core.job.HandoverEntry;
import ruvant.core.job.PartsEntry;
import ruvant.core.job.ProveEntry;
import ruvant.core.job.RefitEntry;
import ruvant.core.job.Side;
import ruvant.core.job.Stop;
import ruvant.core.job.StripEntry;
import ruvant.core.job.TreatEntry;
import ruvant.core.logline.Reading.Chip;
import ruvant.core.logline.Reading.Kind;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.strip.ValleyPart;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;

/**
 * Reads one line of shorthand: a word for what was done, what it was done to, and pieces after commas. A line whose
 * first word says nothing is a note; a piece that says nothing stays as remark.
 */
public final class LogLine {
    /** Commas and semicolons part a line, but not the comma in {@code 1,4x3}. */
    private static final Pattern PARTED = Pattern.compile(";|,(?![0-9])|(?<![0-9]),");

    private static final Map<String, String> VERBS = verbs(
            "off: off of remove removed unscrew took take",
            "back: back refit refitted put",
            "found: found",
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
            "decide: decide decided decision",
            "note: note",
            "sit: sit sat",
            "up: got up",
            "good: good",
            "miss: miss missed",
            "check: check",
            "over: over",
            "advise: advise advice",
            "battery: battery",
            "return: return returned");
    private static final Pattern MINUTES =
            Pattern.compile("([0-9]{1,3}(?:[.,][0-9])?) ?(minutes?|min|m|hours?|h|days?|d)\\b");

    private final JobPicture picture;
    private final Shop shop;

    /** @param picture the job the line is about: its parts are known words */
    public LogLine(JobPicture picture, Shop shop) {
        this.picture = picture;
        this.shop = shop;
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
        String[] pieces = PARTED.split(text);
        String[] words = pieces[0].strip().split("\\s+", 2);
        String rest = words.length > 1 ? words[1].strip() : "";
        String verb = Spelling.nearest(words[0].toLowerCase(Locale.ROOT).replaceFirst(":$", ""), VERBS.keySet())
                .map(VERBS::get)
                .orElse("");
        String tail =
                text.substring(pieces[0].length()).replaceFirst("^[,;]\\s*", "").strip();
        List<String> more = Arrays.asList(pieces).subList(1, pieces.length);
        return switch (verb) {
            case "off" -> off(rest.replaceFirst("(?i)^off ", ""), more);
            case "back" -> back(rest.replaceFirst("(?i)^back ", ""), tail);
            case "found" -> foundOrFoundAgain(text, rest);
            case "clean" -> clean(rest, tail);
            case "oil" -> oil(rest, tail);
            case "lost" -> lost(rest);
            case "symptom" -> one("Symptom: ", said(rest, tail), FindEntry.SymptomSeen::new);
            case "suspect" -> two("Suspect: ", rest, tail, FindEntry.SuspectRaised::new, false);
            case "clear" -> two("Cleared: ", openSuspect(rest), tail, FindEntry.SuspectCleared::new, true);
            case "cause" -> two("Cause: ", openSuspect(rest), tail, FindEntry.CauseConfirmed::new, true);
            case "wait" -> waiting(said(rest, tail));
            case "need" -> need(rest, tail);
            case "replace" -> replace(rest, tail);
            case "mend" -> mend(rest, tail);
            case "decide" -> decide(said(rest, tail));
            case "sit" -> sit(rest.replaceFirst("(?i)^down ?", ""), tail);
            case "up" ->
                words[0].equalsIgnoreCase("up") || rest.toLowerCase(Locale.ROOT).startsWith("up")
                        ? logged("Got up", new BenchEntry.GotUp(tail))
                        : note(text);
            case "good" -> rest.isEmpty() ? logged("Good firing", new ProveEntry.Fired(true, tail)) : note(text);
            case "miss" -> logged("Miss", new ProveEntry.Fired(false, said(rest, tail)));
            case "check" -> gate(rest, tail);
            case "over" -> over(rest, tail);
            case "advise" -> one("Advice: ", said(rest, tail), HandoverEntry.Advised::new);
            case "battery" -> one("Battery to use: ", said(rest, tail), HandoverEntry.BatteryChosen::new);
            case "return" -> returned(rest.replaceFirst("(?i)^to ", ""), tail);
            case "note" -> note(said(rest, tail));
            default -> note(text);
        };
    }

    private Reading off(String part, List<String> more) {
        if (part.isEmpty()) {
            return asking("What came off?", partNames(part, false));
        }
        RemovalReader reader = new RemovalReader(part, usualSide());
        more.forEach(reader::piece);
        return new Reading(reader.chips(), List.of(reader.removed()), Optional.empty(), List.of());
    }

    /** Work goes on where it went on last: the side of the last thing that came off and still is. */
    private Side usualSide() {
        List<ValleyPart> out = picture.valley().out();
        return out.isEmpty() ? Side.TOP : out.getLast().removed().side();
    }

    private Reading back(String written, String tail) {
        Optional<ValleyPart> part = partOut(written);
        if (part.isEmpty()) {
            return asking(
                    written.isEmpty() ? "What goes back?" : "Which part is “" + written + "”?",
                    partNames(written, true));
        }
        List<RefitEntry.FastenersBack> all = part.get().removed().fasteners().stream()
                .map(one -> new RefitEntry.FastenersBack(one.type(), one.count(), 0, 0))
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

    private Reading foundOrFoundAgain(String text, String rest) {
        for (ValleyPart part : picture.valley().out()) {
            for (ValleyPart.Piece piece : part.lost()) {
                if (rest.toLowerCase(Locale.ROOT).contains(piece.what().toLowerCase(Locale.ROOT))) {
                    return logged(
                            "Found again: " + piece.what(),
                            new StripEntry.FoundAgain(part.name(), piece.what(), piece.count()));
                }
            }
        }
        String what = text.replaceFirst("(?i)^\\S+\\s*", "");
        return what.isEmpty()
                ? asking("What was found?", List.of())
                : logged("Found: " + what, new FindEntry.Found(what));
    }

    private Reading clean(String rest, String tail) {
        String said = said(rest, tail);
        for (Materials.Agent agent : shop.materials().agents()) {
            for (String name : List.of(agent.id(), agent.label().split("[ (,]")[0])) {
                Matcher matcher = Pattern.compile("(?i)^(.+?)[ ,]+(?:with )?" + Pattern.quote(name) + "\\b[ ,]*(.*)$")
                        .matcher(said);
                if (matcher.matches()) {
                    return cleaned(matcher.group(1), agent, matcher.group(2));
                }
            }
        }
        return asking(
                said.isEmpty() ? "What was cleaned?" : "With what? Say, for example, “" + said + " naphtha”.",
                said.isEmpty()
                        ? partNames("", false)
                        : shop.materials().agents().stream()
                                .map(Materials.Agent::id)
                                .toList());
    }

    private Reading cleaned(String written, Materials.Agent agent, String reason) {
        PartName part = known(written);
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

    private Reading oil(String rest, String tail) {
        String said = said(rest, tail);
        if (said.isEmpty()) {
            return asking("Which point was oiled?", List.of());
        }
        for (Lubrication.Lubricant lubricant : shop.lubrication().lubricants()) {
            for (String name :
                    List.of(lubricant.id(), lubricant.label(), lubricant.label().split(" ")[0])) {
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
                .flatMap(id -> shop.lubrication().lubricants().stream()
                        .filter(one -> one.id().equals(id))
                        .findFirst());
        return usual.map(lubricant -> oiled(said, lubricant, ""))
                .orElseGet(() -> asking(
                        "With what? Say, for example, “" + said + " moly”.",
                        shop.lubrication().lubricants().stream()
                                .map(Lubrication.Lubricant::id)
                                .toList()));
    }

    private Reading oiled(String point, Lubrication.Lubricant lubricant, String reason) {
        String kind =
                shop.lubrication().guess(point).map(Lubrication.PointKind::id).orElse("");
        PartName part = knownIn(point).orElse(PartName.of(point));
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

    private Reading lost(String rest) {
        Matcher counted = Pattern.compile("(?:([0-9]{1,2})\\s*x?\\s+)?(.+)").matcher(rest);
        if (!counted.matches()) {
            return asking("What is lost?", partNames("", true));
        }
        int count = counted.group(1) == null ? 1 : Integer.parseInt(counted.group(1));
        String what = counted.group(2).toLowerCase(Locale.ROOT);
        for (ValleyPart part : picture.valley().out()) {
            for (String piece : pieces(part)) {
                if (piece.toLowerCase(Locale.ROOT).contains(what) || what.contains(piece.toLowerCase(Locale.ROOT))) {
                    return logged(
                            "Lost: " + count + " × " + piece + " of " + part.name(),
                            new StripEntry.Lost(part.name(), piece, count));
                }
            }
        }
        return asking("Of which part is “" + rest + "”? Nothing that is out has such a piece.", partNames("", true));
    }

    private static List<String> pieces(ValleyPart part) {
        List<String> pieces = new ArrayList<>();
        part.removed().loose().forEach(one -> pieces.add(one.name()));
        part.removed().fasteners().forEach(one -> pieces.add(one.type()));
        pieces.add(part.name().text());
        return pieces;
    }

    private Reading waiting(String said) {
        Matcher matcher = MINUTES.matcher(said.replace("overnight", "16 h"));
        if (!matcher.find()) {
            return asking("How long? Say, for example, “wait rail drying 30 min”.", List.of());
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
        PartName part = knownIn(what).orElse(null);
        return logged(
                "Wait: " + (what.isEmpty() ? "drying" : what) + ", " + minutes + " min",
                new TreatEntry.WaitStarted(part, what.isEmpty() ? "drying" : what, minutes));
    }

    private Reading need(String rest, String tail) {
        return rest.isEmpty()
                ? asking("What is needed?", partNames("", false))
                : logged("Needed: " + rest, new PartsEntry.NeedOpened(known(rest), said(rest, tail)));
    }

    private Reading replace(String rest, String tail) {
        Matcher matcher =
                Pattern.compile("(?i)(.+?) from (donor |stock |shelf )?(.+)").matcher(rest);
        if (!matcher.matches()) {
            return asking("From where? Say, for example, “replace blade from donor D-3, checked”.", List.of());
        }
        String kind = matcher.group(2) == null ? "" : matcher.group(2).strip().toLowerCase(Locale.ROOT);
        ruvant.core.job.SourceKind source =
                kind.equals("donor") ? ruvant.core.job.SourceKind.DONOR : ruvant.core.job.SourceKind.STOCK;
        boolean checked = tail.toLowerCase(Locale.ROOT).contains("checked");
        PartName part = known(matcher.group(1));
        return logged(
                "Replaced: " + part + " from " + source.label() + " " + matcher.group(3) + (checked ? ", checked" : ""),
                new PartsEntry.Replaced(part, source, matcher.group(3), "", checked, tail));
    }

    private Reading mend(String rest, String tail) {
        return rest.isEmpty() || tail.isEmpty()
                ? asking("What was done? Say, for example, “mend pawl, bent back straight”.", partNames(rest, false))
                : logged("Mended: " + rest + ", " + tail, new TreatEntry.Mended(known(rest), tail, false));
    }

    private Reading decide(String said) {
        String[] halves = said.split("(?i),? because ", 2);
        if (said.isEmpty()) {
            return asking("What was decided?", List.of());
        }
        boolean open = halves.length == 1;
        return logged(
                (open ? "To decide: " : "Decided: ") + said,
                new BenchEntry.Decided(halves[0], open ? "" : halves[1], open));
    }

    private Reading sit(String rest, String tail) {
        Stop stop = Arrays.stream(Stop.values())
                .filter(one -> one.label().equalsIgnoreCase(rest))
                .findFirst()
                .orElse(picture.currentStop());
        boolean stopNamed = stop.label().equalsIgnoreCase(rest);
        String step = stopNamed ? tail : said(rest, tail);
        return logged("Sat down: " + stop.label(), new BenchEntry.SatDown(stop, step));
    }

    /** The wait that was over first, of those that the words speak of; any, where they speak of none. */
    private Reading over(String rest, String tail) {
        String key = rest.toLowerCase(Locale.ROOT);
        return picture.treat().waits().stream()
                .filter(wait -> wait.endedAt().isEmpty())
                .filter(wait -> wait.what().toLowerCase(Locale.ROOT).contains(key)
                        || (wait.part() != null && wait.part().key().contains(key)))
                .min(java.util.Comparator.comparing(TreatPicture.Wait::endsAt))
                .map(wait -> logged("Wait over: " + wait.what(), new TreatEntry.WaitEnded(wait.id(), tail)))
                .orElseGet(() -> asking("Which wait is over? None of that name runs.", List.of()));
    }

    private Reading returned(String to, String tail) {
        String owner = picture.received().owner().name();
        String whom = to.isEmpty() ? owner : to;
        return whom.isEmpty()
                ? asking("To whom was it returned?", List.of())
                : logged("Returned to " + whom, new HandoverEntry.Returned(whom, tail));
    }

    private Reading gate(String rest, String tail) {
        Optional<ValleyPart> part = partOut(rest);
        return part.isEmpty() || tail.isEmpty()
                ? asking("Say, for example, “check front plate, lever left of the post”.", partNames(rest, true))
                : logged(
                        "Check before " + part.get().name(),
                        new RefitEntry.GateAdded(part.get().name(), tail));
    }

    private Reading note(String text) {
        return text.isEmpty()
                ? asking("What is to be noted?", List.of())
                : new Reading(
                        List.of(new Chip(Kind.NOTE, "Note: " + text)),
                        List.of(new BenchEntry.Noted(text)),
                        Optional.empty(),
                        completions(text));
    }

    private List<String> completions(String text) {
        return VERBS.keySet().stream()
                .filter(verb -> verb.startsWith(text.toLowerCase(Locale.ROOT)))
                .sorted()
                .toList();
    }

    private Reading one(String lead, String what, java.util.function.Function<String, Entry> make) {
        return what.isEmpty() ? asking("Which?", List.of()) : logged(lead + what, make.apply(what));
    }

    private Reading two(
            String lead,
            String what,
            String more,
            java.util.function.BiFunction<String, String, Entry> make,
            boolean needed) {
        if (what.isEmpty() || (needed && more.isEmpty())) {
            List<String> open =
                    picture.find().suspects().stream().map(one -> one.name()).toList();
            return asking(
                    what.isEmpty() ? "Which suspect?" : "By what look? Write it after a comma.",
                    what.isEmpty() ? open : List.of());
        }
        return logged(lead + what + (more.isEmpty() ? "" : ", " + more), make.apply(what, more));
    }

    private String openSuspect(String written) {
        return picture.find().suspects().stream()
                .map(one -> one.name())
                .filter(name ->
                        !written.isEmpty() && name.toLowerCase(Locale.ROOT).contains(written.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElse(written);
    }

    private PartName known(String written) {
        return picture.valley().parts().stream()
                .map(ValleyPart::name)
                .filter(name ->
                        Spelling.distance(name.key(), PartName.of(written).key()) <= (written.length() >= 6 ? 2 : 0))
                .findFirst()
                .orElseGet(() -> PartName.of(written));
    }

    private Optional<PartName> knownIn(String said) {
        String text = said.toLowerCase(Locale.ROOT);
        return picture.valley().parts().stream()
                .map(ValleyPart::name)
                .filter(name -> text.contains(name.key()))
                .max(java.util.Comparator.comparingInt(name -> name.key().length()));
    }

    private Optional<ValleyPart> partOut(String written) {
        if (written.isEmpty()) {
            return Optional.empty();
        }
        String key = PartName.of(written).key();
        List<ValleyPart> out = picture.valley().out();
        Optional<ValleyPart> exact =
                out.stream().filter(part -> part.name().key().equals(key)).findFirst();
        List<ValleyPart> near = out.stream()
                .filter(part -> part.name().key().contains(key)
                        || Spelling.distance(part.name().key(), key) <= (key.length() >= 6 ? 2 : 1))
                .toList();
        return exact.or(() -> near.size() == 1 ? Optional.of(near.getFirst()) : Optional.empty());
    }

    private List<String> partNames(String start, boolean outOnly) {
        return (outOnly ? picture.valley().out() : picture.valley().parts())
                .stream()
                        .map(part -> part.name().text())
                        .filter(name -> name.toLowerCase(Locale.ROOT).contains(start.toLowerCase(Locale.ROOT)))
                        .toList();
    }

    private static Reading logged(String chip, Entry entry) {
        return new Reading(List.of(new Chip(Kind.ACTION, chip)), List.of(entry), Optional.empty(), List.of());
    }

    private static Reading asking(String question, List<String> completions) {
        return new Reading(List.of(), List.of(), Optional.of(question), completions);
    }

    private static String said(String rest, String tail) {
        return tail.isEmpty() ? rest : rest.isEmpty() ? tail : rest + ", " + tail;
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
