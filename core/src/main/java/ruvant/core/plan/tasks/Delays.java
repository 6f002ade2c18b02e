package ruvant.core.plan.tasks;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import ruvant.core.offer.OfferPicture;
import ruvant.core.parts.PartsPicture;
import ruvant.core.plan.minutes.Guess;
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
        /** Where it stands; empty where nothing was found for it yet. */
        Optional<Supply> of(TagNumber tag, PartsPicture.Need need);
    }

    /**
     * What was found for a need.
     *
     * @param due the day that the supplier named
     * @param here whether it lies in the shop
     */
    public record Supply(Instant due, boolean here) {}

    /** When a part that is on order comes. */
    static BenchTask.Coming parcel(Supply supply, PartsPicture.Need need, Instant now) {
        return new BenchTask.Coming(left(supply.due(), now), TOLD_SPREAD, true, need.wanted() + ", ordered");
    }

    /** When a part comes that is still to be found. */
    BenchTask.Coming search(PartsPicture.Need need, Instant now) {
        return guessed(need.since(), part, now, need.wanted() + ", still to be found");
    }

    /** The longer it has been waited for, the longer it will be: it is not one of those that came soon. */
    private static BenchTask.Coming guessed(Instant since, Duration usual, Instant now, String words) {
        Guess left = new Guess(Math.max(1, usual.toMinutes()), GUESSED_SPREAD, 0)
                .after(Math.max(0, Duration.between(since, now).toMinutes()));
        return new BenchTask.Coming(
                now.plus(Duration.ofMinutes(Math.round(left.median()))), left.spread(), false, words);
    }

    /** When the owner answers. */
    BenchTask.Coming answer(OfferPicture.Question question, Instant now) {
        return guessed(question.askedLast(), answer, now, "the owner’s answer: " + question.question());
    }

    private static Instant left(Instant due, Instant now) {
        return due.isAfter(now) ? due : now.plus(OVERDUE_LEFT);
    }
}
