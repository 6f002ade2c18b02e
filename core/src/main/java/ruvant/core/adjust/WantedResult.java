package ruvant.core.adjust;

import ruvant.core.units.Check;

/**
 * A result that is to come within tolerance of nothing wrong.
 *
 * @param tolerance allowed error either way, in the result's own unit (stops for a speed), above 0
 * @param measureSd how well one trial measures it, one standard deviation, same unit
 */
public record WantedResult(String name, double tolerance, double measureSd) {
    public WantedResult {
        name = Check.name("result", name);
        Check.within("tolerance", tolerance, 1e-6, 1e6, "of its unit");
        Check.within("measureSd", measureSd, 0, 1e6, "of its unit");
    }
}
