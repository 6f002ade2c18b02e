package ruvant.core.strip;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.trade.OldPiece;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

/**
 * One part that was taken off, as it stands now.
 *
 * @param removed how it came off the last time
 * @param removalId the line of that removal
 * @param timesOff how often it has come off, from 1
 * @param settledAt when it went back or was left out
 * @param wentBack how it went back; empty while out
 * @param over the parts lying directly over it: off before it, on after it
 * @param depth how many removals must be undone outward from here: all parts over it, directly or not
 * @param level longest chain of covers over it; 0 for an outermost part
 * @param lost pieces of it that are gone and may turn up yet
 * @param destroyed pieces of it that broke or were given up
 * @param replacedOld where it went itself, when another took its place since it came off; empty when none did
 * @param checks what must hold before it goes on
 * @param triedAt when it was tried in its place without being fixed; empty when it was not
 */
public record ValleyPart(
        PartName name,
        StripEntry.Removed removed,
        UUID removalId,
        Instant removedAt,
        String removedBy,
        int timesOff,
        State state,
        Optional<Instant> settledAt,
        Optional<String> settledBy,
        Optional<WentBack> wentBack,
        Optional<String> leftOutReason,
        Set<PartName> over,
        int depth,
        int level,
        List<Piece> lost,
        List<Piece> destroyed,
        Optional<OldPiece> replacedOld,
        List<GateCheck> checks,
        Optional<Instant> triedAt) {

    /** Whether a part is out, back, or out for good. */
    public enum State {
        OUT,
        BACK,
        LEFT_OUT
    }

    /** A number of small pieces of one kind. */
    public record Piece(String what, int count) {}

    /** How many of the pieces called so are among these. */
    static int countOf(List<Piece> pieces, String what) {
        return pieces.stream()
                .filter(piece -> piece.what().equals(what))
                .mapToInt(Piece::count)
                .sum();
    }

    /** Whether it lies in the tray. */
    public boolean out() {
        return state == State.OUT;
    }

    /** The wells it was put into, in words such as "last seen in A1 A2"; empty where none was noted. */
    public Optional<String> lastSeen() {
        return removed.wells().isEmpty()
                ? Optional.empty()
                : Optional.of("last seen in "
                        + removed.wells().stream().map(WellName::toString).collect(Collectors.joining(" ")));
    }

    /** Checks not yet made nor waived. */
    public List<GateCheck> openChecks() {
        return checks.stream()
                .filter(check -> check.state() == GateCheck.State.OPEN)
                .toList();
    }
}
