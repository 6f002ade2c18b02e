package ruvant.core.find;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ruvant.core.job.FindEntry;

/** Where the search for the fault stands. */
public record FindPicture(
        List<Said> symptoms,
        List<Suspect> suspects,
        List<Said> causes,
        List<Said> found,
        List<Pattern> patterns,
        List<Look> looks) {

    /** A thing said, with more about it; the line that carries it. */
    public record Said(UUID id, String what, String more) {}

    /** Whether that is a suspect here already, in whatever order of words. */
    public boolean suspects(String cause) {
        return suspects.stream().anyMatch(one -> SameWords.key(one.name()).equals(SameWords.key(cause)));
    }

    /** A look that was taken, the last of each counts. */
    public record Look(UUID id, Instant at, String by, FindEntry.Looked looked) {}

    /** What the speeds said at a time. */
    public record Pattern(UUID id, Instant at, FindEntry.PatternRead read) {}

    /**
     * One possible cause.
     *
     * @param why why it was raised
     * @param look the look that settled it; empty while open
     */
    public record Suspect(UUID id, String name, State state, String why, String look) {}

    /** Where a suspect stands. */
    public enum State {
        OPEN,
        CLEARED,
        CAUSE
    }
}
