package ruvant.core.plan.minutes;

import ruvant.core.trade.Family;
import ruvant.core.units.Check;

/**
 * What one piece of work took.
 *
 * @param model empty where it is not known
 * @param part empty where it was about the whole camera
 * @param person empty where it is not known
 * @param minutes above 0
 */
public record Took(Task task, String person, double minutes) {
    /** The most that counts, minutes: what is longer was not work. */
    public static final double LONGEST = 60 * 24;

    /** What was done on what. */
    public record Task(Work work, Family family, String model, String part) {
        public Task {
            Check.chosen("work", work);
            Check.chosen("family", family);
        }
    }

    public Took {
        Check.chosen("task", task);
        Check.within("minutes", minutes, 0.1, LONGEST, "min");
    }
}
