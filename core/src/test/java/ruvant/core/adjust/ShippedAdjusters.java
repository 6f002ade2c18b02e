package ruvant.core.adjust;

import ruvant.core.ShippedData;

/** The adjusters that ship. */
final class ShippedAdjusters {
    static final AdjusterBook BOOK = ShippedData.of(AdjusterBook.class, "adjusters.json");

    private ShippedAdjusters() {}
}
