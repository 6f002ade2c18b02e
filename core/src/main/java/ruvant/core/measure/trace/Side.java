package ruvant.core.measure.trace;

import java.util.Arrays;

/**
 * Restored light around one edge, dark level taken off, with the place of the edge as far as the blocks told it.
 *
 * @param light restored light, in the recording's measure
 * @param from recording's sample at which it begins
 * @param about place of the edge in the array, to a few milliseconds
 * @param noise standard deviation of one sample
 * @param darkVariance of the dark level at the edge
 * @param rateHz samples a second
 * @param wander of the noise
 */
record Side(double[] light, long from, int about, double noise, double darkVariance, double rateHz, Wander wander) {
    /** A part of it, {@code end} not included, so that the rest need not be kept. */
    Side part(int begin, int end) {
        return new Side(
                Arrays.copyOfRange(light, begin, end),
                from + begin,
                about - begin,
                noise,
                darkVariance,
                rateHz,
                wander);
    }

    /** Noise of one sample as it counts in a mean over so many. */
    double noiseOver(double samples) {
        return noise * wander.over(samples / rateHz);
    }
}
