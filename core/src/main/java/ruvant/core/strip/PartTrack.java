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
    final PieceTrack pieces = new PieceTrack(this);
    private final List<Mark> marks = new ArrayList<>();
    private final Set<MechanismState> states = new LinkedHashSet<>();
    private OldPiece replacedOld;
    final Map<Named, GateCheck> checks = new LinkedHashMap<>();
    private final List<OrderFacts.Moment> moments = new ArrayList<>();

    PartTrack(PartName name) {
        this.name = name;
    }

    void comesOff(Line line, StripEntry.Removed how, int moment) {
        moments.add(new OrderFacts.Moment(moment, true, false));
        removal = line;
        removed = removed == null ? how : HeldBefore.of(how, removed, held(), pieces);
        pieces.begin(removed);
        timesOff++;
        state = ValleyPart.State.OUT;
        settled = null;
        wentBack = null;
        leftOutReason = null;
        tried = null;
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

    void marked(Mark mark) {
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
        return wentBack().stream()
                .flatMap(how -> how.fasteners().stream())
                .map(one -> new FastenersBack(
                        one.type(),
                        one.back(),
                        one.lost(),
                        one.replaced() + pieces.fittedSince(one.type()),
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

    StripEntry.Removed removed() {
        return removed;
    }

    Optional<WentBack> wentBack() {
        return Optional.ofNullable(wentBack);
    }

    /** How one type of fastener was accounted for when it went back. */
    Optional<FastenersBack> saidOf(String type) {
        return wentBack().stream()
                .flatMap(how -> how.fasteners().stream())
                .filter(one -> one.type().equals(type))
                .findFirst();
    }

    boolean isFastener(String piece) {
        return removed.fasteners().stream().anyMatch(one -> one.type().equals(piece));
    }

    /** Another took its place. */
    void replaced(OldPiece old) {
        replacedOld = old;
        if (old == null) {
            pieces.fitsWhatIsGone();
        }
    }

    Optional<OldPiece> replacedOld() {
        return Optional.ofNullable(replacedOld);
    }

    String leftOutReason() {
        return leftOutReason;
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
                pieces.gone(),
                List.copyOf(checks.values()),
                Optional.ofNullable(tried));
    }
}
