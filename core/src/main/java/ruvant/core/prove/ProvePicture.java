package ruvant.core.prove;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ruvant.core.job.FunctionResult;
import ruvant.core.job.ProveEntry;

/**
 * What was tried and timed.
 *
 * @param timed every set of firings, in the order made
 * @param functions last result of each function tried after the work
 * @param triedSinceWork functions tried, and speeds timed, since the mechanism was last worked on; in small letters
 */
public record ProvePicture(List<Timed> timed, Streak streak, List<Function> functions, List<String> triedSinceWork) {
    /** A set of firings and its line. */
    public record Timed(UUID id, Instant at, ProveEntry.FiringsTimed firings) {}

    /** A function after the work. */
    public record Function(UUID id, String function, FunctionResult result, String remark) {}
}
