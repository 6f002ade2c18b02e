package ruvant.core.measure.trace;

import java.util.Optional;

/**
 * Light that comes back shortly after closing.
 *
 * @param atSeconds its middle, from the beginning of the recording
 * @param relative its height as a part of the plateau
 */
record Bounce(double atSeconds, double relative) {
    /** Blades that come back stay open from half a millisecond to three; a box of about that width sees them best. */
    private static final double[] BOX_SECONDS = {0.0004, 0.0008, 0.0015, 0.003};

    /** Blades come back within a few times their own run, which is 5 ms at most. */
    private static final double LOOKED_AT_SECONDS = 0.028;

    /** So many standard deviations: some five hundred boxes are looked at behind each firing, and one in a thousand may mislead. */
    private static final double SURE = 5.5;

    /** As a part of the plateau; less light than this changes no exposure by a hundredth of a stop. */
    private static final double LEAST = 0.012;
    /** A box over the best part of a hump holds so much of its height on average. */
    private static final double OF_HEIGHT = 0.85;

    static Optional<Bounce> after(Pulse pulse, double level) {
        Side side = pulse.closing();
        double[] light = side.light();
        int from = pulse.closeWindow().to();
        int to = (int) Math.min(light.length, from + (LOOKED_AT_SECONDS + pulse.bouncedSeconds()) * side.rateHz());
        if (to - from < 8) {
            return Optional.empty();
        }
        double[] sums = new double[to - from + 1];
        for (int i = from; i < to; i++) {
            sums[i - from + 1] = sums[i - from] + light[i];
        }
        Optional<Bounce> best = Optional.empty();
        double surest = SURE;
        for (double seconds : BOX_SECONDS) {
            int width = (int) Math.max(2, Math.round(seconds * side.rateHz()));
            double error = side.noiseOver(width) / Math.sqrt(width);
            int narrow = Math.max(1, width / 2);
            double darkest = Double.MAX_VALUE;
            for (int at = 0; at + width < sums.length; at++) {
                if (at >= narrow) {
                    darkest = Math.min(darkest, (sums[at] - sums[at - narrow]) / narrow);
                }
                double height = (sums[at + width] - sums[at]) / width;
                double sure = height / Math.max(1e-12, error);
                // between closing and the hump it was darker, or it is the closing's own tail
                if (sure > surest && height > LEAST * level && darkest < height / 2) {
                    surest = sure;
                    double middle = side.from() + from + at + width / 2.0;
                    best = Optional.of(new Bounce(middle / side.rateHz(), height / level / OF_HEIGHT));
                }
            }
        }
        return best;
    }
}
