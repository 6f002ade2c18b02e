package ruvant.core.adjust;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import ruvant.core.house.HousePractice;
import ruvant.core.house.ModelSheet;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.measure.DialSpeed;
import ruvant.core.measure.HangUps;
import ruvant.core.measure.Tolerances;
import ruvant.core.units.ExposureEv;
import ruvant.core.units.Named;

/** What was measured at each setting, as errors from what is wanted; firings that hung up left aside. */
final class Readings {
    /** What a firing scatters by where few are known, and as how many it counts. */
    private static final double USUAL_SCATTER_EV = 0.05;

    /** What is usual of a scatter weighs as much as so many firings of this camera. */
    private static final int USUAL_COUNTS = 4;

    /** A reading tells a result to about this part of its tolerance where nobody said. */
    private static final double USUAL_PART = 0.2;

    private final AdjustPicture picture;
    private final WhatMoves known;
    private final IntakeEntry.Received received;
    private final Optional<ModelSheet> sheet;
    private final Tolerances tolerances;
    private final Map<String, WantedResult> wanted = new LinkedHashMap<>();
    private final List<Map<String, Reading>> bySetting = new ArrayList<>();

    /**
     * A result at one setting.
     *
     * @param error from what is wanted, in the result's unit
     * @param sd how well that is known, one standard deviation
     * @param count firings or figures it rests on
     */
    record Reading(double error, double sd, int count) {}

    /** @param known what this camera's adjusters are known to move */
    Readings(
            AdjustPicture picture,
            IntakeEntry.Received received,
            HousePractice practice,
            List<AdjustEntry.AdjusterDescribed> known) {
        this.known = new WhatMoves(known);
        this.picture = picture;
        this.received = received;
        this.sheet = practice.speeds().sheetOf(received.camera());
        this.tolerances = Tolerances.of(received.camera(), practice);
        List<Map<String, double[]>> errors = picture.settings().stream()
                .map(setting -> errors(setting.shots()))
                .toList();
        double scatter = scatter(errors);
        for (Map<String, double[]> setting : errors) {
            Map<String, Reading> readings = new HashMap<>();
            setting.forEach((key, values) -> {
                WantedResult result = wanted.get(key);
                double one = isSpeed(key) ? scatter : result.measureSd();
                readings.put(
                        key,
                        new Reading(
                                DoubleStream.of(values).average().orElseThrow(),
                                one / Math.sqrt(values.length),
                                values.length));
            });
            bySetting.add(readings);
        }
    }

    private boolean isSpeed(String key) {
        return picture.results().stream().noneMatch(one -> one.name().is(key));
    }

    private Map<String, double[]> errors(List<AdjustPicture.Shot> shots) {
        Map<String, List<Double>> all = new LinkedHashMap<>();
        for (AdjustPicture.Shot shot : shots) {
            switch (shot) {
                case AdjustPicture.Timed timed -> {
                    DialSpeed speed = DialSpeed.of(timed.result().words(), received, sheet);
                    timed.seconds()
                            .forEach(seconds -> take(
                                    all,
                                    timed.result(),
                                    ExposureEv.of(seconds, speed.nominalSeconds())
                                            .value()));
                    want(speed);
                }
                case AdjustPicture.Read read ->
                    picture.result(read.result())
                            .ifPresentOrElse(
                                    result -> {
                                        take(all, read.result(), read.value() - result.wanted());
                                        want(result);
                                    },
                                    () -> {
                                        if (AdjustRoom.Fold.isSpeed(read.result())) {
                                            take(all, read.result(), read.value());
                                            want(DialSpeed.of(read.result().words(), received, sheet));
                                        }
                                    });
                case AdjustPicture.Judged judged -> {}
            }
        }
        Map<String, double[]> errors = new LinkedHashMap<>();
        all.forEach((key, values) ->
                errors.put(key, values.stream().mapToDouble(Double::doubleValue).toArray()));
        return withoutHangUps(errors);
    }

    private static void take(Map<String, List<Double>> all, Named result, double error) {
        all.computeIfAbsent(AdjustPicture.key(result), key -> new ArrayList<>()).add(error);
    }

    private Map<String, double[]> withoutHangUps(Map<String, double[]> errors) {
        List<String> keys = errors.keySet().stream().filter(this::isSpeed).toList();
        List<boolean[]> far = HangUps.among(keys.stream().map(errors::get).toList());
        for (int i = 0; i < keys.size(); i++) {
            boolean[] hung = far.get(i);
            double[] all = errors.get(keys.get(i));
            double[] good = java.util.stream.IntStream.range(0, all.length)
                    .filter(n -> !hung[n])
                    .mapToDouble(n -> all[n])
                    .toArray();
            errors.put(keys.get(i), good.length == 0 ? all : good);
        }
        return errors;
    }

    private void want(DialSpeed speed) {
        wanted.putIfAbsent(
                AdjustPicture.key(speed.words()),
                new WantedResult(speed.words(), tolerances.biasEv(speed.nominalSeconds()), USUAL_SCATTER_EV));
    }

    private void want(AdjustEntry.ResultDescribed result) {
        wanted.put(
                AdjustPicture.key(result.name()),
                new WantedResult(
                        result.name(),
                        result.tolerance(),
                        result.measureSd() > 0 ? result.measureSd() : USUAL_PART * result.tolerance(),
                        result.moreIsFine().orElse(false)));
    }

    /** Standard deviation of one firing, pooled over all speeds and settings. */
    private double scatter(List<Map<String, double[]>> errors) {
        double sum = USUAL_COUNTS * USUAL_SCATTER_EV * USUAL_SCATTER_EV;
        int degrees = USUAL_COUNTS;
        for (Map<String, double[]> setting : errors) {
            for (Map.Entry<String, double[]> one : setting.entrySet()) {
                if (isSpeed(one.getKey())) {
                    double mean = DoubleStream.of(one.getValue()).average().orElseThrow();
                    sum += DoubleStream.of(one.getValue())
                            .map(value -> (value - mean) * (value - mean))
                            .sum();
                    degrees += one.getValue().length - 1;
                }
            }
        }
        return Math.sqrt(sum / degrees);
    }

    /** Results with figures that were ever measured: speeds as on the dial, then others as they came. */
    List<WantedResult> measured() {
        return wanted.values().stream()
                .sorted(Comparator.comparingInt(result -> {
                    int place = received.speeds().indexOf(result.name());
                    return place < 0 ? Integer.MAX_VALUE : place;
                }))
                .toList();
    }

    /** What was measured at a setting; empty where it was not. */
    Optional<Reading> at(int setting, WantedResult result) {
        return Optional.ofNullable(bySetting.get(setting).get(AdjustPicture.key(result.name())));
    }

    /** The last reading that still says how it stands now: nothing that is known to move the result was turned since. */
    Optional<Reading> now(WantedResult result) {
        for (int setting = bySetting.size() - 1; setting >= 0; setting--) {
            Optional<Reading> reading = at(setting, result);
            if (reading.isPresent() || setting == 0 || movedBetween(setting, result)) {
                return reading;
            }
        }
        return Optional.empty();
    }

    /** Whether other work was done, or an adjuster was turned that moves this result, to come to a setting. */
    private boolean movedBetween(int setting, WantedResult result) {
        AdjustPicture.Setting now = picture.settings().get(setting);
        AdjustPicture.Setting before = picture.settings().get(setting - 1);
        return now.afterWork()
                || picture.adjusters().stream()
                        .filter(one -> now.of(one.what().name())
                                != before.of(one.what().name()))
                        .anyMatch(one -> known.moves(one.what().name(), result.name()));
    }
}
