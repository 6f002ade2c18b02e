package ruvant.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.job.JobEntry;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.Mark;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Labelled;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/** What lines about pieces, springs and the state of the mechanism put into the record. */
final class StripLines {
    private static final Pattern NO_WORD = Pattern.compile("[^\\p{L}\\p{N}.]+");

    private final JobPicture picture;
    private final Shop shop;
    private final KnownParts parts;

    StripLines(JobPicture picture, Shop shop, KnownParts parts) {
        this.picture = picture;
        this.shop = shop;
        this.parts = parts;
    }

    List<JobEntry> moved(Fields said) {
        return List.of(new StripEntry.Moved(parts.mustBeOut(said.text("part")), Wells.of(said)));
    }

    List<JobEntry> leaveAlone(Fields said) {
        return List.of(new StripEntry.LeaveAlone(said.text("what"), said.text("why")));
    }

    List<JobEntry> freeOf(Fields said) {
        return List.of(new StripEntry.FreeOf(
                parts.known(said.text("part")),
                said.texts("others").stream().map(parts::known).toList()));
    }

    List<JobEntry> state(Fields said) {
        String words = said.text("state").toLowerCase(Locale.ROOT);
        MechanismState state = said.choice("state", MechanismState.class)
                .or(() -> Optional.ofNullable(
                        shop.lists().nouns("state", MechanismState.class).get(words)))
                .or(() -> MechanismState.labelled(words))
                .or(() -> MechanismState.in(words))
                .orElseThrow(() -> new FieldProblem(
                        "state",
                        "“" + words + "” is not a state that is followed here.",
                        "Followed are: "
                                + String.join(
                                        ", ",
                                        Stream.of(MechanismState.values())
                                                .map(Labelled::label)
                                                .toList())
                                + "."));
        return List.of(new StripEntry.StateSet(state));
    }

    List<JobEntry> spring(Fields said) {
        String spring = said.needed("what", "No spring is named.", "Name the spring.");
        double turns = said.number("turns").orElse(0.0);
        if (!said.text("action").equals("wound")) {
            return List.of(new StripEntry.SpringLetDown(spring, turns, said.remark()));
        }
        List<String> down = picture.notes().letDown().stream()
                .map(one -> one.name())
                .filter(name -> name.toLowerCase(Locale.ROOT).contains(spring.toLowerCase(Locale.ROOT))
                        || spring.toLowerCase(Locale.ROOT).contains(name.toLowerCase(Locale.ROOT)))
                .toList();
        return List.of(new StripEntry.SpringWound(down.isEmpty() ? spring : down.getFirst(), turns, said.remark()));
    }

    List<JobEntry> missing(Fields said) {
        String what = called(said);
        return List.of(new StripEntry.MissingOnArrival(what, count(said), said.text("part")));
    }

    /** What a piece is called in the account: the type of a fastener, or its name for one of it. */
    private String called(Fields said) {
        return said.records("fasteners").stream()
                .findFirst()
                .map(one -> Pieces.of(one, shop.lists()).type())
                .orElseGet(() -> singular(said.text("what")));
    }

    private static int count(Fields said) {
        return said.records("fasteners").stream()
                .findFirst()
                .map(one -> one.count("count", 1))
                .orElseGet(() -> said.count("count", 1));
    }

    List<JobEntry> surplus(Fields said) {
        return List.of(new StripEntry.Surplus(singular(said.text("what")), said.count("count", 1), said.text("kept")));
    }

    List<JobEntry> lost(Fields said) {
        Account account = account(said);
        StripEntry lost = new StripEntry.Lost(account.part(), account.piece(), count(said), account.unlisted());
        return said.has("how")
                ? List.of(lost, new SittingEntry.Noted("lost " + account.piece() + ": " + said.text("how")))
                : List.of(lost);
    }

    List<JobEntry> destroyed(Fields said) {
        Account account = account(said);
        return List.of(new StripEntry.Destroyed(
                account.part(), account.piece(), count(said), said.text("how"), account.unlisted()));
    }

