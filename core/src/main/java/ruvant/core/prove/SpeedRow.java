package ruvant.core.prove;

import java.util.List;
import java.util.Optional;
import ruvant.core.measure.SpeedVerdict;

/**
 * One marked speed, before and after the work.
 *
 * @param nominalSeconds what the engraving means
 * @param toleranceEv allowed |bias|
 */
public record SpeedRow(
        String speed, double nominalSeconds, double toleranceEv, Optional<Run> before, Optional<Run> after) {

    /**
     * The firings of one phase, camera level.
     *
     * @param scatterEv standard deviation; empty for one firing
     * @param lowEv lower end of the 95 % interval of the mean; empty for one firing
     * @param highEv upper end of it
     * @param percent mean error as measured ÷ nominal − 1, in percent
     */
    public record Run(
            List<Double> seconds,
            double biasEv,
            double percent,
            Optional<Double> scatterEv,
            Optional<Double> lowEv,
            Optional<Double> highEv,
            boolean scatterTooWide,
            SpeedVerdict verdict) {}
}
