package ruvant.core.strip;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.job.Entry;
import ruvant.core.job.Line;
import ruvant.core.job.RefitEntry;
import ruvant.core.job.StripEntry;
import ruvant.core.units.PartName;

/** One part while the log is read. */
final class PartTrack {
    final PartName name;
    Line removal;
    private StripEntry.Removed removed;
    private int timesOff;
    ValleyPart.State state;
    Line settled;
    private Entry settling;
    Instant tried;
    final Map<String, Integer> lost = new LinkedHashMap<>();
    final Map<String, GateCheck> checks = new LinkedHashMap<>();

    PartTrack(PartName name) {
        this.name = name;
    }

    void comesOff(Line line, StripEntry.Removed how) {
        removal = line;
        removed = how;
        timesOff++;
        state = ValleyPart.State.OUT;
        settled = null;
        settling = null;
        tried = null;
        lost.clear();
        checks.clear();
        GateChecks.of(how).forEach(text -> checks.put(text, new GateCheck(text, GateCheck.State.OPEN, "", false)));
    }

    void settle(Line line, ValleyPart.State how, Entry entry) {
        state = how;
        settled = line;
        settling = entry;
    }

    boolean coversSideOf(StripEntry.Removed other) {
        return state == ValleyPart.State.OUT && removed.covers() && removed.side() == other.side();
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

    ValleyPart part(CoverEdges edges, int level) {
        List<ValleyPart.Piece> gone = new ArrayList<>();
        lost.forEach((what, count) -> {
            if (count > 0) {
                gone.add(new ValleyPart.Piece(what, count));
            }
        });
        Optional<Instant> at = Optional.ofNullable(settled).map(Line::at);
        return new ValleyPart(
                name,
                removed,
                removal.id(),
                removal.at(),
                removal.by(),
                timesOff,
                state,
                at,
                Optional.ofNullable(settled).map(Line::by),
                settling instanceof RefitEntry.Refitted back ? Optional.of(back) : Optional.empty(),
                settling instanceof RefitEntry.LeftOut left ? Optional.of(left.reason()) : Optional.empty(),
                new LinkedHashSet<>(edges.over(name)),
                edges.allOver(name).size(),
                level,
                gone,
                List.copyOf(checks.values()),
                Optional.ofNullable(tried));
    }
}
