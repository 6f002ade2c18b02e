package ruvant.core.adjust;

import java.util.List;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What is to be adjusted, and what was tried.
 *
 * @param adjusters 1 to 4
 * @param results 1 to 12
 * @param trials in the order made; the last one is how it stands now
 */
public record AdjustCase(List<Adjuster> adjusters, List<WantedResult> results, List<Trial> trials) {
    public AdjustCase {
        adjusters = Check.some("adjusters", adjusters, 4);
        results = Check.some("results", results, 12);
        trials = Check.some("trials", trials, 200);
        if (adjusters.isEmpty() || results.isEmpty() || trials.isEmpty()) {
            throw new FieldProblem(
                    "trials",
                    "Something to turn, something to measure and a first measurement are the least.",
                    "Measure it as it stands, at no turn from first found.");
        }
        for (Adjuster one : adjusters) {
            if (!one.relativeEffect().isEmpty() && one.relativeEffect().size() != results.size()) {
                throw new FieldProblem(
                        "relativeEffect",
                        "“" + one.name() + "” has " + one.relativeEffect().size() + " effects for " + results.size()
                                + " results.",
                        "Give one for each result, or none.");
            }
        }
        for (Trial one : trials) {
            if (one.turns().size() != adjusters.size() || one.measured().size() != results.size()) {
                throw new FieldProblem(
                        "trials",
                        "A trial has " + one.turns().size() + " settings and "
                                + one.measured().size() + " results.",
                        "Give " + adjusters.size() + " settings and " + results.size() + " results in each.");
            }
        }
    }

    /** How it stands now. */
    Trial now() {
        return trials.getLast();
    }

    double[] turnsNow() {
        return now().turns().stream().mapToDouble(Double::doubleValue).toArray();
    }
}
