package ruvant.server.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.LongStream;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.trace.FiringFound;
import ruvant.core.measure.trace.MeasuredRecording;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.practice.unseen.stand.UnseenRecording;
import ruvant.core.practice.unseen.stand.UnseenStand;
import ruvant.core.trade.FiringFlag;

/** How recordings of the unseen stand are measured, firing by firing against the truth. */
final class UnseenScore {
    /** Light that comes back may be found so much later than the shutter's end, seconds. */
    private static final double BESIDE = 0.03;

    int firings;
    int missed;
    int phantoms;
    int usable;
    int wild;
    int refused;
    private String here = "";
    final List<Double> errors = new ArrayList<>();
    final List<Double> deviations = new ArrayList<>();
    final List<Double> doubts = new ArrayList<>();
    final List<Double> travels = new ArrayList<>();
    final List<String> notes = new ArrayList<>();
    /** For each flag: firings that have it and were told so, that have it, that have it not and were told so, that have it not. */
    final Map<String, int[]> flags = new TreeMap<>();

    /** Over seeds, every second of them: even ones for trying things, odd ones set aside. */
    static UnseenScore over(UnseenStand.Trouble trouble, long from, int count) {
        UnseenScore sum = new UnseenScore();
        LongStream.range(0, count)
                .parallel()
                .mapToObj(k -> of(trouble, from + 2 * k))
                .toList()
                .forEach(sum::add);
        return sum;
    }

    static UnseenScore of(UnseenStand.Trouble trouble, long seed) {
        UnseenRecording truth = UnseenStand.of(trouble, seed);
        UnseenScore score = new UnseenScore();
        score.firings = truth.firings();
        String name = trouble + " " + seed;
        try {
            score.take(
                    truth,
                    TraceAnalysis.of(() -> new HeldSamples(truth.rateHz(), truth.samples()), truth.setup()),
                    name);
        } catch (RecordingProblem problem) {
            score.refused++;
            score.missed += truth.firings();
            score.notes.add(name + " refused " + problem.refusal().code());
        }
        return score;
    }

    private void take(UnseenRecording truth, MeasuredRecording found, String name) {
        int[] hits = new int[truth.firings()];
        for (FiringFound one : found.firings()) {
            int which = which(truth, one);
            if (which < 0 || hits[which]++ > 0) {
                phantoms++;
                notes.add(name + " phantom at %.3f, %s".formatted(one.startSeconds(), one.exposureSeconds()));
            } else {
                take(truth, which, one, name);
            }
        }
        for (int k = 0; k < hits.length; k++) {
            if (hits[k] == 0) {
                missed++;
                notes.add(name + " missed firing " + (k + 1));
            }
        }
        flag("warns of level", truth.pumpDb() >= 3, truth.pumpDb() == 0, says(found, "automatic"));
        flag("warns of knocks", truth.clicks() > 0, truth.clicks() == 0, says(found, "knock"));
    }

    private static boolean says(MeasuredRecording found, String word) {
        return found.warnings().stream()
                .anyMatch(one -> one.toLowerCase(Locale.ROOT).contains(word));
    }

    private static int which(UnseenRecording truth, FiringFound one) {
        for (int k = 0; k < truth.firings(); k++) {
            double[] between = truth.between(k);
            if (one.startSeconds() < between[1] + BESIDE && one.endSeconds() > between[0] - BESIDE) {
                return k;
            }
        }
        return -1;
    }

