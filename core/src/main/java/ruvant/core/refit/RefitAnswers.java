package ruvant.core.refit;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruvant.core.parts.PartsPicture;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.Mark;
import ruvant.core.strip.PlaceAccount;
import ruvant.core.strip.StripNotes;
import ruvant.core.strip.Valley;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/**
 * What may go back now. A part is ready when all that lies under it is back, no wait of it or of what lies under it
 * runs, no part is needed there, the mechanism stands as it must, and its gate is answered. The reasons are asked in
 * that order, the costliest to discover late first.
 */
public final class RefitAnswers {
    private final Valley valley;
    private final Map<PartName, Set<PartName>> under;
    private final List<ValleyPart> out;
    private final StripNotes notes;
    private final RefitPicture refitting;
    private final TreatPicture treat;
    private final PartsPicture parts;
    private final Gates gates;
    private final List<Walk> walks;
    private final Instant now;

    /**
     * @param untried functions that worked at intake and were not tried since the mechanism was last worked on
     * @param learned what earlier jobs of the model looked at
     * @param lists which washed parts want oil
     * @param proof what the camera has shown since it was last worked on
     * @param now the moment for which waits are judged
     */
    public RefitAnswers(
            Valley valley,
            StripNotes notes,
            RefitPicture refitting,
            TreatPicture treat,
            PartsPicture parts,
            List<String> untried,
            LearnedChecks learned,
            TradeLists lists,
            ProofSoFar proof,
            Instant now) {
        this.valley = valley;
        this.notes = notes;
        this.refitting = refitting;
        this.under = valley.under();
        this.out = valley.out();
        this.treat = treat;
        this.parts = parts;
        this.now = now;
        this.gates = new Gates(valley, under, notes, treat, parts, untried, learned, lists, proof);
        this.walks = Walks.of(refitting, learned.procedures(), valley);
    }

    /** One answer for each part of the valley, in its order. */
    public List<RefitAnswer> all() {
        return valley.parts().stream().map(this::answer).toList();
    }

    /** The part as it lies here: whoever asks may hold it from a picture in which less is known of its order. */
    private ValleyPart asItLies(ValleyPart part) {
        return valley.part(part.name()).orElse(part);
    }

    /** The answer for one part. */
    public RefitAnswer of(ValleyPart part) {
        return answer(asItLies(part));
    }

    private RefitAnswer answer(ValleyPart part) {
        return switch (part.state()) {
            case BACK -> free(part, RefitAnswer.Kind.BACK, "");
            case LEFT_OUT ->
                free(
                        part,
                        RefitAnswer.Kind.LEFT_OUT,
                        part.settled().leftOutReason().orElse(""));
            case OUT -> firstReason(part).orElseGet(() -> free(part, RefitAnswer.Kind.READY, ""));
        };
    }

    private Optional<RefitAnswer> firstReason(ValleyPart part) {
        return Stream.<java.util.function.Supplier<Optional<RefitAnswer>>>of(
                        () -> inTheWay(part),
                        () -> waitRuns(part),
                        () -> needOpen(part),
                        () -> lost(part),
                        () -> trial(part),
                        () -> state(part),
                        () -> unaccounted(part),
                        () -> steps(part),
                        () -> gate(part))
                .map(java.util.function.Supplier::get)
                .flatMap(Optional::stream)
                .findFirst();
    }

    private Optional<RefitAnswer> inTheWay(ValleyPart part) {
        return valley.inTheWay(part).flatMap(way -> notYet(part, OrderAlone.notYet(way)));
    }

    private Optional<RefitAnswer> waitRuns(ValleyPart part) {
        return treat.running(now).stream()
                .filter(wait -> wait.part() != null
                        && (wait.part().equals(part.name())
                                || under.get(part.name()).contains(wait.part())))
                .max(Comparator.comparing(TreatPicture.Wait::endsAt))
                .map(wait -> new RefitAnswer(
                        part.name(),
                        RefitAnswer.Kind.WAITING,
                        Optional.of(new NotYet.WaitRuns(
                                wait.what(), wait.part(), wait.part().equals(part.name()), wait.endsAt())),
                        ""));
    }

    private Optional<RefitAnswer> needOpen(ValleyPart part) {
        return parts.openNeeds().stream()
                .filter(need -> need.part().equals(part.name())
                        || under.get(part.name()).contains(need.part()))
                .findFirst()
                .flatMap(need -> notYet(part, new NotYet.PartNeeded(need.what())));
    }