    List<JobEntry> foundAgain(Fields said) {
        String what = singular(said.text("what")).toLowerCase(Locale.ROOT);
        List<Account> lost = new ArrayList<>();
        for (ValleyPart part : picture.valley().parts()) {
            for (ValleyPart.Piece piece : part.gone().lost()) {
                if (same(piece.what(), what)) {
                    lost.add(new Account(part.name(), piece.what(), false));
                }
            }
        }
        Account meant = only(lost, what, "Nothing like that was lost here.", "Log it as a surplus piece.");
        return List.of(
                new StripEntry.FoundAgain(meant.part(), meant.piece(), said.count("count", 1), said.text("where"), 0));
    }

    List<JobEntry> stuck(Fields said) {
        String step = said.text("step");
        String part = said.needed("part", "It is not said what is stuck.", "Name the part or the fastener.");
        if (step.isEmpty()) {
            return List.of(new ruvant.core.find.FindEntry.Found(
                    new ruvant.core.find.Seen(parts.known(part), "", "stuck", "", 0, false, false)));
        }
        boolean freed = said.text("result").equals("freed");
        return List.of(new StripEntry.StuckTried(
                parts.holding(part), part, rung(step), freed, said.remark(), said.text("agreed")));
    }

    private Named rung(String step) {
        String key = step.toLowerCase(Locale.ROOT);
        return shop.lists().rungs().stream()
                .filter(rung -> rung.label().toLowerCase(Locale.ROOT).contains(key)
                        || key.contains(rung.label().toLowerCase(Locale.ROOT)))
                .findFirst()
                .map(TradeLists.Rung::named)
                .orElseGet(() -> Named.of(step));
    }

    /** Whose piece something is. */
    private record Account(PartName part, String piece, boolean unlisted) {}

    private Account account(Fields said) {
        String what = called(said).toLowerCase(Locale.ROOT);
        String whose = said.text("part").toLowerCase(Locale.ROOT);
        List<Account> meant = new ArrayList<>();
        for (ValleyPart part : picture.valley().out()) {
            if (part.name().key().contains(whose)) {
                for (String piece : KnownParts.pieces(part)) {
                    if (same(piece, what)) {
                        meant.add(new Account(part.name(), piece, false));
                    }
                }
            }
        }
        if (meant.isEmpty() && !whose.isEmpty()) {
            return new Account(parts.mustBeOut(whose), what, true);
        }
        return only(
                meant,
                what,
                "Nothing that is off has a piece called “" + what + "”.",
                "Say of which part: “lost " + what + " of …”.");
    }

    private static Account only(List<Account> meant, String what, String none, String remedy) {
        if (meant.isEmpty()) {
            throw new FieldProblem("what", none, remedy);
        }
        if (meant.size() > 1) {
            throw new FieldProblem(
                    "part",
                    "Several parts have a piece like “" + what + "”.",
                    "Say which: "
                            + String.join(
                                    ", or ",
                                    meant.stream()
                                            .map(one -> "of " + one.part())
                                            .distinct()
                                            .limit(4)
                                            .toList())
                            + ".");
        }
        return meant.getFirst();
    }

    /** Whether a piece is what somebody calls it: all the words that were said stand in its name. */
    private static boolean same(String piece, String said) {
        Set<String> name =
                Stream.of(NO_WORD.split(piece.toLowerCase(Locale.ROOT))).collect(Collectors.toSet());
        return Stream.of(NO_WORD.split(said))
                .allMatch(word -> name.contains(word)
                        || name.contains(singular(word))
                        || word.equals("slot") && name.contains("slotted"));
    }

    static String singular(String what) {
        return what.endsWith("ss") || !what.endsWith("s") ? what : what.substring(0, what.length() - 1);
    }

    List<JobEntry> liesOver(Fields said) {
        return List.of(new StripEntry.EdgeSet(
                parts.known(said.text("part")), parts.known(said.text("under")), !said.is("negated")));
    }

    List<JobEntry> leftEmpty(Fields said) {
        Account account = account(said);
        return List.of(new StripEntry.LeftEmpty(
                account.part(), account.piece(), count(said), said.needed("why", "It is not said why.", "Say why.")));
    }

    List<JobEntry> alsoMarked(Fields said) {
        return List.of(new StripEntry.AlsoMarked(
                parts.mustBeOut(said.text("part")), new Mark(said.text("mark"), said.text("markState"))));
    }
}
