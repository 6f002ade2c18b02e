package ruvant.core.shelf;

import ruvant.core.units.Check;

/**
 * A part that may be in a donor.
 *
 * @param worthMinor what it brings where somebody needs it, minor units
 * @param minutes to take it out once the body is open
 */
public record BodyPart(String name, long worthMinor, int minutes) {
    public BodyPart {
        name = Check.name("part", name);
        Check.within("worth", worthMinor, 0, Stock.MOST_MINOR, "minor units");
        Check.count("minutes", minutes, 0, 2_000);
    }
}
