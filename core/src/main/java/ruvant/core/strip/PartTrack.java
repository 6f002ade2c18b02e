package ruvant.core.strip;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.log.Line;
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
    OldPiece replacedOld;
    final Map<Named, GateCheck> checks = new LinkedHashMap<>();
    private final List<OrderFacts.Moment> moments = new ArrayList<>();

    PartTrack(PartName name) {
        this.name = name;
    }

    void comesOff(Line line, StripEntry.Removed how, int moment) {
        moments.add(new OrderFacts.Moment(moment, true, false));
        removal = line;
        removed =
                removed == null ? how : how.heldAsBefore(removed, wentBack == null ? List.of() : wentBack.fasteners());
        timesOff++;
        state = ValleyPart.State.OUT;
        settled = null;
        wentBack = null;
        leftOutReason = null;
        tried = null;
        lost.clear();
        destroyed.clear();
        replacedOld = null;
        checks.clear();
        GateChecks.of(removed).forEach(what -> checks.put(what, GateCheck.open(what, false)));
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
        return pieces;
    }

    ValleyPart part() {
        return new ValleyPart(
                name,
                new ValleyPart.Removal(removed, removal.id(), removal.at(), removal.by(), timesOff),
                new ValleyPart.Settled(
                        state,
                        Optional.ofNullable(settled).map(Line::at),
                        Optional.ofNullable(settled).map(Line::by),
                        Optional.ofNullable(wentBack),
                        Optional.ofNullable(leftOutReason)),
                new ValleyPart.Under(Map.of(), Set.of(), 0),
                new ValleyPart.Gone(counted(lost), counted(destroyed), Optional.ofNullable(replacedOld)),
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
