package ruvant.core.house;

import ruvant.core.units.Check;

/**
 * What time and waiting cost this shop, in minor units of its money.
 *
 * @param hourMinor an hour at the bench
 * @param lateDayMinor a day that a camera is given back later than promised
 * @param needMinor what it is worth to get a camera its part, where nobody said what the camera is worth
 * @param makeMinutes to make a small part by hand, 1 to 2,000
 */
public record Rates(long hourMinor, long lateDayMinor, long needMinor, int makeMinutes) {
    /** What a new shop starts with. */
    public static final Rates USUAL = new Rates(4_000, 200, 8_000, 120);

    private static final long MOST_MINOR = 10_000_000;

    public Rates {
        Check.within("hour", hourMinor, 0, MOST_MINOR, "minor units");
        Check.within("lateDay", lateDayMinor, 0, MOST_MINOR, "minor units");
        Check.within("needWorth", needMinor, 0, MOST_MINOR, "minor units");
        Check.count("makeMinutes", makeMinutes, 1, 2_000);
    }

    /** What so many minutes at the bench cost. */
    public long minutes(double minutes) {
        return Math.round(hourMinor * minutes / 60.0);
    }
}
