package ruvant.core.house;

import ruvant.core.units.Check;

/**
 * What stands at the head and foot of the return sheet.
 *
 * @param shopName printed at its head
 * @param guaranteeMonths 0 to 120; 0 where none is given
 */
public record SheetHead(String shopName, int guaranteeMonths) {
    public SheetHead {
        shopName = Check.name("shopName", shopName);
        Check.count("guaranteeMonths", guaranteeMonths, 0, 120);
    }
}
