package ruvant.core.practice.unseen.stand;

/**
 * One curtain. It was let go some way before the gate and follows a power of time that differs from even acceleration.
 *
 * @param gateMm length of the gate
 * @param runUpMm way before it
 * @param power of time: 1 runs evenly, 2 with even acceleration
 * @param travelSeconds over the gate
 */
record Blind(double gateMm, double runUpMm, double power, double travelSeconds) {
    private double scale() {
        double whole = Math.pow(gateMm + runUpMm, 1 / power) - Math.pow(runUpMm, 1 / power);
        return travelSeconds / whole;
    }

    /** When it passes a place, from passing the beginning of the gate; places before its start are reached evenly. */
    double secondsAt(double placeMm) {
        double way = Math.max(0.05 * runUpMm, placeMm + runUpMm);
        return scale() * (Math.pow(way, 1 / power) - Math.pow(runUpMm, 1 / power));
    }

    double placeAt(double seconds) {
        double root = Math.max(0, seconds / scale() + Math.pow(runUpMm, 1 / power));
        return Math.pow(root, power) - runUpMm;
    }

    double speedAt(double placeMm) {
        return 1 / ((secondsAt(placeMm + 0.01) - secondsAt(placeMm - 0.01)) / 0.02);
    }
}
