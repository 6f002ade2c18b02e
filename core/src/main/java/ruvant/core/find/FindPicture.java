package ruvant.core.find;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.trade.Family;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

/**
 * Where the search for the fault stands.
 *
 * @param shown when symptoms show, by the line of each; those of which nobody said are not in it
 */
public record FindPicture(
        List<Said> symptoms,
        List<Suspect> suspects,
        List<Said> causes,
        List<Said> found,
        List<Pattern> patterns,
        List<TakenLook> looks,
        List<Prediction> predictions,
        List<Swap> swaps,
        List<Overturned> overturned,
        List<Said> roots,
        Map<UUID, Seen> seen,
        Map<UUID, Shown> shown) {
    /** A finding by its fields; empty where it was only written down. */
    public Optional<Seen> seen(UUID finding) {
        return Optional.ofNullable(seen.get(finding));
    }

    /** Findings at a part that somebody wants to keep an eye on. */
    public List<Seen> watched(PartName part) {
        return seen.values().stream()
                .filter(one -> one.watch() && part.equals(one.part()))
                .toList();
    }

    /**
     * Something predicted, and what was seen of it.
     *
     * @param held whether it came as predicted; empty while it was not looked at
     */
    public record Prediction(UUID id, FindEntry.Predicted what, Optional<Double> seen, Optional<Boolean> held) {}

    /** A part tried in place of a suspect. */
    public record Swap(UUID id, FindEntry.SwapTried what) {}

    /** An earlier judgement that did not stand. */
    public record Overturned(UUID id, FindEntry.Reopened what) {}

    /** Suspects that were followed in vain: cleared, while something else was the cause. */
    public List<Named> falseLeads() {
        return causes.isEmpty()
                ? List.of()
                : suspects.stream()
                        .filter(one -> one.state() == State.CLEARED)
                        .map(Suspect::what)
                        .toList();
    }

    /** A thing said, with more about it; the line that carries it. */
    public record Said(UUID id, Instant at, Named what, String more) {}

    /** Whether that is a suspect here already, whatever it was called when it was raised. */
    public boolean suspects(FaultKnowledge.Cause cause, FaultKnowledge knowledge, Family family) {
        return suspects.stream()
                .anyMatch(one -> knowledge
                        .causeMeant(one.what(), Optional.of(family))
                        .filter(cause::equals)
                        .isPresent());
    }

    /**
     * A look that was taken, the last of each counts.
     *
     * @param took since the line before it; empty where that says nothing of how long the look took
     */
    public record TakenLook(UUID id, Instant at, String by, FindEntry.Looked looked, Optional<Duration> took) {}

    /** What the speeds said at a time. */
    public record Pattern(UUID id, Instant at, FindEntry.PatternRead read) {}

    /**
     * One possible cause.
     *
     * @param what by the id of the cause where it is known
     * @param why why it was raised
     * @param look the look that settled it; empty while open
     */
    public record Suspect(UUID id, Named what, State state, String why, String look) {
        /** What it was called when it was raised. */
        public String name() {
            return what.words();
        }
    }

    /** Where a suspect stands. */
    public enum State {
        OPEN,
        CLEARED,
        CAUSE
    }
}
