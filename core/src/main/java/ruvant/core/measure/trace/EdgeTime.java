package ruvant.core.measure.trace;

/**
 * When an edge would have happened if the light had come or gone at once, with the same area: for an opening the end of
 * its window less the normalised area in it, t_b − ∫s dt; for a closing the beginning plus that area. So a ramp of any
 * shape counts for what it lets through.
 *
 * @param seconds from the beginning of the recording
 * @param variance of that from the noise of the samples in the window and of the dark level
 * @param levelSlope by how much the time shifts when the level is taken too high by a part of itself, seconds
 */
record EdgeTime(double seconds, double variance, double levelSlope, double rampSeconds) {
    /** What sampling itself leaves open where the light changes within one sample, as a part of it. */
    private static final double WITHIN_SAMPLE = 0.05;

    static EdgeTime opening(Side side, EdgeWindow window, LampLevel level) {
        Area area = area(side, window, level);
        // a sample stands for the time half a sample before and after it
        double end = side.from() + window.to() - 0.5;
        return time(side, window, level, area, end - area.sum, area.sum, window.to() - window.from() - area.sum);
    }

    static EdgeTime closing(Side side, EdgeWindow window, LampLevel level) {
        Area area = area(side, window, level);
        double begin = side.from() + window.from() - 0.5;
        double dark = window.to() - window.from() - area.sum;
        EdgeTime mirrored = time(side, window, level, area, begin + area.sum, area.sum, dark);
        return new EdgeTime(mirrored.seconds, mirrored.variance, -mirrored.levelSlope, mirrored.rampSeconds);
    }

    private record Area(double sum, double squares) {}

    private static Area area(Side side, EdgeWindow window, LampLevel level) {
        double sum = 0;
        double squares = 0;
        for (int i = window.from(); i < window.to(); i++) {
            double bright = level.at(i);
            sum += side.light()[i] / bright;
            squares += 1 / (bright * bright);
        }
        return new Area(sum, squares);
    }

    private static EdgeTime time(
            Side side, EdgeWindow window, LampLevel level, Area area, double samples, double bright, double dark) {
        double sample = side.noiseOver(window.to() - window.from());
        double noise = sample * sample * area.squares;
        double mean = level.at((window.from() + window.to()) / 2.0);
        double darkPart = side.darkVariance() / (mean * mean) * dark * dark;
        double variance = noise + darkPart + WITHIN_SAMPLE * WITHIN_SAMPLE;
        double rate = side.rateHz();
        return new EdgeTime(samples / rate, variance / (rate * rate), bright / rate, window.rampSamples() / rate);
    }
}
