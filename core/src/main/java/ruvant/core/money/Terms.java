package ruvant.core.money;

import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/**
 * How long things hold, in days.
 *
 * @param quoteDays a quote may be agreed to, 1 to 365
 * @param payDays a bill may be paid, 0 to 365: 0 is at once
 * @param collectDays a finished camera may lie here before the owner is told that it will not be kept, 1 to 3,650
 * @param remindDays after which somebody is asked again who has not answered, 1 to 365
 * @param keepYears for which papers have to be kept by law, 0 to 100; null for the usual ten
 */
public record Terms(
        int quoteDays,
        int payDays,
        int collectDays,
        int remindDays,
        @MayBeNull Integer keepYears) {
    private static final int USUAL_YEARS = 10;

    /** What a new shop starts with. */
    public static final Terms USUAL = new Terms(30, 14, 90, 7, USUAL_YEARS);

    public Terms {
        Check.count("quoteDays", quoteDays, 1, 365);
        Check.count("payDays", payDays, 0, 365);
        Check.count("collectDays", collectDays, 1, 3650);
        Check.count("remindDays", remindDays, 1, 365);
        keepYears = keepYears == null ? USUAL_YEARS : Check.count("keepYears", keepYears, 0, 100);
    }
}
