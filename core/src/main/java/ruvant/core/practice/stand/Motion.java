package ruvant.core.practice.stand;

/** One firing of a simulated shutter, as the diodes behind it see it. Times count from the release, in seconds. */
public interface Motion {
    /** How much of the light reaches a diode, 0 to 1. */
    double transmission(int sensor, double seconds);

    /** After this nothing moves any more, rebounds included. */
    double endSeconds();

    /** The true opening of a diode: when the light's area begins to count as if it opened at once. */
    double openSeconds(int sensor);

    /** The true closing of a diode, likewise; a rebound does not belong to it. */
    double closeSeconds(int sensor);

    /** The true effective exposure of a diode. */
    default double exposureSeconds(int sensor) {
        return closeSeconds(sensor) - openSeconds(sensor);
    }
}
