package ruvant.core.prove;

import java.util.List;
import java.util.Optional;
import ruvant.core.measure.Attitudes;
import ruvant.core.measure.SpeedVerdict;

/**
 * One marked speed, before and after the work.
 *
 * @param nominalSeconds what the engraving means
 * @param toleranceEv allowed |bias|
 * @param change from before to after; empty until both have two firings
 * @param attitudes what holding it otherwise does, after the work where that was tried, else before
 */
public record SpeedRow(
        String speed,
        double nominalSeconds,
        double toleranceEv,
        Optional<Run> before,
        Optional<Run> after,
        Optional<Change> change,
        List<Attitudes.Effect> attitudes) {
    /** By how much the mean error changed, stops, with the ends of its 95 % interval. */
    public record Change(double byEv, double lowEv, double highEv) {}

    /**
     * The firings of one phase, camera level.
     *
     * @param seconds those that count
     * @param errorsEv of each, stops
     * @param hung those that hung up: misses, not averaged in
     * @param scatterEv standard deviation; empty for one firing
     * @param lowEv lower end of the 95 % interval of the mean; empty for one firing
     * @param highEv upper end of it
     * @param curtains how they ran, where the stand saw it
     * @param percent mean error as measured ÷ nominal − 1, in percent
     */
    public record Run(
            List<Double> seconds,
            List<Double> errorsEv,
            List<Double> hung,
            double biasEv,
            double percent,
            Optional<Double> scatterEv,
            Optional<Double> lowEv,
            Optional<Double> highEv,
            boolean scatterTooWide,
            SpeedVerdict verdict,
            Optional<CurtainRun> curtains) {}
}
