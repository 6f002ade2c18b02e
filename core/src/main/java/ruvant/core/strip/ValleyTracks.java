package ruvant.core.strip;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.log.Line;
import ruvant.core.trade.OldPiece;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/** Every part while the log is read. Strip and refit share it, since the right slope mirrors the left. */
public final class ValleyTracks {
    private final Map<PartName, PartTrack> tracks = new LinkedHashMap<>();
    /** What the hand said lies over what, and assemblies over their own parts. */
    private final CoverEdges edges = new CoverEdges();

    private final Map<OrderFacts.Pair, Boolean> said = new LinkedHashMap<>();
    private int moment;
    private Optional<Valley> known = Optional.empty();

    /** Why a part cannot come off now. */
    Optional<Refusal> objection(StripEntry.Removed removed) {
        Optional<Refusal> homeless = assembly(removed);
        if (homeless.isPresent()) {
            return homeless;
        }
        PartTrack track = tracks.get(removed.part());
        if (track == null) {
            return Optional.empty();
        }
        if (track.state == ValleyPart.State.OUT) {
            return refuse(
                    "alreadyOff",
                    "“" + track.name + "” is already off" + since(track.removal) + ".",
                    "If this is another one of the same kind, give it its own name.");
        }
        return Optional.empty();
    }

    /** A part can be taken from an assembly only while that is out, and never from one that was taken from it. */
    private Optional<Refusal> assembly(StripEntry.Removed removed) {
        if (removed.within() == null) {
            return Optional.empty();
        }
        Optional<Refusal> notOut = mustBeOut(removed.within(), "taken apart");
        return notOut.isPresent()
                ? notOut
                : edges.circle(removed.within(), removed.part())
                        .flatMap(loop -> refuse(
                                "circle",
                                "“" + removed.within() + "” lies under “" + removed.part() + "” already.",
                                "Name the assembly it really came out of."));
    }

    /** Why an edge cannot be drawn now. */
    Optional<Refusal> objection(StripEntry.EdgeSet edge) {
        Optional<Refusal> neverOff = neverOff(List.of(edge.over(), edge.under()));
        if (neverOff.isPresent() || !edge.present()) {
            return neverOff;
        }
        return edges.circle(edge.over(), edge.under()).map(Valley::inACircle);
    }

    /** Why a part cannot be said to lie free of others. */
    Optional<Refusal> objection(StripEntry.FreeOf free) {
        return neverOff(free.others()).or(() -> neverOff(List.of(free.part())));
    }

    private Optional<Refusal> neverOff(List<PartName> parts) {
        return parts.stream()
                .filter(name -> !tracks.containsKey(name))
                .findFirst()
                .flatMap(name ->
                        refuse("partUnknown", "“" + name + "” has not been taken off.", "Log its removal first."));
    }

    /** Why pieces cannot have been lost or destroyed: the part has not so many out. */
    Optional<Refusal> notThere(PartName part, String piece, int count, boolean unlisted) {
        PartTrack track = tracks.get(part);
        if (track == null || track.state != ValleyPart.State.OUT) {
            return mustBeOut(part, "missing pieces");
        }
        if (unlisted && !track.pieces.has(piece)) {
            return Optional.empty();
        }
        int had = track.pieces.left(piece);
        if (had < count) {
            return refuse(
                    "notThatMany",
                    "“" + track.name + "” has " + had + " × " + piece + " to lose, not " + count + ".",
                    "Its pieces are: " + String.join("; ", track.pieces.all().keySet())
                            + ". Another one that belonged there has to be named as such.");
        }
        return Optional.empty();
    }

    /** Why nothing can have turned up: nothing of the kind is missing. */
    Optional<Refusal> objection(StripEntry.FoundAgain found) {
        PartTrack track = tracks.get(found.part());
        int gone = track == null ? 0 : track.pieces.missing(found.piece());
        return gone >= found.count()
                ? Optional.empty()
                : refuse(
                        "notLost",
                        "No " + found.piece() + " of “" + found.part() + "” is missing.",
                        "There is nothing to find.");
    }

    /**
     * Why nothing can be done to a part that is not out.
     *
     * @param verb what would be done: "put back"
     */
    public Optional<Refusal> mustBeOut(PartName name, String verb) {
        PartTrack track = tracks.get(name);
        if (track == null) {
            return refuse(
                    "partUnknown",
                    "“" + name + "” has not been taken off, so it cannot be " + verb + ".",
                    tracks.isEmpty() ? "Nothing is off yet." : "Off are: " + namesOut() + ".");
        }
        return switch (track.state) {
            case OUT -> Optional.empty();
            case BACK ->
                refuse(
                        "alreadyBack",
                        "“" + track.name + "” is already back" + since(track.settled) + ".",
                        "There is nothing to do.");
            case LEFT_OUT ->
                refuse(
                        "leftOut",
                        "“" + track.name + "” was left out for good.",
                        "Strike that line out if it goes back after all.");
        };
    }

    private String namesOut() {
        String names = tracks.values().stream()
                .filter(track -> track.state == ValleyPart.State.OUT)
                .map(track -> track.name.text())
                .collect(Collectors.joining(", "));
        return names.isEmpty() ? "nothing" : names;
    }

