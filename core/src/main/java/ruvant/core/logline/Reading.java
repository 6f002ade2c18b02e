package ruvant.core.logline;

import java.util.List;
import java.util.Optional;
import ruvant.core.job.JobEntry;

/**
 * How a line was understood.
 *
 * @param chips its pieces as understood, in order
 * @param entries what Enter would log; empty while there is a question
 * @param question what must be said before it can be logged
 * @param completions words that could stand where the cursor is, best first
 */
public record Reading(List<Chip> chips, List<JobEntry> entries, Optional<String> question, List<String> completions) {
    /** One piece of the line as understood. */
    public record Chip(Kind kind, String text) {}

    /** What a piece is. */
    public enum Kind {
        ACTION,
        DETAIL,
        WELL,
        MARK,
        HAZARD,
        NOTE
    }
}
