package ruvant.core.prove;

import static ruvant.core.job.JobEffect.Plain.EARS_JUDGED;
import static ruvant.core.job.JobEffect.Plain.PROOFS_VOID;
import static ruvant.core.units.Phrase.exposure;
import static ruvant.core.units.Phrase.with;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.adjust.WhatMoves;
import ruvant.core.intake.FunctionList;
import ruvant.core.job.JobEffect;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.strip.StripRoom;
import ruvant.core.strip.ValleyTracks;
import ruvant.core.trade.MarkedSpeed;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.Named;
import ruvant.core.units.Refusal;

/** Whether it works, and keeps working. */
public final class ProveRoom implements JobRoom<ProveEntry> {
    @Override
    public Class<ProveEntry> entries() {
        return ProveEntry.class;
    }

    @Override
    public RoomFold<ProveEntry> begin(Folds earlier) {
        return new Fold(earlier.of(StripRoom.Fold.class).valley());
    }

    @Override
    public Optional<Refusal> rule(ProveEntry entry, Standing now) {
        return switch (entry) {
            case ProveEntry.FiringsTimed timed -> isMarked(timed.speed());
            case ProveEntry.FiringsMeasured measured -> isMarked(measured.speed());
            case ProveEntry.SpeedGuessed guess -> isMarked(guess.speed());
            case ProveEntry.Fired fired -> Optional.empty();
            case ProveEntry.FiredRow row -> Optional.empty();
            case ProveEntry.FunctionProved proved -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(ProveEntry entry) {
        return switch (entry) {
            case ProveEntry.FiringsTimed timed ->
                List.of(
                        new JobEffect.SpeedFired(
                                timed.speed(), timed.attitude(), timed.seconds(), timed.afterRest(), List.of(), false),
                        EARS_JUDGED);
            case ProveEntry.FiringsMeasured measured ->
                List.of(
                        new JobEffect.SpeedFired(
                                measured.speed(),
                                measured.attitude(),
                                measured.firings().stream()
                                        .map(MeasuredFiring::seconds)
                                        .toList(),
                                measured.afterRest(),
                                measured.firings().stream()
                                        .flatMap(firing -> firing.curtains().stream())
                                        .toList(),
                                measured.source().simulated()),
                        EARS_JUDGED);
            case ProveEntry.SpeedGuessed guess -> List.of(EARS_JUDGED);
            case ProveEntry.Fired fired -> List.of();
            case ProveEntry.FiredRow row -> List.of();
            case ProveEntry.FunctionProved proved -> List.of();
        };
    }

    @Override
    public String words(ProveEntry entry, Names names) {
        return switch (entry) {
            case ProveEntry.FiringsTimed timed ->
                "%s, %s: %d firings timed"
                        .formatted(
                                timed.speed(),
                                timed.phase().label(),
                                timed.seconds().size());
            case ProveEntry.FiringsMeasured measured ->
                "%s, %s: %s on the stand%s%s"
                        .formatted(
                                measured.speed(),
                                measured.phase().label(),
                                measured.firings().size() == 1
                                        ? exposure(measured.firings().getFirst().seconds())
                                        : measured.firings().size() + " firings",
                                measured.source().simulated()
                                        ? " (simulated)"
                                        : with(" from ", measured.source().input()),
                                with(", ", measured.source().stand()));
            case ProveEntry.SpeedGuessed guess ->
                "%s, %s, by ear: %s".formatted(guess.speed(), guess.phase().label(), guess.said());
            case ProveEntry.Fired fired -> (fired.good() ? "good firing" : "miss") + with(": ", fired.remark());
            case ProveEntry.FiredRow row ->
                (row.missed() == 0
                                ? row.good() + " good firings"
                                : row.good() + " good firings, " + row.missed()
                                        + (row.missed() == 1 ? " miss" : " misses")
                                        + (row.missesFirst() ? " first" : ""))
                        + with(" at ", row.speed())
                        + with(": ", row.remark());
            case ProveEntry.FunctionProved proved ->
                proved.function() + " at return: " + proved.result().label()
                        + (proved.tried() == null ? "" : proved.tried().words()) + with(", ", proved.remark());
        };
    }

    /** @throws ruvant.core.units.FieldProblem where it is not */
    private static Optional<Refusal> isMarked(String speed) {
        MarkedSpeed.nominalSeconds(speed, SpeedSeries.AS_MARKED);
        return Optional.empty();
    }

    /** Folds proofs. */
    public static final class Fold implements RoomFold<ProveEntry> {
        private final List<ProvePicture.Timed> timed = new ArrayList<>();
        private final List<ProvePicture.EarGuess> guesses = new ArrayList<>();
        private final Map<Named, ProvePicture.Function> functions = new LinkedHashMap<>();
        private final Set<Named> triedSinceWork = new LinkedHashSet<>();
        private final FiringGroups.Counting groups = new FiringGroups.Counting();
        private final ValleyTracks valley;
        private int current;
        private int firings;
        private int misses;

        private Fold(ValleyTracks valley) {
            this.valley = valley;
        }

        @Override
        public Optional<Refusal> objection(Line line, ProveEntry entry) {
            return Optional.empty();
        }

        @Override
        public void take(Line line, ProveEntry entry) {
            switch (entry) {
                case ProveEntry.FiringsTimed run -> {
                    timed.add(ProvePicture.Timed.typed(line, run, groups.firing()));
                    triedSinceWork.add(FunctionList.speed(run.speed()));
                }
                case ProveEntry.FiringsMeasured run -> {
                    timed.add(ProvePicture.Timed.measured(line, run, groups.firing()));
                    if (!run.source().simulated()) {
                        triedSinceWork.add(FunctionList.speed(run.speed()));
                    }
                }
                case ProveEntry.SpeedGuessed guess ->
                    guesses.add(new ProvePicture.EarGuess(
                            line.id(),
                            line.at(),
                            line.by(),
                            guess.speed(),
                            guess.phase(),
                            guess.said(),
                            guess.errorEv(),
                            timed.size()));
                case ProveEntry.Fired fired -> {
                    firings++;
                    misses += fired.good() ? 0 : 1;
                    current = fired.good() ? current + 1 : 0;
                }
                case ProveEntry.FiredRow row -> {
                    firings += row.good() + row.missed();
                    misses += row.missed();
                    current = row.missed() == 0 ? current + row.good() : row.missesFirst() ? row.good() : 0;
                }
                case ProveEntry.FunctionProved proved -> {
                    Named key = proved.function();
                    functions.put(
                            key,
                            new ProvePicture.Function(line.id(), proved.function(), proved.result(), proved.remark()));
                    triedSinceWork.add(key);
                }
            }
        }

        @Override
        public void hear(Line line, Effect effect) {
            if (effect == PROOFS_VOID) {
                groups.worked();
                workedOn();
            } else if (effect instanceof JobEffect.AdjusterTurned turn) {
                groups.turned(turn.adjuster());
                workedOn();
            } else if (effect instanceof JobEffect.PutBack back && valley.wentIntoTheWorks(back.part())) {
                groups.worked();
                workedOn();
            }
        }

        /** What the mechanism did before it was worked on proves nothing any more. */
        private void workedOn() {
            triedSinceWork.clear();
            current = 0;
            firings = 0;
            misses = 0;
        }

        /** The picture so far; {@code wanted} is the length of streak that the shop asks for. */
        public ProvePicture picture(int wanted) {
            FiringGroups known = groups.groups();
            return new ProvePicture(
                    List.copyOf(timed),
                    List.copyOf(guesses),
                    new Streak(current, wanted, firings, misses),
                    List.copyOf(functions.values()),
                    List.copyOf(triedSinceWork),
                    known,
                    known.counting(timed, WhatMoves.UNKNOWN));
        }
    }
}
