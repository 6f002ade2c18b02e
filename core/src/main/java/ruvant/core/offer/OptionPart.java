package ruvant.core.offer;

import ruvant.core.units.Check;

/**
 * A part or a fixed price that belongs to an option.
 *
 * @param count 1 to 999
 * @param unitMinor what one is charged at, minor units
 * @param chance that it can be had, in percent, 1 to 100; where it cannot, the repair stops before it is mended
 * @param days until it comes, 0 to 730
 */
public record OptionPart(String words, int count, long unitMinor, int chance, int days) {
    private static final long MOST_MINOR = 100_000_000;

    public OptionPart {
        words = Check.name("words", words);
        Check.count("count", count, 1, 999);
        Check.within("price", unitMinor, 0, MOST_MINOR, "minor units");
        Check.count("chance", chance, 1, 100);
        Check.count("days", days, 0, 730);
    }

    /** What all of them are charged at. */
    public long priceMinor() {
        return count * unitMinor;
    }
}
