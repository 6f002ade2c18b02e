package ruvant.core.adjust;

import ruvant.core.units.Check;
import ruvant.core.units.Named;

/**
 * A result that is to come within tolerance of nothing wrong.
 *
 * @param tolerance allowed error either way, in the result's own unit (stops for a speed), above 0
 * @param measureSd how well one trial measures it, one standard deviation, same unit
 */
public record WantedResult(Named name, double tolerance, double measureSd) {
    /** One that is only called so. */
    public WantedResult(String name, double tolerance, double measureSd) {
        this(Named.of(name), tolerance, measureSd);
    }

    public WantedResult {
        name = Named.in("result", name);
        Check.within("tolerance", tolerance, 1e-6, 1e6, "of its unit");
        Check.within("measureSd", measureSd, 0, 1e6, "of its unit");
    }
}
