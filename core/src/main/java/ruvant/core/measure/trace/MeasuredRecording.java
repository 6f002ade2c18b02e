package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;

/**
 * What a recording says.
 *
 * @param analysis version of the analysis; a higher one may answer otherwise
 * @param firings in order of time
 * @param warnings what was odd and may be mended, in words
 */
public record MeasuredRecording(
        int analysis, double seconds, List<FiringFound> firings, Input input, List<String> warnings) {
    MeasuredRecording withWarnings(List<String> all) {
        return new MeasuredRecording(analysis, seconds, firings, input, List.copyOf(all));
    }

    /**
     * How the signal came in.
     *
     * @param coupled whether the input lets nothing steady through
     * @param cutoffHz of the coupling, where there is any
     * @param secondCutoffHz of a second stage
     * @param inverted whether light makes the recording fall
     * @param snrDb plateau over the noise of one sample, decibels
     * @param rippleHz of the lamp, where it ripples
     * @param rippleDepth amplitude of it as a part of the mean light
     * @param humHz of the mains in the dark
     * @param humDepth amplitude of it as a part of the plateau
     */
    public record Input(
            boolean coupled,
            Optional<Double> cutoffHz,
            Optional<Double> secondCutoffHz,
            boolean inverted,
            double snrDb,
            Optional<Double> rippleHz,
            Optional<Double> rippleDepth,
            Optional<Double> humHz,
            Optional<Double> humDepth,
            double rateHz) {}
}
