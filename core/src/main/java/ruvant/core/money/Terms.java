package ruvant.core.money;

import ruvant.core.units.Check;

/**
 * How long things hold, in days.
 *
 * @param quoteDays a quote may be agreed to, 1 to 365
 * @param payDays a bill may be paid, 0 to 365: 0 is at once
 * @param collectDays a finished camera may lie here before the owner is told that it will not be kept, 1 to 3,650
 * @param remindDays after which somebody is asked again who has not answered, 1 to 365
 */
public record Terms(int quoteDays, int payDays, int collectDays, int remindDays) {
    /** What a new shop starts with. */
    public static final Terms USUAL = new Terms(30, 14, 90, 7);

    public Terms {
        Check.count("quoteDays", quoteDays, 1, 365);
        Check.count("payDays", payDays, 0, 365);
        Check.count("collectDays", collectDays, 1, 3650);
        Check.count("remindDays", remindDays, 1, 365);
    }
}
