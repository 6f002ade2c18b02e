package ruvant.core.money;

import ruvant.core.units.Check;
import ruvant.core.units.Identified;

/**
 * Work that is charged at a price and not by the hour, such as looking at a camera at the counter.
 *
 * @param minor minor units, with or without tax as the shop's prices are
 * @param tax id of its rate; empty for the usual one
 */
public record FixedPrice(String id, String words, long minor, String tax) implements Identified {
    private static final long MOST_MINOR = 100_000_000;

    public FixedPrice {
        id = Check.name("id", id);
        words = Check.name("words", words);
        Check.within("price", minor, 0, MOST_MINOR, "minor units");
        tax = Check.optionalName("tax", tax);
    }
}