    /** A place of it that is empty, and nobody has said what becomes of it. */
    private Optional<RefitAnswer> lost(ValleyPart part) {
        if (parts.replaced(part.name())) {
            return Optional.empty();
        }
        return placesOf(part)
                .filter(account -> account.open() > 0 && !account.isThePartItself())
                .findFirst()
                .flatMap(account -> notYet(part, gone(account)));
    }

    private Stream<PlaceAccount> placesOf(ValleyPart part) {
        return notes.places().stream().filter(account -> account.place().part().equals(part.name()));
    }

    private static NotYet.PieceGone gone(PlaceAccount account) {
        NotYet.PieceGone.How how = account.gone().lost() > 0
                ? NotYet.PieceGone.How.LOST
                : account.gone().destroyed() > 0
                        ? NotYet.PieceGone.How.DESTROYED
                        : account.missing() > 0
                                ? NotYet.PieceGone.How.MISSING_ON_ARRIVAL
                                : NotYet.PieceGone.How.LEFT_EMPTY;
        return new NotYet.PieceGone(account.place().piece(), account.open(), how);
    }

    private Optional<RefitAnswer> trial(ValleyPart part) {
        return refitting
                .trial()
                .flatMap(trial -> notYet(part, new NotYet.TrialOn(trial.what().how())));
    }

    /** The part itself, or its marks, want the mechanism to stand otherwise than it is known to. */
    private Optional<RefitAnswer> state(ValleyPart part) {
        Optional<MechanismState> wanted = Stream.concat(
                        Stream.ofNullable(part.removed().state()), part.off().states().stream())
                .filter(notes::contradicts)
                .findFirst();
        if (wanted.isPresent()) {
            return notYet(part, new NotYet.StateWrong(wanted.get(), now(wanted.get()), false));
        }
        List<Mark> marks = Stream.concat(Stream.ofNullable(part.removed().mark()), part.off().marks().stream())
                .toList();
        // marks in two states cannot hold at once: it goes on in either, and each is looked at in its own
        List<MechanismState> against = marks.stream()
                .flatMap(mark -> MechanismState.in(mark.state()).stream())
                .filter(notes::contradicts)
                .toList();
        return against.isEmpty() || against.size() < marks.size()
                ? Optional.empty()
                : notYet(part, new NotYet.StateWrong(against.getFirst(), now(against.getFirst()), true));
    }

    /** Procedures of this camera, each with how far it is. */
    public List<Walk> walks() {
        return walks;
    }

    private Optional<RefitAnswer> steps(ValleyPart part) {
        return Walks.before(part.name(), walks).flatMap(why -> notYet(part, why));
    }

    /** The last part that is out closes over everything: what nobody has accounted for is asked about before. */
    private Optional<RefitAnswer> unaccounted(ValleyPart part) {
        if (out.size() > 1) {
            return Optional.empty();
        }
        List<String> missing = Ledger.of(valley).missing();
        return missing.isEmpty() ? Optional.empty() : notYet(part, new NotYet.PiecesUnaccounted(missing));
    }

    private MechanismState now(MechanismState other) {
        return notes.states().get(other.of());
    }

    /** All that must hold before a part goes on. */
    public List<GateCheck> checks(ValleyPart part) {
        return gates.checks(asItLies(part));
    }

    /** What is still to be tried before this part closes over it; empty where that is not asked of it. */
    public List<String> stillToTry(ValleyPart part) {
        return gates.stillToTry(asItLies(part));
    }

    /** Checks at the part, then at what it would cover. */
    private Optional<RefitAnswer> gate(ValleyPart part) {
        return Stream.concat(Stream.of(part), directlyUnder(part))
                .map(at -> standing(part, at))
                .flatMap(Optional::stream)
                .min(Comparator.comparing(why -> why instanceof NotYet.ChecksOpen))
                .flatMap(why -> notYet(part, why));
    }

    private Stream<ValleyPart> directlyUnder(ValleyPart part) {
        return valley.parts().stream()
                .filter(other -> other.state() == ValleyPart.State.BACK
                        && under.get(part.name()).contains(other.name()));
    }

