package ruvant.core;

import ruvant.core.trade.TradeLists;

/** The lists of the trade as they ship. */
public final class ShippedLists {
    public static final TradeLists LISTS = ShippedData.of(TradeLists.class, "lists.json");

    private ShippedLists() {}
}
