package ruvant.core.measure.trace;

import java.util.Optional;

/**
 * What is kept of a firing's plateau: the lamp's level there, and a few means from which a ripple of the mains can be
 * found over many firings.
 *
 * @param inOnePiece whether the light was restored over the whole firing
 * @param seconds how long it could be looked at
 * @param room widest smoothing that its length allows, samples to either side
 * @param level of the lamp where it is known best
 * @param levelVariance of that
 * @param times of the means, from the beginning of the recording
 * @param means of the light
 * @param noise of one mean
 */
record Plateau(
        boolean inOnePiece,
        double seconds,
        int room,
        Optional<Double> level,
        double levelVariance,
        double[] times,
        double[] means,
        double noise) {
    /** A wave of 120 Hz over a tenth of a second has twelve turns; sixteen means of a short plateau show each of its turns. */
    private static final int MEANS = 16;

    static Plateau of(Side side, int from, int to, Optional<LampLevel> lamp, boolean inOnePiece) {
        int length = Math.max(0, to - from);
        int group = Math.max(1, length / MEANS);
        int count = length / group;
        double[] times = new double[count];
        double[] means = new double[count];
        for (int k = 0; k < count; k++) {
            double sum = 0;
            for (int i = from + k * group; i < from + (k + 1) * group; i++) {
                sum += side.light()[i];
            }
            means[k] = sum / group;
            times[k] = (side.from() + from + k * group + (group - 1) / 2.0) / side.rateHz();
        }
        double place = inOnePiece ? (from + to) / 2.0 : from;
        return new Plateau(
                inOnePiece,
                length / side.rateHz(),
                Math.max(1, length / 8),
                lamp.map(level -> level.at(place)),
                lamp.map(level -> level.variance(place)).orElse(0.0),
                times,
                means,
                side.noiseOver(length) / Math.sqrt(group));
    }
}
