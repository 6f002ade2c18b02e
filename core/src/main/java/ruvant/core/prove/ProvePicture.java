package ruvant.core.prove;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.log.Line;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.Phase;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.Named;

/**
 * What was tried and timed.
 *
 * @param timed every set of firings, in the order made
 * @param guesses what ears made of speeds, in the order said
 * @param functions last result of each function tried after the work
 * @param triedSinceWork functions tried, and speeds timed, since the mechanism was last worked on
 */
public record ProvePicture(
        List<Timed> timed,
        List<EarGuess> guesses,
        Streak streak,
        List<Function> functions,
        List<Named> triedSinceWork) {
    /**
     * A set of firings and its line.
     *
     * @param seconds exposures, in the order fired
     * @param firings the same with all that the stand saw; empty for typed ones
     */
    public record Timed(
            UUID id,
            Instant at,
            String speed,
            FiredHow how,
            TimedWith with,
            List<Double> seconds,
            List<MeasuredFiring> firings) {
        /**
         * How the camera was held.
         *
         * @param afterRest whether the first firing was the first after a rest
         */
        public record FiredHow(Phase phase, Attitude attitude, boolean afterRest) {}

        /**
         * With what they were timed.
         *
         * @param recording under which it is kept, empty for none
         * @param setup of the stand; empty for typed ones
         */
        public record TimedWith(String instrument, String recording, Optional<StandSetup> setup) {}

        static Timed typed(Line line, ProveEntry.FiringsTimed run) {
            return new Timed(
                    line.id(),
                    line.at(),
                    run.speed(),
                    new FiredHow(run.phase(), run.attitude(), run.afterRest()),
                    new TimedWith(run.instrument(), "", Optional.empty()),
                    run.seconds(),
                    List.of());
        }

        static Timed measured(Line line, ProveEntry.FiringsMeasured run) {
            return new Timed(
                    line.id(),
                    line.at(),
                    run.speed(),
                    new FiredHow(run.phase(), run.attitude(), run.afterRest()),
                    new TimedWith(run.instrument(), run.recording(), Optional.of(run.setup())),
                    run.firings().stream().map(MeasuredFiring::seconds).toList(),
                    run.firings());
        }
    }

    /**
     * What an ear made of a speed.
     *
     * @param runsBefore how many sets of firings there were already when it was said
     */
    public record EarGuess(
            UUID id, Instant at, String by, String speed, Phase phase, String said, double errorEv, int runsBefore) {}

    /** A function after the work. */
    public record Function(UUID id, Named function, FunctionResult result, String remark) {}
}
