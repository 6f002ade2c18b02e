package ruvant.core.house;

import ruvant.core.units.Check;
import ruvant.core.units.CurrencyHere;

/**
 * In which money the shop reckons, and what time and waiting cost in it.
 *
 * @param money its currency and how amounts are written
 * @param rates in minor units of that currency
 */
public record Reckoning(CurrencyHere money, Rates rates) {
    /** What a new shop starts with. */
    public static final Reckoning USUAL = new Reckoning(CurrencyHere.USUAL, Rates.USUAL);

    public Reckoning {
        Check.chosen("currency", money);
        Check.chosen("rates", rates);
    }
}
