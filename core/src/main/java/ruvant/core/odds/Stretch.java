package ruvant.core.odds;

import org.hipparchus.distribution.continuous.NormalDistribution;
import ruvant.core.offer.StepMinutes;

/**
 * How long something takes, as three figures say it: half of all cases take longer than the middle one, nine in ten longer than the
 * lower, one in ten longer than the upper. The logarithm of the minutes is normal on each side of the middle, with a width of
 * its own, so that all three figures are kept exactly and long tails stay long.
 *
 * @param middle minutes, 0 or more
 * @param below standard deviation of the logarithm below the middle
 * @param above standard deviation of the logarithm above the middle
 */
public record Stretch(double middle, double below, double above) {
    static final NormalDistribution STANDARD = new NormalDistribution();

    /** In units of the standard deviation, what one in ten exceeds. */
    static final double ONE_IN_TEN = STANDARD.inverseCumulativeProbability(0.9);

    /** The stretch that three figures describe. */
    public static Stretch of(StepMinutes minutes) {
        if (minutes.high() == 0) {
            return new Stretch(0, 0, 0);
        }
        double middle = minutes.likely();
        return new Stretch(
                middle, Math.log(middle / minutes.low()) / ONE_IN_TEN, Math.log(minutes.high() / middle) / ONE_IN_TEN);
    }

    /** The same as experience corrects it. */
    public Stretch corrected(Correction by) {
        return new Stretch(middle * by.factor(), below * by.width(), above * by.width());
    }

    /** Minutes at a place of the standard normal distribution: 0 is the middle, 1.28 what one in ten exceeds. */
    public double at(double place) {
        return middle * Math.exp((place < 0 ? below : above) * place);
    }

    /** Minutes on average: each half of the log-normal contributes exp(σ²/2) times what of the shifted normal lies on its side. */
    public double mean() {
        return middle
                * (Math.exp(below * below / 2) * STANDARD.cumulativeProbability(-below)
                        + Math.exp(above * above / 2) * STANDARD.cumulativeProbability(above));
    }

    /** Whether it is known to the minute. */
    public boolean exact() {
        return middle == 0 || below == 0 && above == 0;
    }
}
