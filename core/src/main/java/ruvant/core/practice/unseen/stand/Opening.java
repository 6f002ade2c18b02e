package ruvant.core.practice.unseen.stand;

/** What a shutter lets through to each sensor in one firing. Times are seconds from its release. */
interface Opening {
    /** Part of the whole light, 0 to 1. */
    double light(int sensor, double seconds);

    /** The effective exposure: whole light for so long would expose alike. Light that comes back later does not count. */
    double exposureSeconds(int sensor);

    /** Brightest part of the whole light while it is open. */
    double peak(int sensor);

    /** Height of what comes back after closing, 0 for none. */
    double rebound();

    double endSeconds();
}
