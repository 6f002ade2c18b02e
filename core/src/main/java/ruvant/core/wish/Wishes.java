package ruvant.core.wish;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What is wanted of the plan of one job.
 *
 * @param byTask the wish that holds, by the id of its task within the job
 * @param promises everything the owner was told, the first first
 * @param urgency how much its day counts
 */
public record Wishes(Map<String, Wish> byTask, List<Promise> promises, Urgency urgency) {
    /** Something the owner was told, by whom and when. */
    public record Promise(UUID id, Instant at, String by, WishEntry.Promised what) {}

    /** The same with another wish for a task. */
    public Wishes with(String task, Wish wish) {
        Map<String, Wish> others = new HashMap<>(byTask);
        others.put(task, wish);
        return new Wishes(Map.copyOf(others), promises, urgency);
    }

    /** What holds of a task. */
    public Wish of(String task) {
        return byTask.getOrDefault(task, Wish.NONE);
    }

    /** What was promised last. */
    public Optional<Promise> last() {
        return promises.isEmpty() ? Optional.empty() : Optional.of(promises.getLast());
    }
}
