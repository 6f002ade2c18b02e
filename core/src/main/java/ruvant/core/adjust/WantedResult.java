package ruvant.core.adjust;

import ruvant.core.units.Check;
import ruvant.core.units.Named;

/**
 * A result that is to come within tolerance of nothing wrong.
 *
 * @param tolerance allowed error either way, in the result's own unit (stops for a speed), above 0
 * @param measureSd how well one trial measures it, one standard deviation, same unit
 * @param moreIsFine whether it is only wrong below what is wanted, as exposures for one winding are
 */
public record WantedResult(Named name, double tolerance, double measureSd, boolean moreIsFine) {
    /** One that may be wrong either way. */
    public WantedResult(Named name, double tolerance, double measureSd) {
        this(name, tolerance, measureSd, false);
    }

    /** One that is only called so. */
    public WantedResult(String name, double tolerance, double measureSd) {
        this(Named.of(name), tolerance, measureSd);
    }

    public WantedResult {
        name = Named.in("result", name);
        Check.within("tolerance", tolerance, 1e-6, 1e6, "of its unit");
        Check.within("measureSd", measureSd, 0, 1e6, "of its unit");
    }

    /** How far off an error is, in tolerances: 0 and more; up to 1 is right. */
    double off(double error) {
        return moreIsFine && error > 0 ? 0 : Math.abs(error) / tolerance;
    }
}
