package ruvant.core.prove;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruvant.core.measure.Attitudes;
import ruvant.core.measure.DialSpeed;
import ruvant.core.measure.FirstAfterRest;
import ruvant.core.measure.HangUps;
import ruvant.core.measure.RunStatistics;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.measure.Tolerances;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.Phase;
import ruvant.core.units.ExposureEv;

/** All firings before the work, or after it, by speed and attitude; those that hung up told apart over the whole camera. */
final class PhaseRuns {
    /** Confidence of the intervals that are shown. */
    static final double SHOWN = 0.95;

    private final Map<String, Map<Attitude, List<Double>>> counted = new HashMap<>();
    private final Map<String, List<MeasuredFiring>> shots = new HashMap<>();
    private final Map<String, List<Double>> hung = new HashMap<>();

    /** First firings after a rest, which are kept apart. */
    private final Map<String, List<Double>> rested = new HashMap<>();

    /** Speeds that no camera fired. */
    private final Set<String> simulated = new HashSet<>();

    private PhaseRuns() {}

    static PhaseRuns of(List<DialSpeed> dial, ProvePicture proofs, Phase phase) {
        PhaseRuns runs = new PhaseRuns();
        List<ProvePicture.Timed> counted = proofs.counted();
        for (Attitude attitude : Attitude.values()) {
            List<List<Double>> seconds = dial.stream()
                    .map(speed -> seconds(counted, speed, phase, attitude))
                    .toList();
            List<double[]> errors = new ArrayList<>();
            for (int i = 0; i < dial.size(); i++) {
                double nominal = dial.get(i).nominalSeconds();
                errors.add(seconds.get(i).stream()
                        .mapToDouble(one -> ExposureEv.of(one, nominal).value())
                        .toArray());
            }
            List<boolean[]> far = HangUps.among(errors);
            for (int i = 0; i < dial.size(); i++) {
                runs.take(dial.get(i).words(), attitude, seconds.get(i), far.get(i));
            }
        }
        counted.stream()
                .filter(run -> run.how().phase() == phase && run.how().attitude() == Attitude.LEVEL)
                .forEach(run -> {
                    if (run.simulated()) {
                        runs.simulated.add(run.speed());
                    }
                    runs.shots
                            .computeIfAbsent(run.speed(), name -> new ArrayList<>())
                            .addAll(run.firings());
                    if (run.how().afterRest()) {
                        runs.rested
                                .computeIfAbsent(run.speed(), name -> new ArrayList<>())
                                .add(run.seconds().getFirst());
                    }
                });
        return runs;
    }

    private static List<Double> seconds(
            List<ProvePicture.Timed> counted, DialSpeed speed, Phase phase, Attitude attitude) {
        return counted.stream()
                .filter(run -> run.speed().equals(speed.words())
                        && run.how().phase() == phase
                        && run.how().attitude() == attitude)
                .flatMap(run -> run.seconds().stream().skip(run.how().afterRest() ? 1 : 0))
                .toList();
    }

    private void take(String speed, Attitude attitude, List<Double> seconds, boolean[] far) {
        List<Double> good = new ArrayList<>();
        for (int i = 0; i < seconds.size(); i++) {
            if (!far[i]) {
                good.add(seconds.get(i));
            } else if (attitude == Attitude.LEVEL) {
                hung.computeIfAbsent(speed, name -> new ArrayList<>()).add(seconds.get(i));
            }
        }
        if (!good.isEmpty()) {
            counted.computeIfAbsent(speed, name -> new EnumMap<>(Attitude.class))
                    .put(attitude, good);
        }
    }

    /** What the firings of a speed say, camera level; empty for none. */
    Optional<RunStatistics> level(DialSpeed speed) {
        return Optional.ofNullable(counted.getOrDefault(speed.words(), Map.of()).get(Attitude.LEVEL))
                .map(seconds -> RunStatistics.of(seconds, speed.nominalSeconds()));
    }

    List<Attitudes.Effect> attitudes(DialSpeed speed) {
        Map<Attitude, RunStatistics> runs = new EnumMap<>(Attitude.class);
        counted.getOrDefault(speed.words(), Map.of())
                .forEach((attitude, seconds) -> runs.put(attitude, RunStatistics.of(seconds, speed.nominalSeconds())));
        return Attitudes.effects(runs);
    }

    /** What a rest does to the next firing; empty until one after a rest and two others are known. */
    Optional<FirstAfterRest> firstAfterRest(DialSpeed speed) {
        double[] first = errors(rested.getOrDefault(speed.words(), List.of()), speed);
        double[] others =
                errors(counted.getOrDefault(speed.words(), Map.of()).getOrDefault(Attitude.LEVEL, List.of()), speed);
        return first.length < 1 || others.length < 2 ? Optional.empty() : Optional.of(FirstAfterRest.of(first, others));
    }

    private static double[] errors(List<Double> seconds, DialSpeed speed) {
        return seconds.stream()
                .mapToDouble(one -> ExposureEv.of(one, speed.nominalSeconds()).value())
                .toArray();
    }

    Optional<SpeedRow.Run> run(DialSpeed speed, Tolerances tolerances) {
        return level(speed).map(statistics -> {
            double bias = statistics.biasEv();
            boolean several = statistics.firings() > 1;
            double half = several ? statistics.halfWidthEv(SHOWN) : 0;
            List<Double> seconds = counted.get(speed.words()).get(Attitude.LEVEL);
            return new SpeedRow.Run(
                    seconds,
                    seconds.stream()
                            .map(one ->
                                    ExposureEv.of(one, speed.nominalSeconds()).value())
                            .toList(),
                    hung.getOrDefault(speed.words(), List.of()),
                    new SpeedRow.Bias(
                            bias,
                            new ExposureEv(bias).percent(),
                            several ? Optional.of(bias - half) : Optional.empty(),
                            several ? Optional.of(bias + half) : Optional.empty()),
                    new SpeedRow.RunScatter(
                            several ? Optional.of(statistics.scatterEv()) : Optional.empty(),
                            several && statistics.scatterEv() > tolerances.scatterEv()),
                    SpeedVerdict.of(statistics, tolerances.biasEv(speed.nominalSeconds())),
                    CurtainRun.of(
                            shots.getOrDefault(speed.words(), List.of()),
                            speed.nominalSeconds(),
                            tolerances.taperEv(speed.nominalSeconds())),
                    BladeRun.of(shots.getOrDefault(speed.words(), List.of())),
                    simulated.contains(speed.words()));
        });
    }
}
