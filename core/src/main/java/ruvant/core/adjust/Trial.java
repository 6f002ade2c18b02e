package ruvant.core.adjust;

import java.util.Arrays;
import java.util.List;

/**
 * A setting and what was measured there.
 *
 * @param turns of each adjuster from first found
 * @param measured error of each result; NaN where it was not measured
 * @param sds how well each was measured this time, one standard deviation; empty where that is as usual
 * @param afterWork whether other work was done just before: errors from before it say nothing, responses still do
 */
public record Trial(List<Double> turns, List<Double> measured, List<Double> sds, boolean afterWork) {
    public Trial {
        turns = List.copyOf(turns);
        measured = List.copyOf(measured);
        sds = List.copyOf(sds);
    }

    /** Measured as well as usual, with nothing else done before. */
    public Trial(List<Double> turns, List<Double> measured) {
        this(turns, measured, List.of(), false);
    }

    /** From arrays. */
    public static Trial of(double[] turns, double[] measured) {
        return new Trial(
                Arrays.stream(turns).boxed().toList(),
                Arrays.stream(measured).boxed().toList());
    }
}
