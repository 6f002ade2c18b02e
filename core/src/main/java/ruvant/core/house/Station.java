package ruvant.core.house;

import ruvant.core.units.Check;

/**
 * A place of the shop in which things wait: a bath, a heat pad, a drying box.
 *
 * @param capacity how many waits it holds at once, 1 to 50
 * @param hot whether nothing flammable may be used beside it while something lies there
 */
public record Station(String name, int capacity, boolean hot) {
    /** One that is not hot. */
    public Station(String name, int capacity) {
        this(name, capacity, false);
    }

    public Station {
        name = Check.name("station", name);
        Check.count("capacity", capacity, 1, 50);
    }
}
