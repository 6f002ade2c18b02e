package ruvant.core.job;

import ruvant.core.units.Check;

/**
 * A place of the shop in which things wait: a bath, a heat pad, a drying box.
 *
 * @param capacity how many waits it holds at once, 1 to 50
 */
public record Station(String name, int capacity) {
    public Station {
        name = Check.name("station", name);
        Check.count("capacity", capacity, 1, 50);
    }
}
