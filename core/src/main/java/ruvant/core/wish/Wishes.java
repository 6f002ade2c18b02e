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
 * @param questions everything the owner was asked, the first first
 */
public record Wishes(Map<String, Wish> byTask, List<Promise> promises, Urgency urgency, List<Question> questions) {
    /** Something the owner was told, by whom and when. */
    public record Promise(UUID id, Instant at, String by, WishEntry.Promised what) {}

    /**
     * Something the owner was asked.
     *
     * @param answeredAt empty while there is no answer
     */
    public record Question(
            UUID id, Instant at, String by, String question, Optional<Instant> answeredAt, String answer) {
        Question answered(Instant when, String said) {
            return new Question(id, at, by, question, Optional.of(when), said);
        }
    }

    /** Questions that the owner has not answered yet. */
    public List<Question> unanswered() {
        return questions.stream().filter(one -> one.answeredAt().isEmpty()).toList();
    }

    /** The same with another wish for a task. */
    public Wishes with(String task, Wish wish) {
        Map<String, Wish> others = new HashMap<>(byTask);
        others.put(task, wish);
        return new Wishes(Map.copyOf(others), promises, urgency, questions);
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
