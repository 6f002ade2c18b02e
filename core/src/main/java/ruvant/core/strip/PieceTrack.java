package ruvant.core.strip;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What becomes of the pieces of one part while the log is read. A piece is called the same in any case of letters. */
final class PieceTrack {
    private final PartTrack part;
    /** What was noted with the last removal. */
    private final Map<String, Integer> noted = new LinkedHashMap<>();
    /** How many belonged there as far as the camera itself showed, before anything of it was exchanged. */
    private final Map<String, Integer> found = new LinkedHashMap<>();

    private final Map<String, Integer> lost = new LinkedHashMap<>();
    private final Map<String, Integer> destroyed = new LinkedHashMap<>();
    /** Pieces that belong there though nothing was noted of them with the removal. */
    private final Map<String, Integer> unlisted = new LinkedHashMap<>();

    private final Map<String, Integer> spare = new LinkedHashMap<>();
    /** What lay ready when the part went back, and what was fitted since. */
    private final Map<String, Integer> fitted = new LinkedHashMap<>();

    private final Map<String, Integer> fittedSince = new LinkedHashMap<>();

    PieceTrack(PartTrack part) {
        this.part = part;
    }

    /** The part comes off, held so: what is in its places now comes off with it. */
    void begin(StripEntry.Removed removed) {
        unlisted.replaceAll((piece, count) -> inPlace(piece, count));
        unlisted.values().removeIf(count -> count == 0);
        Stream.of(lost, destroyed, spare, fitted, fittedSince, noted).forEach(Map::clear);
        noted.put(part.name.text(), 1);
        removed.fasteners().stream()
                .filter(one -> !one.staysIn())
                .forEach(one -> noted.merge(one.type(), one.count(), Integer::sum));
        removed.loose().forEach(one -> noted.merge(one.name(), one.count(), Integer::sum));
        all().forEach(found::putIfAbsent);
    }

    /** How many of a loose piece are in their places, of those that came off the last time. */
    int inPlace(String piece, int cameOff) {
        return Math.max(0, cameOff - gone(piece) + of(fitted, piece) + of(fittedSince, piece));
    }

    /** Every piece that came off the last time. */
    Map<String, Integer> all() {
        if (unlisted.isEmpty()) {
            return noted;
        }
        Map<String, Integer> pieces = new LinkedHashMap<>(noted);
        unlisted.forEach((piece, count) -> pieces.merge(piece, count, Integer::sum));
        return pieces;
    }

    private String called(String piece) {
        for (Map<String, Integer> names : List.of(noted, unlisted, found)) {
            for (String name : names.keySet()) {
                if (piece.equalsIgnoreCase(name)) {
                    return name;
                }
            }
        }
        return piece;
    }

    /** Whether a piece of that name came off the last time. */
    boolean has(String piece) {
        return all().containsKey(called(piece));
    }

    void loses(StripEntry.Lost gone) {
        goes(lost, gone.piece(), gone.count(), gone.unlisted());
    }

    void loses(StripEntry.Destroyed gone) {
        goes(destroyed, gone.piece(), gone.count(), gone.unlisted());
    }

    private void goes(Map<String, Integer> where, String piece, int count, boolean notNoted) {
        String known = called(piece);
        if (notNoted) {
            unlisted.merge(known, count, Integer::sum);
            found.merge(known, count, Integer::sum);
        }
        where.merge(known, count, Integer::sum);
    }

    /** Pieces that turned up: they go back with the part while that is out, and lie about once it is closed. */
    void finds(String piece, int count) {
        if (part.state == ValleyPart.State.OUT) {
            lost.merge(called(piece), -count, Integer::sum);
        } else {
            spare.merge(called(piece), count, Integer::sum);
        }
    }

    /** Another piece was fitted in a place, or lies ready for it. */
    void fits(String piece, int count) {
        (part.state == ValleyPart.State.OUT ? fitted : fittedSince).merge(called(piece), count, Integer::sum);
    }

    /** A piece was replaced, and nobody said which: it is the one that is gone, where only one is. */
    void fitsWhatIsGone() {
        List<String> gone =
                all().keySet().stream().filter(piece -> notReplaced(piece) > 0).toList();
        if (gone.size() == 1) {
            fits(gone.getFirst(), notReplaced(gone.getFirst()));
        }
    }

    private int notReplaced(String piece) {
        return gone(piece) - of(fitted, piece);
    }

    /** How many were there when the camera came in. */
    Map<String, Integer> found() {
        return found;
    }

    int lost(String piece) {
        return of(lost, called(piece));
    }

    int destroyed(String piece) {
        return of(destroyed, called(piece));
    }

    int spare(String piece) {
        return of(spare, called(piece));
    }

    int fitted(String piece) {
        return of(fitted, called(piece));
    }

    int fittedSince(String piece) {
        return of(fittedSince, called(piece));
    }

    /** How many came off the last time. */
    int cameOff(String piece) {
        return of(all(), called(piece));
    }

    /** How many are still there to lose. */
    int left(String piece) {
        return cameOff(piece) - gone(called(piece));
    }

    /** How many may still turn up: those that were logged as lost, or counted so when the part went back. */
    int missing(String piece) {
        int atRefit = part.saidOf(piece).map(FastenersBack::lost).orElse(0);
        return Math.max(lost(piece), atRefit) - spare(piece);
    }

    private int gone(String piece) {
        return of(lost, piece) + of(destroyed, piece);
    }

    private static int of(Map<String, Integer> pieces, String piece) {
        return pieces.getOrDefault(piece, 0);
    }

    ValleyPart.Gone gone() {
        return new ValleyPart.Gone(
                counted(lost), counted(destroyed), counted(spare), counted(unlisted), part.replacedOld());
    }

    private static List<ValleyPart.Piece> counted(Map<String, Integer> pieces) {
        return pieces.entrySet().stream()
                .filter(one -> one.getValue() > 0)
                .map(one -> new ValleyPart.Piece(one.getKey(), one.getValue()))
                .toList();
    }
}