    private void take(UnseenRecording truth, int which, FiringFound one, String name) {
        here = name + " firing " + (which + 1);
        Set<FiringFlag> said = one.flags();
        double back = truth.rebound(which);
        flag("bounce", back > 0.07 && back > 3 * truth.noise(), back == 0, said.contains(FiringFlag.BOUNCE));
        flag(
                "clipped",
                truth.clips() > 0 && truth.peak(which, 0) > 1.05 * truth.clips(),
                truth.clips() == 0,
                said.contains(FiringFlag.CLIPPED));
        double slit = truth.slitOverSensor(which);
        flag("narrow", slit < 0.85, slit > 2, said.contains(FiringFlag.SLIT_NARROWER_THAN_SENSOR));
        flag("hum", truth.hum() > 0.03, truth.hum() == 0, said.contains(FiringFlag.HUM));
        flag(
                "ripple",
                truth.ripple() > 0.03 && truth.firings() > 2 && truth.exposureSeconds(which, 0) > 0.02,
                truth.ripple() == 0,
                said.contains(FiringFlag.RIPPLE));
        if (slit > 1e6) {
            flag(
                    "not fully open",
                    truth.peak(which, 0) < 0.85,
                    truth.peak(which, 0) > 0.98,
                    said.contains(FiringFlag.NOT_FULLY_OPEN));
        }
        flag("capped", false, slit > 0, said.contains(FiringFlag.CAPPED));
        flag("cut off", false, true, said.contains(FiringFlag.CUT_OFF));
        if (!one.usable()) {
            return;
        }
        usable++;
        boolean outside = false;
        for (FiringFound.OnChannel on : one.channels()) {
            if (!truth.sees(on.channel() - 1)) {
                continue;
            }
            double exposure = truth.exposureSeconds(which, on.channel() - 1);
            double error = on.exposureSeconds() - exposure;
            errors.add(error / exposure);
            doubts.add(on.uncertaintySeconds() / exposure);
            deviations.add(error / on.uncertaintySeconds());
            if (Math.abs(error) > 3 * on.uncertaintySeconds() && Math.abs(error) > 0.1 * exposure) {
                outside = true;
                notes.add(name
                        + " firing %d channel %d: %.3f ms ± %.3f for %.3f %s"
                                .formatted(
                                        which + 1,
                                        on.channel(),
                                        1e3 * on.exposureSeconds(),
                                        1e3 * on.uncertaintySeconds(),
                                        1e3 * exposure,
                                        said));
            }
        }
        wild += outside ? 1 : 0;
        double[] travel = truth.travelSeconds(which);
        one.curtains().filter(run -> travel.length > 0).ifPresent(run -> {
            travels.add(
                    (run.leading().travelSeconds() - travel[0]) / run.leading().uncertaintySeconds());
            travels.add((run.trailing().travelSeconds() - travel[1])
                    / run.trailing().uncertaintySeconds());
        });
    }

    private void flag(String name, boolean has, boolean hasNot, boolean said) {
        int[] counts = flags.computeIfAbsent(name, one -> new int[4]);
        if (has) {
            counts[0] += said ? 1 : 0;
            counts[1]++;
        } else if (hasNot) {
            if (said) {
                notes.add(here + " false " + name);
            }
            counts[2] += said ? 1 : 0;
            counts[3]++;
        }
    }

    void add(UnseenScore other) {
        firings += other.firings;
        missed += other.missed;
        phantoms += other.phantoms;
        usable += other.usable;
        wild += other.wild;
        refused += other.refused;
        errors.addAll(other.errors);
        deviations.addAll(other.deviations);
        doubts.addAll(other.doubts);
        travels.addAll(other.travels);
        notes.addAll(other.notes);
        other.flags.forEach((name, counts) -> {
            int[] mine = flags.computeIfAbsent(name, one -> new int[4]);
            for (int k = 0; k < 4; k++) {
                mine[k] += counts[k];
            }
        });
    }

    static double quantile(List<Double> values, double share) {
        double[] sorted = values.stream().mapToDouble(Math::abs).sorted().toArray();
        return sorted.length == 0 ? Double.NaN : sorted[(int) Math.min(sorted.length - 1, share * sorted.length)];
    }

    static double within(List<Double> deviations, double of) {
        return deviations.stream().filter(one -> Math.abs(one) <= of).count() / (double) Math.max(1, deviations.size());
    }
}
