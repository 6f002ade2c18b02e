package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.picture.JobPicture;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.PartName;
import ruvant.core.units.Turns;

/** Reads what concerns the mechanism as a whole: its state, springs, pieces missing or too many, trials. */
final class MechanismReader {
    private static final Pattern TURNS =
            Pattern.compile("(?:by )?([0-9]{1,3}(?:[.,][0-9]{1,2})?)? ?(1/2|1/4|3/4|½|¼|¾)? ?turns?\\b");
    private static final Pattern UNDONE =
            Pattern.compile("(?i)(?:assembly )?(?:undone|off|apart|over|taken apart)\\b *(.*)");
    private static final Pattern COUNTED = Pattern.compile("(?:([0-9]{1,2}) *[x×]? +)?(.+)");
    private final JobPicture picture;
    private final KnownParts parts;
    private final Nouns nouns;

    MechanismReader(JobPicture picture, KnownParts parts, Nouns nouns) {
        this.picture = picture;
        this.parts = parts;
        this.nouns = nouns;
    }

    /** A whole line that only says how the mechanism stands now. */
    Optional<Reading> state(String line) {
        return nouns.state(stateWords(line), false).map(MechanismReader::standsNow);
    }

    /** The same, mistyped by one letter; only for lines that begin with no other known word. */
    Optional<Reading> nearState(String line) {
        return nouns.state(stateWords(line), true).map(MechanismReader::standsNow);
    }

    private static String stateWords(String line) {
        return line.toLowerCase(Locale.ROOT)
                .replaceFirst("^(now|state|set) +", "")
                .replaceFirst(" now$", "")
                .strip();
    }

    private static Reading standsNow(MechanismState state) {
        return Replies.logged("Now " + state.label(), new StripEntry.StateSet(state));
    }

    Reading letDown(String rest, String tail) {
        Counted counted = turns(Replies.said(rest.replaceFirst("(?i)^down *", ""), tail));
        return counted.name().isEmpty()
                ? Replies.asking("Which spring? For example, “let down mainspring 3 turns”.", List.of())
                : Replies.logged(
                        "Let down: " + counted.name() + counted.words(),
                        new StripEntry.SpringLetDown(counted.name(), counted.turns(), counted.rest()));
    }

    Reading wound(String rest, String tail) {
        Counted counted = turns(Replies.said(rest.replaceFirst("(?i)^up *", ""), tail));
        Optional<String> spring = picture.notes().letDown().stream()
                .map(one -> one.name())
                .filter(name -> counted.name().isEmpty()
                        || name.toLowerCase(Locale.ROOT).contains(counted.name().toLowerCase(Locale.ROOT)))
                .findFirst();
        return spring.map(name -> Replies.logged(
                        "Wound: " + name + counted.words(),
                        new StripEntry.SpringWound(name, counted.turns(), counted.rest())))
                .orElseGet(() -> Replies.asking(
                        "Which spring was wound? None by that name is let down.",
                        picture.notes().letDown().stream()
                                .map(one -> one.name())
                                .toList()));
    }

    private record Counted(String name, double turns, String rest) {
        String words() {
            return turns == 0 ? "" : ", " + Turns.words(turns);
        }
    }

    private static Counted turns(String said) {
        Matcher matcher = TURNS.matcher(said);
        while (matcher.find()) {
            if (matcher.group(1) == null && matcher.group(2) == null) {
                continue;
            }
            double whole = matcher.group(1) == null
                    ? 0
                    : Double.parseDouble(matcher.group(1).replace(',', '.'));
            double part = matcher.group(2) == null
                    ? 0
                    : switch (matcher.group(2)) {
                        case "1/2", "½" -> 0.5;
                        case "1/4", "¼" -> 0.25;
                        default -> 0.75;
                    };
            String name = said.substring(0, matcher.start()).replaceAll("[ ,]+$", "");
            String rest = said.substring(matcher.end()).replaceAll("^[ ,]+", "");
            return new Counted(name, whole + part, rest);
        }
        String[] halves = said.split(", *", 2);
        return new Counted(halves[0].strip(), 0, halves.length > 1 ? halves[1] : "");
    }

    Reading missing(String rest, String tail) {
        Matcher matcher = COUNTED.matcher(rest);
        if (!matcher.matches()) {
            return Replies.asking("What was missing when it came in?", List.of());
        }
        int count = count(matcher);
        return Replies.logged(
                "Missing on arrival: " + count + " × " + matcher.group(2) + (tail.isEmpty() ? "" : ", " + tail),
                new StripEntry.MissingOnArrival(matcher.group(2), count, tail));
    }

    Reading surplus(String rest, String tail) {
        Matcher matcher = COUNTED.matcher(rest);
        if (!matcher.matches()) {
            return Replies.asking("What was left over?", List.of());
        }
        int count = count(matcher);
        String kept = tail.replaceFirst("(?i)^(to|in|into|kept in) (the )?", "");
        return Replies.logged(
                "Left over: " + count + " × " + matcher.group(2) + (kept.isEmpty() ? "" : ", kept in " + kept),
                new StripEntry.Surplus(matcher.group(2), count, kept));
    }

    private static int count(Matcher matcher) {
        return matcher.group(1) == null ? 1 : Math.max(1, Integer.parseInt(matcher.group(1)));
    }

    /** A piece that is gone, and words that were typed beside it. */
    private record Gone(StripEntry.Lost lost, String more) {}

