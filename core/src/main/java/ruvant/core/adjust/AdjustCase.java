package ruvant.core.adjust;

import java.util.List;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What is to be adjusted, and what was tried.
 *
 * @param adjusters 1 to 4
 * @param results 1 to 16
 * @param trials in the order made; the last one is how it stands now
 */
public record AdjustCase(List<Adjuster> adjusters, List<WantedResult> results, List<Trial> trials) {
    public AdjustCase {
        adjusters = Check.some("adjusters", adjusters, 4);
        results = Check.some("results", results, 16);
        trials = Check.some("trials", trials, 200);
        if (adjusters.isEmpty() || results.isEmpty() || trials.isEmpty()) {
            throw new FieldProblem(
                    "trials",
                    "There must be something to turn, something to measure and a first measurement.",
                    "Measure it as found, before any turn.");
        }
        for (Adjuster one : adjusters) {
            if (!one.relativeEffect().isEmpty() && one.relativeEffect().size() != results.size()) {
                throw new FieldProblem(
                        "relativeEffect",
                        "“" + one.name() + "” has " + one.relativeEffect().size() + " effects for " + results.size()
                                + " results.",
                        "Enter one for each result, or none.");
            }
        }
        for (Trial one : trials) {
            if (one.turns().size() != adjusters.size()
                    || one.measured().size() != results.size()
                    || !one.sds().isEmpty() && one.sds().size() != results.size()) {
                throw new FieldProblem(
                        "trials",
                        "A trial has " + one.turns().size() + " settings and "
                                + one.measured().size() + " results.",
                        "Enter " + adjusters.size() + " settings and " + results.size() + " results in each.");
            }
        }
    }

    /** How far off a result was when it was first measured; 0 where it never was. */
    double first(int result) {
        return trials.stream()
                .mapToDouble(trial -> trial.measured().get(result))
                .filter(Double::isFinite)
                .map(Math::abs)
                .findFirst()
                .orElse(0);
    }

    /** How well a trial measured a result. */
    double sd(Trial trial, int result) {
        return trial.sds().isEmpty()
                ? results.get(result).measureSd()
                : trial.sds().get(result);
    }

    /** How it stands now. */
    Trial now() {
        return trials.getLast();
    }

    double[] turnsNow() {
        return now().turns().stream().mapToDouble(Double::doubleValue).toArray();
    }
}
