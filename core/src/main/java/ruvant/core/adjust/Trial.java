package ruvant.core.adjust;

import java.util.Arrays;
import java.util.List;

/**
 * A setting and what was measured there.
 *
 * @param turns of each adjuster from first found
 * @param measured error of each result; NaN where it was not measured
 */
public record Trial(List<Double> turns, List<Double> measured) {
    public Trial {
        turns = List.copyOf(turns);
        measured = List.copyOf(measured);
    }

    /** From arrays. */
    public static Trial of(double[] turns, double[] measured) {
        return new Trial(
                Arrays.stream(turns).boxed().toList(),
                Arrays.stream(measured).boxed().toList());
    }
}
