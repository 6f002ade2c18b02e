package ruvant.core.plan.tasks;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import ruvant.core.parts.PartsPicture;
import ruvant.core.plan.wish.Wishes;
import ruvant.core.units.TagNumber;

/**
 * How long things from outside keep a shop waiting.
 *
 * @param orders what is on order for a need
 * @param part how long a part usually takes from the moment somebody begins to look for it
 * @param answer how long an owner usually takes to answer
 */
public record Delays(OnOrder orders, Duration part, Duration answer) {
    /** A week, while a shop has no history of its own. */
    public static final Duration USUAL_PART = Duration.ofDays(7);

    /** Two days, while a shop has no history of its own. */
    public static final Duration USUAL_ANSWER = Duration.ofDays(2);

    /** A parcel keeps to its day far better than a search does. */
    private static final double TOLD_SPREAD = 0.25;

    private static final double GUESSED_SPREAD = 0.8;

    /** What is late already may come at any moment. */
    private static final Duration OVERDUE_LEFT = Duration.ofDays(1);

    /** Nothing is on order, and nothing is known of this shop. */
    public static final Delays USUAL = new Delays((tag, need) -> Optional.empty(), USUAL_PART, USUAL_ANSWER);

    /** What is on order for a need. */
    @FunctionalInterface
    public interface OnOrder {
        /** The day that the supplier named; empty where nothing is on order for it. */
        Optional<Instant> due(TagNumber tag, PartsPicture.Need need);
    }

    /** When a part that is on order comes; empty where none is. */
    Optional<BenchTask.Coming> parcel(TagNumber tag, PartsPicture.Need need, Instant now) {
        return orders.due(tag, need)
                .map(due -> new BenchTask.Coming(left(due, now), TOLD_SPREAD, true, need.wanted() + ", ordered"));
    }

    /** When a part comes that is still to be found. */
    BenchTask.Coming search(PartsPicture.Need need, Instant now) {
        return new BenchTask.Coming(
                left(need.since().plus(part), now), GUESSED_SPREAD, false, need.wanted() + ", still to be found");
    }

    /** When the owner answers. */
    BenchTask.Coming answer(Wishes.Question question, Instant now) {
        return new BenchTask.Coming(
                left(question.at().plus(answer), now),
                GUESSED_SPREAD,
                false,
                "the owner’s answer: " + question.question());
    }

    private static Instant left(Instant due, Instant now) {
        return due.isAfter(now) ? due : now.plus(OVERDUE_LEFT);
    }
}
