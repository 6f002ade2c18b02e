package ruvant.core.strip;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ruvant.core.log.Line;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.OldPiece;
import ruvant.core.trade.Side;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

/** One part while the log is read. */
final class PartTrack {
    final PartName name;
    Line removal;
    private StripEntry.Removed removed;
    private int timesOff;
    ValleyPart.State state;
    Line settled;
    private WentBack wentBack;
    private String leftOutReason;
    Instant tried;
    final Map<String, Integer> lost = new LinkedHashMap<>();
    final Map<String, Integer> destroyed = new LinkedHashMap<>();
    private final List<StripEntry.Mark> marks = new ArrayList<>();
    private final Set<MechanismState> states = new LinkedHashSet<>();
    private final Map<String, Integer> unlisted = new LinkedHashMap<>();
    private final Map<String, Integer> spare = new LinkedHashMap<>();
    private final Map<String, Integer> fitted = new LinkedHashMap<>();
    private final Map<String, Integer> fittedSince = new LinkedHashMap<>();
    private final Map<String, Integer> required = new LinkedHashMap<>();
    OldPiece replacedOld;
    final Map<Named, GateCheck> checks = new LinkedHashMap<>();
    private final List<OrderFacts.Moment> moments = new ArrayList<>();

    PartTrack(PartName name) {
        this.name = name;
    }

    void comesOff(Line line, StripEntry.Removed how, int moment) {
        moments.add(new OrderFacts.Moment(moment, true, false));
        removal = line;
        removed = removed == null ? how : how.heldAsBefore(removed, held());
        timesOff++;
        state = ValleyPart.State.OUT;
        settled = null;
        wentBack = null;
        leftOutReason = null;
        tried = null;
        lost.clear();
        destroyed.clear();
        unlisted.clear();
        spare.clear();
        fitted.clear();
        fittedSince.clear();
        pieces().forEach((piece, count) -> required.merge(piece, count, Math::max));
        replacedOld = null;
        checks.clear();
        Stream.concat(GateChecks.of(removed).stream(), also().stream())
                .forEach(asked -> checks.put(asked.what(), GateCheck.open(asked, false)));
    }

    /** The checks that follow from further marks and states. */
    private List<AskedCheck> also() {
        return Stream.concat(
                        marks.stream().map(GateChecks::further), states.stream().map(GateChecks::further))
                .toList();
    }

    void marked(StripEntry.Mark mark) {
        marks.add(mark);
        AskedCheck asked = GateChecks.further(mark);
        checks.putIfAbsent(asked.what(), GateCheck.open(asked, false));
    }

    void wants(MechanismState state) {
        states.add(state);
        AskedCheck asked = GateChecks.further(state);
        checks.putIfAbsent(asked.what(), GateCheck.open(asked, false));
    }

    /** What held it since it went back: what was said then, and what was fitted after that. */
    private List<FastenersBack> held() {
        if (wentBack == null) {
            return List.of();
        }
        return wentBack.fasteners().stream()
                .map(one -> new FastenersBack(
                        one.type(),
                        one.back(),
                        one.lost(),
                        one.replaced() + fittedSince.getOrDefault(one.type(), 0),
                        one.empty(),
                        one.why()))
                .toList();
    }

    void goesBack(Line line, WentBack how, int moment) {
        moments.add(new OrderFacts.Moment(moment, false, !how.overrideReason().isEmpty()));
        state = ValleyPart.State.BACK;
        settled = line;
        wentBack = how;
    }

    void staysOut(Line line, String reason) {
        state = ValleyPart.State.LEFT_OUT;
        settled = line;
        leftOutReason = reason;
    }

    void moves(List<WellName> wells) {
        removed = removed.in(wells);
    }

    boolean isCover() {
        return removed.covers();
    }

    boolean isInside() {
        return removed.side() == Side.INSIDE;
    }

    boolean isOnTheSideOf(PartTrack other) {
        return removed.side() == other.removed.side();
    }

    OrderFacts.Track order() {
        return new OrderFacts.Track(name, removed.side(), removed.covers(), removed.within(), moments);
    }

    Map<String, Integer> pieces() {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        pieces.put(name.text(), 1);
        removed.fasteners().stream()
                .filter(one -> !one.staysIn())
                .forEach(one -> pieces.merge(one.type(), one.count(), Integer::sum));
        removed.loose().forEach(one -> pieces.merge(one.name(), one.count(), Integer::sum));
        unlisted.forEach((piece, count) -> pieces.merge(piece, count, Integer::sum));
        return pieces;
    }

    /** Pieces of it that are gone; one that nobody had noted belonged there all the same. */
    void loses(Map<String, Integer> gone, String piece, int count, boolean notNoted) {
        if (notNoted) {
            unlisted.merge(piece, count, Integer::sum);
            required.merge(piece, count, Integer::sum);
        }
        gone.merge(piece, count, Integer::sum);
    }

    /** Pieces that turned up: they go back with it while it is out, and lie about once it is closed. */
    void finds(String piece, int count) {
        if (state == ValleyPart.State.OUT) {
            lost.merge(piece, -count, Integer::sum);
        } else {
            spare.merge(piece, count, Integer::sum);
        }
    }

