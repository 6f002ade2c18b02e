package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.trace.FiringFound;
import ruvant.core.measure.trace.MeasuredRecording;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.practice.stand.Motion;
import ruvant.core.practice.stand.StandCases;
import ruvant.core.trade.FiringFlag;

/** How measured recordings compare with the truth. */
final class MeasureScore {
    private final List<Double> errors = new ArrayList<>();
    private int held;
    private int missed;
    private int madeUp;
    private int inputWrong;
    private int bounces;
    private int bouncesFound;
    private int bouncesMadeUp;
    private int refused;

    static MeasureScore over(StandCases.Wanted wanted, int cases) {
        MeasureScore sum = new MeasureScore();
        IntStream.range(0, cases)
                .parallel()
                .mapToObj(k -> of(StandCases.of(wanted, 1_000L * k + Math.round(1 / wanted.nominalSeconds())), wanted))
                .toList()
                .forEach(sum::add);
        return sum;
    }

    private static MeasureScore of(StandCases.Case one, StandCases.Wanted wanted) {
        MeasureScore score = new MeasureScore();
        try {
            MeasuredRecording found = TraceAnalysis.of(
                    () -> new HeldSamples(
                            one.recorded().rateHz(), one.recorded().samples()),
                    one.setup());
            boolean coupled = wanted.through() != StandCases.Through.DIRECT;
            score.inputWrong += found.input().coupled() != coupled
                            || found.input().inverted() != one.input().scale().inverted()
                    ? 1
                    : 0;
            int apart = found.firings().size() - one.firings().size();
            score.madeUp += Math.max(0, apart);
            score.missed += Math.max(0, -apart);
            for (int i = 0; apart == 0 && i < one.firings().size(); i++) {
                score.take(
                        found.firings().get(i),
                        one.firings().get(i).motion(),
                        one.bounced().get(i));
            }
        } catch (RecordingProblem problem) {
            score.refused++;
        }
        return score;
    }

    private void take(FiringFound found, Motion truth, boolean bounced) {
        if (found.flags().contains(FiringFlag.SLIT_NARROWER_THAN_SENSOR)) {
            return;
        }
        for (FiringFound.OnChannel on : found.channels()) {
            double exposure = truth.exposureSeconds(on.channel() - 1);
            double error = on.exposureSeconds() - exposure;
            errors.add(Math.abs(error) / exposure);
            held += Math.abs(error) < 1.96 * on.uncertaintySeconds() ? 1 : 0;
            boolean seen = on.bounce().isPresent();
            bounces += bounced ? 1 : 0;
            bouncesFound += bounced && seen ? 1 : 0;
            bouncesMadeUp += !bounced && seen ? 1 : 0;
        }
    }

    void add(MeasureScore other) {
        errors.addAll(other.errors);
        held += other.held;
        missed += other.missed;
        madeUp += other.madeUp;
        inputWrong += other.inputWrong;
        bounces += other.bounces;
        bouncesFound += other.bouncesFound;
        bouncesMadeUp += other.bouncesMadeUp;
        refused += other.refused;
    }

    double quantile(double share) {
        double[] sorted =
                errors.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted.length == 0 ? Double.NaN : sorted[(int) Math.min(sorted.length - 1, share * sorted.length)];
    }

    String words() {
        String bounce = bounces == 0
                ? "– / %d".formatted(bouncesMadeUp)
                : "%d of %d / %d".formatted(bouncesFound, bounces, bouncesMadeUp);
        return " %.1f %% of %d | %d / %d%s | %d | %s |"
                .formatted(
                        100.0 * held / Math.max(1, errors.size()),
                        errors.size(),
                        missed,
                        madeUp,
                        refused > 0 ? " (" + refused + " refused)" : "",
                        inputWrong,
                        bounce);
    }
}
