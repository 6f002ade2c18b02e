package ruvant.core.prove;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.adjust.WhatMoves;
import ruvant.core.log.Line;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.FiringSource;
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
 * @param groups which firings belong to one state of the camera
 * @param counting sets of firings that say how the camera is now, or how it came in
 */
public record ProvePicture(
        List<Timed> timed,
        List<EarGuess> guesses,
        Streak streak,
        List<Function> functions,
        List<Named> triedSinceWork,
        FiringGroups groups,
        Set<UUID> counting) {
    /** The same where it is known what the camera's adjusters move. */
    public ProvePicture knowing(WhatMoves moves) {
        return new ProvePicture(
                timed, guesses, streak, functions, triedSinceWork, groups, groups.counting(timed, moves));
    }

    /** The sets of firings that count, in the order made; simulated ones only where the camera itself was not fired. */
    public List<Timed> counted() {
        Set<Fired> real = timed.stream()
                .filter(run -> counting.contains(run.id()) && !run.simulated())
                .map(Fired::of)
                .collect(Collectors.toSet());
        return timed.stream()
                .filter(run -> counting.contains(run.id()))
                .filter(run -> !run.simulated() || !real.contains(Fired.of(run)))
                .toList();
    }

    private record Fired(String speed, Phase phase) {
        static Fired of(Timed run) {
            return new Fired(run.speed(), run.how().phase());
        }
    }

    /** The same without what no camera fired: from this a sheet is written and something is learned. */
    public ProvePicture ofTheCamera() {
        List<Timed> real = timed.stream().filter(run -> !run.simulated()).toList();
        if (real.size() == timed.size()) {
            return this;
        }
        List<EarGuess> heard = guesses.stream()
                .map(guess -> guess.before((int) timed.subList(0, guess.runsBefore()).stream()
                        .filter(run -> !run.simulated())
                        .count()))
                .toList();
        return new ProvePicture(real, heard, streak, functions, triedSinceWork, groups, counting);
    }

    /**
     * A set of firings and its line.
     *
     * @param seconds exposures, in the order fired
     * @param firings the same with all that the stand saw; empty for typed ones
     * @param group of which it is, from 0: firings of one group were made in one state of the camera
     */
    public record Timed(
            UUID id,
            Instant at,
            String speed,
            FiredHow how,
            TimedWith with,
            List<Double> seconds,
            List<MeasuredFiring> firings,
            int group) {
        /** Whether no camera was fired. */
        public boolean simulated() {
            return with.source().simulated();
        }

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
        public record TimedWith(String instrument, String recording, Optional<StandSetup> setup, FiringSource source) {}

        static Timed typed(Line line, ProveEntry.FiringsTimed run, int group) {
            return new Timed(
                    line.id(),
                    line.at(),
                    run.speed(),
                    new FiredHow(run.phase(), run.attitude(), run.afterRest()),
                    new TimedWith(run.instrument(), "", Optional.empty(), FiringSource.UNKNOWN),
                    run.seconds(),
                    List.of(),
                    group);
        }

        static Timed measured(Line line, ProveEntry.FiringsMeasured run, int group) {
            return new Timed(
                    line.id(),
                    line.at(),
                    run.speed(),
                    new FiredHow(run.phase(), run.attitude(), run.afterRest()),
                    new TimedWith(run.instrument(), run.recording(), Optional.of(run.setup()), run.source()),
                    run.firings().stream().map(MeasuredFiring::seconds).toList(),
                    run.firings(),
                    group);
        }
    }

    /**
     * What an ear made of a speed.
     *
     * @param runsBefore how many sets of firings there were already when it was said
     */
    public record EarGuess(
            UUID id, Instant at, String by, String speed, Phase phase, String said, double errorEv, int runsBefore) {
        private EarGuess before(int otherRuns) {
            return new EarGuess(id, at, by, speed, phase, said, errorEv, otherRuns);
        }
    }

    /** A function after the work. */
    public record Function(UUID id, Named function, FunctionResult result, String remark) {}
}
