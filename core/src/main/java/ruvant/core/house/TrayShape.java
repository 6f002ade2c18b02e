package ruvant.core.house;

import ruvant.core.units.Check;

/**
 * One sorting tray of the shop.
 *
 * @param name what it is told by, such as "the lidded one"; may be empty
 * @param rows 1 to 12, lettered from A
 * @param columns 1 to 12, numbered from 1
 */
public record TrayShape(String name, int rows, int columns) {
    public TrayShape {
        name = Check.optionalName("trayName", name);
        Check.count("trayRows", rows, 1, 12);
        Check.count("trayColumns", columns, 1, 12);
    }
}
