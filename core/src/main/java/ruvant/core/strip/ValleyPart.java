package ruvant.core.strip;

import java.time.Instant;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.OldPiece;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

/**
 * One part that was taken off, as it stands now.
 *
 * @param off how it came off the last time
 * @param checks what must hold before it goes on
 * @param triedAt when it was tried in its place without being fixed; empty when it was not
 */
public record ValleyPart(
        PartName name,
        Removal off,
        Settled settled,
        Under place,
        Gone gone,
        List<GateCheck> checks,
        Optional<Instant> triedAt) {

    /**
     * How it came off.
     *
     * @param id the line of that removal
     * @param times how often it has come off, from 1
     * @param marks of it besides the one noted with the removal
     * @param states in which it wants other things to stand, besides the one noted with the removal
     */
    public record Removal(
            StripEntry.Removed removed,
            UUID id,
            Instant at,
            String by,
            int times,
            List<Mark> marks,
            List<MechanismState> states) {}

    /**
     * What became of it.
     *
     * @param at when it went back or was left out
     * @param wentBack how it went back; empty while out
     */
    public record Settled(
            State state,
            Optional<Instant> at,
            Optional<String> by,
            Optional<WentBack> wentBack,
            Optional<String> leftOutReason) {}

    /**
     * How it lay in the camera.
     *
     * @param lying the parts lying directly over it (off before it, on after it), each with what that rests on
     * @param all the parts over it, directly or not
     * @param level longest chain of parts over it; 0 for an outermost part
     */
    public record Under(Map<PartName, Basis> lying, Set<PartName> all, int level) {
        public Under {
            lying = Collections.unmodifiableMap(new LinkedHashMap<>(lying));
            all = Collections.unmodifiableSet(new LinkedHashSet<>(all));
        }

        /** How many removals must be undone outward from here. */
        public int depth() {
            return all.size();
        }
    }

    /**
     * What is not there any more.
     *
     * @param lost pieces of it that are gone and may turn up yet
     * @param destroyed pieces of it that broke or were given up
     * @param spare pieces of it that turned up after it had gone back without them
     * @param unlisted pieces of which nothing was noted before they were gone
     * @param replacedOld where it went itself, when another took its place since it came off; empty when none did
     */
    public record Gone(
            List<Piece> lost,
            List<Piece> destroyed,
            List<Piece> spare,
            List<Piece> unlisted,
            Optional<OldPiece> replacedOld) {}

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

    /** How it came off the last time. */
    public StripEntry.Removed removed() {
        return off.removed();
    }

    /** Pieces that came off with it the last time, those included that nobody had noted. */
    public int pieces() {
        return removed().pieces()
                + gone.unlisted().stream().mapToInt(Piece::count).sum();
    }

    /** When it came off the last time. */
    public Instant removedAt() {
        return off.at();
    }

    /** Whether it is out, back, or out for good. */
    public State state() {
        return settled.state();
    }

    /** The parts lying directly over it. */
    public Set<PartName> over() {
        return place.lying().keySet();
    }

    /** Whether another is known to lie directly over it, and not only taken to. */
    boolean known(PartName over) {
        Basis basis = place.lying().get(over);
        return basis != null && basis != Basis.DEFAULT;
    }

    /** The same part, lying otherwise. */
    ValleyPart lying(Under otherwise) {
        return new ValleyPart(name, off, settled, otherwise, gone, checks, triedAt);
    }

    /** Whether it lies in the tray. */
    public boolean out() {
        return state() == State.OUT;
    }

    /** The wells it was put into, in words such as "last seen in A1 A2"; empty where none was noted. */
    public Optional<String> lastSeen() {
        return removed().wells().isEmpty()
                ? Optional.empty()
                : Optional.of("last seen in "
                        + removed().wells().stream().map(WellName::toString).collect(Collectors.joining(" ")));
    }

    /** Checks not yet made nor waived. */
    public List<GateCheck> openChecks() {
        return checks.stream()
                .filter(check -> check.state() == GateCheck.State.OPEN)
                .toList();
    }
}