    /** How many pieces of that name may still turn up. */
    int missing(String piece) {
        int saidAtRefit = saidOf(piece).map(FastenersBack::lost).orElse(0);
        return Math.max(lost.getOrDefault(piece, 0), saidAtRefit) - spare.getOrDefault(piece, 0);
    }

    private Optional<FastenersBack> saidOf(String type) {
        return wentBack == null
                ? Optional.empty()
                : wentBack.fasteners().stream()
                        .filter(one -> one.type().equals(type))
                        .findFirst();
    }

    /** Another piece was fitted in a place of it, or lies ready for it. */
    void fits(String piece, int count) {
        (state == ValleyPart.State.OUT ? fitted : fittedSince).merge(piece, count, Integer::sum);
    }

    /** A piece of it was replaced, and nobody said which: it is the one that is gone, where only one is. */
    void fitsWhatIsGone() {
        Map<String, Integer> gone = new LinkedHashMap<>();
        pieces().keySet()
                .forEach(piece -> gone.put(
                        piece, lost.getOrDefault(piece, 0) + destroyed.getOrDefault(piece, 0) - fitted(piece)));
        gone.values().removeIf(count -> count <= 0);
        if (gone.size() == 1) {
            gone.forEach(this::fits);
        }
    }

    int fitted(String piece) {
        return fitted.getOrDefault(piece, 0);
    }

    /** What ever held it, piece by piece. */
    Map<String, Integer> required() {
        return required;
    }

    String leftOutReason() {
        return leftOutReason;
    }

    /** How the places of a piece are filled, now that the part is back. */
    PlaceAccount.Filled filled(String piece) {
        int since = fittedSince.getOrDefault(piece, 0);
        if (piece.equals(name.text())) {
            boolean another =
                    replacedOld != null || destroyed.getOrDefault(piece, 0) > 0 || lost.getOrDefault(piece, 0) > 0;
            return new PlaceAccount.Filled(another ? 0 : 1, another ? 1 : 0, 0);
        }
        int count = pieces().getOrDefault(piece, 0);
        if (isFastener(piece)) {
            FastenersBack said = saidOf(piece).orElse(new FastenersBack(piece, 0, 0, 0));
            return new PlaceAccount.Filled(Math.min(count, said.back()), said.replaced() + since, 0);
        }
        int gone = lost.getOrDefault(piece, 0) + destroyed.getOrDefault(piece, 0);
        return new PlaceAccount.Filled(Math.max(0, count - gone), fitted(piece) + since, 0);
    }

    private boolean isFastener(String piece) {
        return removed.fasteners().stream().anyMatch(one -> one.type().equals(piece));
    }

    /** How many places stay empty by what was said when the part went back: of them, of their check, or of it all. */
    PlaceFold.Empty leftEmpty(String piece) {
        Optional<FastenersBack> said = saidOf(piece).filter(one -> one.empty() > 0);
        if (said.isPresent()) {
            return new PlaceFold.Empty(said.get().empty(), said.get().why());
        }
        String check = CheckIds.of("loose", piece, "").id();
        Optional<GateCheck> waived = checks.values().stream()
                .filter(one -> one.what().is(check) && one.state() == GateCheck.State.WAIVED)
                .findFirst();
        String why = waived.map(GateCheck::reason).orElse(wentBack == null ? "" : wentBack.overrideReason());
        return why.isEmpty() ? PlaceFold.Empty.NONE : new PlaceFold.Empty(Integer.MAX_VALUE, why);
    }

    /** What became of pieces of that name. */
    PlaceAccount.Strays gone(String piece) {
        int count = pieces().getOrDefault(piece, 0);
        int unaccounted = state == ValleyPart.State.BACK && isFastener(piece)
                ? Math.max(
                        0,
                        count
                                - saidOf(piece)
                                        .map(one -> one.back() + one.lost())
                                        .orElse(0))
                : 0;
        return new PlaceAccount.Strays(
                Math.max(0, missing(piece)),
                destroyed.getOrDefault(piece, 0),
                spare.getOrDefault(piece, 0),
                unaccounted);
    }

    ValleyPart part() {
        return new ValleyPart(
                name,
                new ValleyPart.Removal(
                        removed,
                        removal.id(),
                        removal.at(),
                        removal.by(),
                        timesOff,
                        List.copyOf(marks),
                        List.copyOf(states)),
                new ValleyPart.Settled(
                        state,
                        Optional.ofNullable(settled).map(Line::at),
                        Optional.ofNullable(settled).map(Line::by),
                        Optional.ofNullable(wentBack),
                        Optional.ofNullable(leftOutReason)),
                new ValleyPart.Under(Map.of(), Set.of(), 0),
                new ValleyPart.Gone(
                        counted(lost),
                        counted(destroyed),
                        counted(spare),
                        counted(unlisted),
                        Optional.ofNullable(replacedOld)),
                List.copyOf(checks.values()),
                Optional.ofNullable(tried));
    }

    /** How many pieces of that name are still there to lose. */
    int left(String piece) {
        return pieces().getOrDefault(piece, 0) - lost.getOrDefault(piece, 0) - destroyed.getOrDefault(piece, 0);
    }

    private static List<ValleyPart.Piece> counted(Map<String, Integer> pieces) {
        return pieces.entrySet().stream()
                .filter(one -> one.getValue() > 0)
                .map(one -> new ValleyPart.Piece(one.getKey(), one.getValue()))
                .toList();
    }
}
