package ruvant.core.measure.trace;

/** Where a firing shines brightest: in its middle, if it is long enough to have a plateau. */
final class Brightest {
    /** How far the coarse edges may be off: blades of old shutters take two milliseconds. */
    private static final double AROUND_SECONDS = 0.002;

    /** A fifth of a millisecond holds ten samples of a sound input: enough that no single one is taken for the top. */
    static final double SMOOTHED_SECONDS = 0.0002;

    private Brightest() {}

    /** @param room widest smoothing that the firing's length allows, samples to either side */
    static int in(double[] light, int opens, int closes, double rate, int room) {
        int around = (int) (AROUND_SECONDS * rate);
        int best = (opens + closes) / 2;
        if (closes - opens > 3 * around) {
            return best;
        }
        EdgeWindow.Running smooth = around(light, rate, room);
        double most = smooth.at(best);
        for (int i = Math.max(0, opens - around); i < Math.min(light.length, closes + around); i++) {
            if (smooth.at(i) > most) {
                most = smooth.at(i);
                best = i;
            }
        }
        return best;
    }

    /** The light smoothed so far as that. */
    static EdgeWindow.Running around(double[] light, double rate, int room) {
        return new EdgeWindow.Running(light, Math.min(room, (int) (SMOOTHED_SECONDS * rate) + 1));
    }
}
