package ruvant.server.adjust;

import java.util.List;
import ruvant.core.adjust.AdjustCase;
import ruvant.core.adjust.Adjuster;
import ruvant.core.adjust.Trial;
import ruvant.core.adjust.WantedResult;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.server.formats.PartsMayBeMissing;

/** What can be turned, what is to come right, and what was tried; turns count from first found, positive clockwise or inward. */
@PartsMayBeMissing
record AdviceRequest(List<Turnable> adjusters, List<Wanted> results, List<Tried> trials) {
    private static final double USUAL_STEP = 0.125;

    /**
     * An adjuster.
     *
     * @param stepTurns an eighth where null
     * @param minTurns one turn back where null
     * @param maxTurns one turn on where null
     * @param priorSign 0 where null
     * @param relativeEffect one for each result; null where nothing is known
     */
    record Turnable(
            String name,
            @MayBeNull Double stepTurns,
            @MayBeNull Double minTurns,
            @MayBeNull Double maxTurns,
            @MayBeNull Integer priorSign,
            @MayBeNull List<Double> relativeEffect) {
        private Adjuster adjuster() {
            return new Adjuster(
                    name,
                    stepTurns == null ? USUAL_STEP : stepTurns,
                    minTurns == null ? -1 : minTurns,
                    maxTurns == null ? 1 : maxTurns,
                    priorSign == null ? 0 : priorSign,
                    relativeEffect);
        }
    }

    /** A result with what is allowed of it and how well a trial measures it, stops. */
    record Wanted(
            String name, double toleranceEv, @MayBeNull Double measureSdEv) {}

    /** A setting and the errors measured there, stops; null for one that was not measured. */
    record Tried(List<Double> turns, List<Double> measuredEv) {
        private Trial trial() {
            if (turns == null || measuredEv == null || turns.contains(null)) {
                throw new FieldProblem(
                        "trials", "A trial is missing its turns or its results.", "Enter both for every trial.");
            }
            return new Trial(
                    turns,
                    measuredEv.stream()
                            .map(one -> one == null ? Double.NaN : one)
                            .toList());
        }
    }

    AdjustCase asCase() {
        return new AdjustCase(
                adjusters == null
                        ? List.of()
                        : adjusters.stream().map(Turnable::adjuster).toList(),
                results == null
                        ? List.of()
                        : results.stream()
                                .map(one -> new WantedResult(
                                        one.name(),
                                        one.toleranceEv(),
                                        one.measureSdEv() == null ? one.toleranceEv() / 5 : one.measureSdEv()))
                                .toList(),
                trials == null ? List.of() : trials.stream().map(Tried::trial).toList());
    }
}
