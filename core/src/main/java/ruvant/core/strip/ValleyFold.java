package ruvant.core.strip;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.job.Line;
import ruvant.core.job.PartsEntry;
import ruvant.core.job.RefitEntry;
import ruvant.core.job.StripEntry;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/** Folds removals and refits into the valley. Strip and refit share it, since the right slope mirrors the left. */
public final class ValleyFold {
    private final Map<PartName, PartTrack> tracks = new LinkedHashMap<>();
    private final CoverEdges edges = new CoverEdges();
    private Optional<Valley> known = Optional.empty();

    /** Why a removal, loss or edge makes no sense now. */
    public Optional<Refusal> objection(StripEntry entry) {
        return switch (entry) {
            case StripEntry.Removed removed -> removal(removed);
            case StripEntry.EdgeSet edge -> edge(edge);
            case StripEntry.Lost lost -> loss(lost);
            case StripEntry.FoundAgain found -> foundAgain(found);
            case StripEntry.Destroyed destroyed ->
                loss(new StripEntry.Lost(destroyed.part(), destroyed.piece(), destroyed.count()));
            case StripEntry.MissingOnArrival missing -> Optional.empty();
            case StripEntry.Surplus surplus -> Optional.empty();
            case StripEntry.StateSet set -> Optional.empty();
            case StripEntry.SpringLetDown down -> Optional.empty();
            case StripEntry.SpringWound wound -> Optional.empty();
            case StripEntry.StuckTried tried -> Optional.empty();
            case StripEntry.Moved moved -> mustBeOut(moved.part(), "moved");
            case StripEntry.LeaveAlone alone -> Optional.empty();
        };
    }

    /** Why a refit, or a word about one, makes no sense now: the part is not out. */
    public Optional<Refusal> objection(RefitEntry entry) {
        return switch (entry) {
            case RefitEntry.Refitted back -> mustBeOut(back.part(), "put back");
            case RefitEntry.LeftOut left -> mustBeOut(left.part(), "left out");
            case RefitEntry.GateAdded added -> mustBeOut(added.part(), "given a check");
            case RefitEntry.GateAnswered answer -> mustBeOut(answer.part(), "checked");
            case RefitEntry.TriedUnfixed tried -> mustBeOut(tried.part(), "tried");
            case RefitEntry.TrialAssembled laid ->
                laid.parts().stream()
                        .map(part -> mustBeOut(part, "laid on"))
                        .flatMap(Optional::stream)
                        .findFirst();
            case RefitEntry.TrialUndone undone -> Optional.empty();
        };
    }