    /** What stands against a part by the checks at another, or at itself. */
    private Optional<NotYet> standing(ValleyPart part, ValleyPart at) {
        boolean itself = at.name().equals(part.name());
        List<GateCheck> asked = checks(at).stream()
                .filter(check -> itself
                        ? check.when().moment().isBefore() || check.failed()
                        : check.when().moment().wantsReach() || check.failed())
                .toList();
        Optional<NotYet> failed = asked.stream()
                .filter(GateCheck::failed)
                .findFirst()
                .map(check -> new NotYet.CheckFailed(at.name(), itself, check.what(), check.reason()));
        List<GateCheck> open = asked.stream().filter(GateCheck::isOpen).toList();
        return failed.or(() -> open.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new NotYet.ChecksOpen(at.name(), itself, open.getFirst().what(), open.size())));
    }

    /** Whether a check at a part can be made now, as far as its moment and the mechanism's state go. */
    public boolean isDue(ValleyPart part, GateCheck check) {
        return gates.isDue(asItLies(part), check);
    }

    /** Checks at parts that are back: those that can be made now, and those that failed. */
    public List<LateCheck> late() {
        return valley.parts().stream()
                .filter(part -> part.state() == ValleyPart.State.BACK)
                .flatMap(part -> checks(part).stream()
                        .filter(check -> !check.when().moment().isBefore())
                        .filter(check -> check.failed() || check.isOpen())
                        .map(check -> new LateCheck(part.name(), check, gates.isDue(part, check))))
                .toList();
    }

    /**
     * A check at a part that is back.
     *
     * @param due whether it can be made now
     */
    public record LateCheck(PartName part, GateCheck check, boolean due) {}

    private static RefitAnswer free(ValleyPart part, RefitAnswer.Kind kind, String reason) {
        return new RefitAnswer(part.name(), kind, Optional.empty(), reason);
    }

    private static Optional<RefitAnswer> notYet(ValleyPart part, NotYet why) {
        return Optional.of(new RefitAnswer(part.name(), RefitAnswer.Kind.NOT_YET, Optional.of(why), ""));
    }

    /**
     * Why a refit is refused: something stands against it, or its fasteners do not add up. A reason given with the
     * refit lets it through and stays on the record.
     */
    public Optional<Refusal> objection(RefitEntry.Refitted refit) {
        ValleyPart part = valley.part(refit.part()).orElseThrow();
        if (!refit.overrideReason().isEmpty()) {
            return Optional.empty();
        }
        return firstReason(part)
                .filter(answer -> !(answer.notYet().orElse(null) instanceof NotYet.PieceGone gone
                        && settled(refit, gone.piece())))
                .map(answer -> new Refusal(
                        "notYet",
                        "“" + part.name() + "” cannot go back yet. "
                                + (answer.notYet().orElse(null) instanceof NotYet.ChecksOpen ? "Check first: " : "")
                                + answer.reason() + ".",
                        "Settle that first, or put it back anyway and say why."))
                .or(() -> unequal(part, refit));
    }

    /** Whether the refit itself says what becomes of the places of a fastener. */
    private static boolean settled(RefitEntry.Refitted refit, String type) {
        return refit.fasteners().stream().anyMatch(one -> one.type().equals(type) && one.replaced() + one.empty() > 0);
    }

    /** How many fasteners of a type hold a part when it is complete. */
    private int required(ValleyPart part, Fastener fastener) {
        return placesOf(part)
                .filter(account -> account.place().piece().equals(fastener.type()))
                .mapToInt(PlaceAccount::required)
                .findFirst()
                .orElse(fastener.count());
    }

    private Optional<Refusal> unequal(ValleyPart part, RefitEntry.Refitted refit) {
        Map<String, FastenersBack> said =
                refit.fasteners().stream().collect(Collectors.toMap(FastenersBack::type, one -> one, (a, b) -> b));
        List<String> wrong = new ArrayList<>();
        for (Fastener fastener : part.removed().fasteners()) {
            FastenersBack one = said.remove(fastener.type());
            if (one == null) {
                wrong.add(fastener.words() + " not confirmed");
            } else if (one.back() + one.lost() != fastener.count()
                    || one.back() + one.replaced() + one.empty() != required(part, fastener)) {
                wrong.add("%s: %d came out, %d back, %d lost, %d replaced, %d left empty; %d belong there"
                        .formatted(
                                fastener.type(),
                                fastener.count(),
                                one.back(),
                                one.lost(),
                                one.replaced(),
                                one.empty(),
                                required(part, fastener)));
            }
        }
        said.keySet().forEach(type -> wrong.add(type + " did not come out of this part"));
        if (wrong.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Refusal(
                "fastenersUnequal",
                "The fasteners of “" + part.name() + "” do not add up: " + String.join("; ", wrong) + ".",
                "Find the missing one, log it as lost and replaced, or say why its place stays empty."));
    }
}