    /** Pieces of what is out that the words may mean. */
    private List<Gone> pieces(String typed) {
        Matcher counted = COUNTED.matcher(typed);
        if (!counted.matches()) {
            return List.of();
        }
        String[] halves = counted.group(2).split("(?i) (?:of|from) (?:the )?", 2);
        String what = halves[0].toLowerCase(Locale.ROOT);
        String whose = halves.length == 1 ? "" : halves[1].toLowerCase(Locale.ROOT);
        List<Gone> meant = new ArrayList<>();
        for (ValleyPart part : picture.valley().out()) {
            boolean here = part.name().key().contains(whose)
                    || whose.startsWith(part.name().key());
            for (String piece : here ? KnownParts.pieces(part) : List.<String>of()) {
                String known = piece.toLowerCase(Locale.ROOT);
                if (known.contains(what.replaceFirst("s$", "")) || what.startsWith(known)) {
                    String beside = what.startsWith(known)
                            ? halves[0]
                                    .substring(known.length())
                                    .replaceFirst("^s\\b", "")
                                    .strip()
                            : "";
                    String besideWhose = whose.length() > part.name().key().length()
                            ? halves[1].substring(part.name().key().length()).strip()
                            : "";
                    meant.add(new Gone(
                            new StripEntry.Lost(part.name(), piece, count(counted)),
                            Replies.said(beside, besideWhose)));
                }
            }
        }
        return meant;
    }

    Reading lost(String rest, String tail) {
        return gone(rest, "lost", gone -> {
            StripEntry.Lost lost = gone.lost();
            String words = "Lost: " + lost.count() + " × " + lost.piece() + " of " + lost.part();
            String more = Replies.said(gone.more(), tail);
            return more.isEmpty()
                    ? Replies.logged(words, lost)
                    : new Reading(
                            List.of(
                                    new Reading.Chip(Reading.Kind.ACTION, words),
                                    new Reading.Chip(Reading.Kind.NOTE, more)),
                            List.of(lost, new SittingEntry.Noted("lost " + lost.piece() + ": " + more)),
                            Optional.empty(),
                            List.of());
        });
    }

    Reading destroyed(String rest, String tail) {
        return gone(rest, "destroyed", gone -> {
            StripEntry.Lost lost = gone.lost();
            return Replies.logged(
                    "Destroyed: " + lost.count() + " × " + lost.piece() + " of " + lost.part(),
                    new StripEntry.Destroyed(lost.part(), lost.piece(), lost.count(), Replies.said(gone.more(), tail)));
        });
    }

    private Reading gone(String rest, String how, Function<Gone, Reading> logged) {
        List<Gone> meant = pieces(rest);
        if (meant.size() == 1) {
            return logged.apply(meant.getFirst());
        }
        return meant.isEmpty()
                ? notThere(rest, "What is " + how + "?")
                : Replies.asking(
                        "Which one? Several have a piece like that.",
                        meant.stream()
                                .map(one ->
                                        one.lost().piece() + " of " + one.lost().part())
                                .toList());
    }

    private Reading notThere(String rest, String question) {
        return Replies.asking(
                rest.isEmpty() ? question : "Of which part is “" + rest + "”? Nothing that is out has such a piece.",
                parts.partNames("", true));
    }

    Reading trial(String rest, String tail) {
        Matcher undone = UNDONE.matcher(rest);
        if (undone.matches()) {
            return Replies.logged(
                    "Trial assembly taken apart", new RefitEntry.TrialUndone(Replies.said(undone.group(1), tail)));
        }
        String[] halves = rest.split("(?i) +(?=(?:with|by|held) )", 2);
        List<PartName> laid = new ArrayList<>();
        for (String one : halves[0].replaceFirst("(?i)^assembly( of)? *", "").split(" *(?:\\+|&| and ) *")) {
            Optional<ValleyPart> part = parts.partOut(one.strip());
            if (part.isEmpty()) {
                return Replies.asking(
                        one.isBlank()
                                ? "Which parts are in the trial assembly?"
                                : "Which part is “" + one.strip() + "”?",
                        parts.partNames(one.strip(), true));
            }
            laid.add(part.get().name());
        }
        String how = Replies.said(halves.length > 1 ? halves[1] : "", tail);
        return Replies.logged(
                "Trial assembly: "
                        + String.join(", ", laid.stream().map(PartName::text).toList())
                        + (how.isEmpty() ? "" : ", " + how),
                new RefitEntry.TrialAssembled(laid, how));
    }

    Reading tried(String rest, String tail) {
        String name = rest.replaceFirst("(?i)[ ,]*(in place|unfixed|not fixed)$", "");
        String remark = tail.replaceFirst("(?i)^(unfixed|not fixed( yet)?|without its clip)[ ,]*", "");
        return parts.partOut(name)
                .map(part -> Replies.logged(
                        "Tried, not fixed: " + part.name(), new RefitEntry.TriedUnfixed(part.name(), remark)))
                .orElseGet(() -> Replies.asking(
                        name.isEmpty() ? "Which part was tried?" : "Which part is “" + name + "”?",
                        parts.partNames(name, true)));
    }

    Reading leave(String rest, String tail) {
        String[] halves = rest.replaceFirst("(?i)^out +", "").split("(?i),? because ", 2);
        halves[0] = halves[0].replaceFirst("(?i) +out$", "");
        String reason = halves.length > 1 ? Replies.said(halves[1], tail) : tail.replaceFirst("(?i)^because ", "");
        Optional<ValleyPart> part = parts.partOut(halves[0]);
        if (part.isEmpty()) {
            return Replies.asking(
                    halves[0].isEmpty() ? "What is left out?" : "Which part is “" + halves[0] + "”?",
                    parts.partNames(halves[0], true));
        }
        return reason.isEmpty()
                ? Replies.asking("Why is it left out? Type the reason after a comma.", List.of())
                : Replies.logged(
                        "Left out: " + part.get().name() + ", " + reason,
                        new RefitEntry.LeftOut(part.get().name(), reason));
    }
}
