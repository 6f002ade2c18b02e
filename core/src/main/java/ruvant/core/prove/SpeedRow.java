package ruvant.core.prove;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ruvant.core.measure.Attitudes;
import ruvant.core.measure.FirstAfterRest;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.trade.Phase;

/**
 * One marked speed, before and after the work.
 *
 * @param change from before to after; empty until both have two firings
 * @param attitudes what holding it otherwise does, after the work where that was tried, else before
 * @param firstAfterRest what a rest does to the next firing, after the work where that was tried, else before
 * @param earlier firings that do not count any more, because the camera was worked on since; the newest first
 * @param guesses what ears made of it, the newest first
 */
public record SpeedRow(
        String speed,
        Nominal nominal,
        AllowedBias allowed,
        Optional<Run> before,
        Optional<Run> after,
        Optional<Change> change,
        List<Attitudes.Effect> attitudes,
        Optional<FirstAfterRest> firstAfterRest,
        List<Earlier> earlier,
        List<Guessed> guesses) {
    /**
     * Firings of an earlier state of the camera, camera level.
     *
     * @param at of the last of them
     * @param biasEv mean error, stops
     */
    public record Earlier(Instant at, Phase phase, int firings, double biasEv) {}

    /**
     * What the engraving means.
     *
     * @param source by what that is known
     */
    public record Nominal(double seconds, String source) {}

    /**
     * Allowed |bias|.
     *
     * @param source who says so
     */
    public record AllowedBias(double ev, String source) {}

    /**
     * What an ear made of it.
     *
     * @param measuredEv mean of what was fired after it was said; empty for nothing yet
     */
    public record Guessed(
            Instant at, String by, Phase phase, String said, double errorEv, Optional<Double> measuredEv) {}

    /** By how much the mean error changed, stops, with the ends of its 95 % interval. */
    public record Change(double byEv, double lowEv, double highEv) {}

    /**
     * The firings of one phase, camera level.
     *
     * @param seconds those that count
     * @param errorsEv of each, stops
     * @param hung those that hung up: misses, not averaged in
     * @param curtains how they ran, where the stand saw it
     * @param blades how they moved, likewise
     * @param simulated whether any of them was fired by no camera
     */
    public record Run(
            List<Double> seconds,
            List<Double> errorsEv,
            List<Double> hung,
            Bias bias,
            RunScatter scatter,
            SpeedVerdict verdict,
            Optional<CurtainRun> curtains,
            Optional<BladeRun> blades,
            boolean simulated) {}

    /**
     * Mean error of the firings that count.
     *
     * @param ev stops
     * @param percent as measured ÷ nominal − 1, in percent
     * @param lowEv lower end of the 95 % interval of the mean; empty for one firing
     * @param highEv upper end of it
     */
    public record Bias(double ev, double percent, Optional<Double> lowEv, Optional<Double> highEv) {}

    /**
     * How they differ among themselves.
     *
     * @param ev standard deviation; empty for one firing
     */
    public record RunScatter(Optional<Double> ev, boolean tooWide) {}
}
