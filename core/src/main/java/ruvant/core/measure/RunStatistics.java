package ruvant.core.measure;

import java.util.List;
import org.hipparchus.stat.StatUtils;
import ruvant.core.units.ExposureEv;

/**
 * What the firings at one speed say together.
 *
 * @param firings how many, at least 1
 * @param biasEv mean error in stops
 * @param scatterEv standard deviation (n − 1) in stops; NaN for one firing
 */
public record RunStatistics(int firings, double biasEv, double scatterEv) {
    /** A timer's own step and the hand leave this much scatter even where the figures agree. */
    static final double LEAST_SCATTER_EV = 0.002;

    /**
     * @param seconds measured exposures, each above 0, at least one
     * @param nominalSeconds above 0
     */
    public static RunStatistics of(List<Double> seconds, double nominalSeconds) {
        return ofErrors(seconds.stream()
                .mapToDouble(one -> ExposureEv.of(one, nominalSeconds).value())
                .toArray());
    }

    /** @param errorsEv errors in stops, at least one */
    public static RunStatistics ofErrors(double... errorsEv) {
        double scatter = errorsEv.length < 2 ? Double.NaN : Math.sqrt(StatUtils.variance(errorsEv));
        return new RunStatistics(errorsEv.length, StatUtils.mean(errorsEv), scatter);
    }

    /** The scatter to reckon with: never less than the timer and the hand leave. */
    double plausibleScatterEv() {
        return Math.max(LEAST_SCATTER_EV, scatterEv);
    }

    /**
     * Half the width of the two-sided t-interval of the mean.
     *
     * @param confidence such as 0.95
     * @return stops; infinite for one firing, which says nothing about its own scatter
     */
    public double halfWidthEv(double confidence) {
        return halfWidthEv(confidence, firings, scatterEv);
    }

    /** The two ends of an interval, stops. */
    public record Interval(double lowEv, double highEv) {}

    /**
     * Between which the true scatter lies, by the chi-square distribution.
     *
     * @param confidence such as 0.95
     * @return from 0 to infinity for one firing, which says nothing about its own scatter
     */
    public Interval scatterEv(double confidence) {
        if (firings < 2) {
            return new Interval(0, Double.POSITIVE_INFINITY);
        }
        int freedom = firings - 1;
        double tail = (1 - confidence) / 2;
        return new Interval(
                scatterEv * Math.sqrt(freedom / Quantiles.chiSquare(freedom, 1 - tail)),
                scatterEv * Math.sqrt(freedom / Quantiles.chiSquare(freedom, tail)));
    }

    static double halfWidthEv(double confidence, int firings, double scatterEv) {
        if (firings < 2) {
            return Double.POSITIVE_INFINITY;
        }
        double t = Quantiles.student(firings - 1, 0.5 + confidence / 2);
        return t * scatterEv / Math.sqrt(firings);
    }
}