    private Optional<Refusal> removal(StripEntry.Removed removed) {
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
                    "“" + track.name + "” is off already" + since(track.removal) + ".",
                    "If it is another one of the same kind, give it a name of its own.");
        }
        return edges.over(removed.part()).stream()
                .map(tracks::get)
                .filter(over -> over != null && over.state == ValleyPart.State.BACK)
                .findFirst()
                .flatMap(over -> refuse(
                        "coveredAgain",
                        "“" + over.name + "” is back on and lies over “" + track.name + "”.",
                        "Log taking “" + over.name + "” off first, or say that it does not lie over it."));
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
                                "Name the assembly that it really came out of."));
    }

    private Optional<Refusal> edge(StripEntry.EdgeSet edge) {
        for (PartName name : List.of(edge.over(), edge.under())) {
            if (!tracks.containsKey(name)) {
                return refuse("partUnknown", "“" + name + "” has not been taken off.", "Log its removal first.");
            }
        }
        if (!edge.present()) {
            return Optional.empty();
        }
        return edges.circle(edge.over(), edge.under())
                .flatMap(loop -> refuse(
                        "circle",
                        "That goes round in a circle: "
                                + loop.stream().map(PartName::text).collect(Collectors.joining(" under ")) + ".",
                        "Take away one of these first."));
    }

    private Optional<Refusal> loss(StripEntry.Lost lost) {
        PartTrack track = tracks.get(lost.part());
        if (track == null || track.state != ValleyPart.State.OUT) {
            return mustBeOut(lost.part(), "missing pieces");
        }
        int had = track.left(lost.piece());
        if (had < lost.count()) {
            return refuse(
                    "notThatMany",
                    "“" + track.name + "” has " + had + " × " + lost.piece() + " to lose, not " + lost.count() + ".",
                    "Its pieces are: " + String.join("; ", track.pieces().keySet()) + ".");
        }
        return Optional.empty();
    }

    private Optional<Refusal> foundAgain(StripEntry.FoundAgain found) {
        PartTrack track = tracks.get(found.part());
        int gone = track == null ? 0 : track.lost.getOrDefault(found.piece(), 0);
        return gone >= found.count()
                ? Optional.empty()
                : refuse(
                        "notLost",
                        "No " + found.piece() + " of “" + found.part() + "” is missing.",
                        "Nothing to enter.");
    }

    private Optional<Refusal> mustBeOut(PartName name, String verb) {
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
                        "“" + track.name + "” is back already" + since(track.settled) + ".",
                        "Nothing to do.");
            case LEFT_OUT ->
                refuse(
                        "leftOut",
                        "“" + track.name + "” was left out for good.",
                        "Strike that line if it goes back after all.");
        };
    }

    private String namesOut() {
        String names = tracks.values().stream()
                .filter(track -> track.state == ValleyPart.State.OUT)
                .map(track -> track.name.text())
                .collect(Collectors.joining(", "));
        return names.isEmpty() ? "nothing" : names;
    }

    /** Takes a removal, loss or edge. */
    public void take(Line line, StripEntry entry) {
        known = Optional.empty();
        switch (entry) {
            case StripEntry.Removed removed -> {
                PartTrack track = tracks.computeIfAbsent(removed.part(), PartTrack::new);
                track.comesOff(line, removed);
                if (removed.within() == null) {
                    tracks.values().stream()
                            .filter(other -> other != track && other.coversSideOf(removed))
                            .filter(other ->
                                    edges.circle(other.name, track.name).isEmpty())
                            .forEach(other -> edges.set(other.name, track.name));
                } else {
                    // an assembly closes over its own parts, and over nothing else by them
                    edges.set(removed.within(), track.name);
                }
            }
            case StripEntry.EdgeSet edge -> {
                if (edge.present()) {
                    edges.set(edge.over(), edge.under());
                } else {
                    edges.clear(edge.over(), edge.under());
                }
            }
            case StripEntry.Lost lost -> tracks.get(lost.part()).lost.merge(lost.piece(), lost.count(), Integer::sum);
            case StripEntry.FoundAgain found ->
                tracks.get(found.part()).lost.merge(found.piece(), -found.count(), Integer::sum);
            case StripEntry.Destroyed destroyed ->
                tracks.get(destroyed.part()).destroyed.merge(destroyed.piece(), destroyed.count(), Integer::sum);
            case StripEntry.MissingOnArrival missing -> {}
            case StripEntry.Surplus surplus -> {}
            case StripEntry.StateSet set -> {}
            case StripEntry.SpringLetDown down -> {}
            case StripEntry.SpringWound wound -> {}
            case StripEntry.StuckTried tried -> {}
            case StripEntry.Moved moved -> tracks.get(moved.part()).moves(moved.wells());
            case StripEntry.LeaveAlone alone -> {}
        }
    }

    /** Takes a refit or a word about one. */
    public void take(Line line, RefitEntry entry) {
        known = Optional.empty();
        switch (entry) {
            case RefitEntry.Refitted back -> tracks.get(back.part()).settle(line, ValleyPart.State.BACK, back);
            case RefitEntry.LeftOut left -> tracks.get(left.part()).settle(line, ValleyPart.State.LEFT_OUT, left);
            case RefitEntry.GateAdded added ->
                tracks.get(added.part())
                        .checks
                        .putIfAbsent(added.check(), new GateCheck(added.check(), GateCheck.State.OPEN, "", true));
            case RefitEntry.GateAnswered answer ->
                // a check that is not listed here follows from what lies under the part, and is known by its words
                tracks.get(answer.part())
                        .checks
                        .compute(
                                answer.check(),
                                (text, check) -> new GateCheck(
                                        text,
                                        answer.passed() ? GateCheck.State.PASSED : GateCheck.State.WAIVED,
                                        answer.reason(),
                                        check != null && check.own()));
            case RefitEntry.TriedUnfixed tried -> tracks.get(tried.part()).tried = line.at();
            case RefitEntry.TrialAssembled laid -> {}
            case RefitEntry.TrialUndone undone -> {}
        }
    }

    /** Takes word that another piece took a part's place. */
    public void take(PartsEntry.Replaced replaced) {
        PartTrack track = tracks.get(replaced.part());
        if (track != null && track.state == ValleyPart.State.OUT) {
            known = Optional.empty();
            track.replacedOld = replaced.old();
        }
    }

    /** The valley so far. */
    public Valley valley() {
        Valley valley = known.orElseGet(this::drawn);
        known = Optional.of(valley);
        return valley;
    }

    private Valley drawn() {
        Map<PartName, Integer> levels = new HashMap<>();
        return new Valley(tracks.values().stream()
                .map(track -> track.part(edges, edges.level(track.name, levels)))
                .toList());
    }

    private static String since(Line line) {
        return " (" + line.by() + ", line " + line.sequence() + ")";
    }

    private static Optional<Refusal> refuse(String code, String message, String remedy) {
        return Optional.of(new Refusal(code, message, remedy));
    }
}