    /** A part comes off. */
    void off(Line line, StripEntry.Removed removed) {
        PartTrack track = tracks.computeIfAbsent(removed.part(), PartTrack::new);
        changed(track).comesOff(line, removed, ++moment);
        if (removed.within() != null) {
            // an assembly closes over its own parts, and over nothing else by them
            edges.set(removed.within(), track.name);
        }
    }

    /** The hand says what lies over what. */
    void set(StripEntry.EdgeSet edge) {
        known = Optional.empty();
        said.put(new OrderFacts.Pair(edge.over(), edge.under()), edge.present());
        if (edge.present()) {
            edges.set(edge.over(), edge.under());
        } else {
            edges.clear(edge.over(), edge.under());
        }
    }

    /** The hand says that a part lies neither over nor under some others. */
    void free(StripEntry.FreeOf free) {
        free.others().forEach(other -> {
            set(new StripEntry.EdgeSet(free.part(), other, false));
            set(new StripEntry.EdgeSet(other, free.part(), false));
        });
    }

    /** Pieces of a part are gone. */
    void lost(StripEntry.Lost lost) {
        track(lost.part()).pieces.loses(lost);
    }

    /** Pieces of a part broke or were given up. */
    void destroyed(StripEntry.Destroyed gone) {
        track(gone.part()).pieces.loses(gone);
    }

    /** Lost pieces turned up. */
    void found(StripEntry.FoundAgain found) {
        track(found.part()).pieces.finds(found.piece(), found.count());
    }

    /** Another piece fills a place at a part; false where that never came off. */
    boolean fitted(PartName part, String piece, int count) {
        if (!tracks.containsKey(part)) {
            return false;
        }
        track(part).pieces.fits(piece, count);
        return true;
    }

    /** The accounts of all places at the parts that came off. */
    List<PlaceAccount> accounts(PlaceFold said) {
        return tracks.values().stream()
                .flatMap(track -> new PartAccounts(track, said).all().stream())
                .toList();
    }

    /** A part has another mark. */
    void marked(StripEntry.AlsoMarked marked) {
        track(marked.part()).marked(marked.mark());
    }

    /** A part wants another thing to stand so. */
    void wants(StripEntry.AlsoWants wants) {
        track(wants.part()).wants(wants.state());
    }

    /** A part lies elsewhere now. */
    void moved(StripEntry.Moved moved) {
        track(moved.part()).moves(moved.wells());
    }

    /** A part is back on. */
    public void back(Line line, PartName part, WentBack how) {
        track(part).goesBack(line, how, ++moment);
    }

    /** A part stays out for good. */
    public void leftOut(Line line, PartName part, String reason) {
        track(part).staysOut(line, reason);
    }

    /** A check of the technician's own is made at a part. */
    public void checkAdded(PartName part, AskedCheck check) {
        track(part).checks.putIfAbsent(check.what(), GateCheck.open(check, true));
    }

    /** A check was answered. One that is not listed follows from what lies under the part, or was learned. */
    public void checkAnswered(PartName part, Named check, GateCheck.State answer, String why) {
        track(part)
                .checks
                .compute(
                        check,
                        (what, before) -> (before == null
                                        ? GateCheck.open(new AskedCheck(check, CheckIds.usually(check)), false)
                                        : before)
                                .answered(answer, why));
    }

    /** Why a check at a part cannot be answered: the part never came off, or stays out for good. */
    public Optional<Refusal> cannotBeChecked(PartName part) {
        PartTrack track = tracks.get(part);
        return track != null && track.state == ValleyPart.State.BACK ? Optional.empty() : mustBeOut(part, "checked");
    }

    /**
     * Whether a part that went back belongs to the works: it came from inside, or from under a cover of its side. One
     * that was in its place and tried before is only fixed now.
     */
    public boolean wentIntoTheWorks(PartName part) {
        PartTrack track = tracks.get(part);
        return track != null && track.tried == null && !track.isCover() && (track.isInside() || underACover(track));
    }

    private boolean underACover(PartTrack track) {
        return tracks.values().stream()
                .takeWhile(earlier -> earlier != track)
                .anyMatch(earlier -> earlier.isCover() && earlier.isOnTheSideOf(track));
    }

    /** A part was tried in its place without being fixed. */
    public void tried(PartName part, Instant at) {
        track(part).tried = at;
    }

    /** Another piece took a part's place while that was out. */
    void replaced(PartName part, OldPiece old) {
        PartTrack track = tracks.get(part);
        if (track != null && track.state == ValleyPart.State.OUT) {
            changed(track).replaced(old);
        }
    }

    private PartTrack track(PartName part) {
        return changed(tracks.get(part));
    }

    private PartTrack changed(PartTrack track) {
        known = Optional.empty();
        return track;
    }

    /** The valley so far. */
    public Valley valley() {
        Valley valley = known.orElseGet(this::drawn);
        known = Optional.of(valley);
        return valley;
    }

    private Valley drawn() {
        return Valley.of(
                tracks.values().stream().map(PartTrack::part).toList(),
                new OrderFacts(tracks.values().stream().map(PartTrack::order).toList(), said));
    }

    private static String since(Line line) {
        return " (" + line.by() + ", line " + line.sequence() + ")";
    }

    private static Optional<Refusal> refuse(String code, String message, String remedy) {
        return Optional.of(new Refusal(code, message, remedy));
    }
}
