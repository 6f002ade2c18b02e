package ruvant.core.signature;

import java.util.ArrayList;
import java.util.List;
import ruvant.core.signature.Signatures.Explained;

/** Shutters made up that have one cause, and how well they explain what was fired. */
final class MadeUp {
    /** One camera in five is supposed to have a second fault beside the one it came for. */
    private static final double SECOND_FAULT = 0.2;

    /** The second fault shows less than the first, or it would have been the first. */
    private static final double MILDER = 0.4;

    /** A shutter so much less likely than the likeliest, as a logarithm, adds nothing to the mean. */
    private static final double NEGLIGIBLE = 16;

    /** Shutters that are kept of a cause, spread over its weight. */
    private static final int KEPT = 60;

    private final ShutterCause cause;

    /** What can be there besides; a dead magnet is never the milder fault. */
    private final List<ShutterCause> seconds;

    private final Faults faults;
    private final double[] nominal;
    private final Likelihood likelihood;
    private final Chance chance;
    private final List<Draw> shutters = new ArrayList<>();
    private final List<Double> logs = new ArrayList<>();
    private double highest = Double.NEGATIVE_INFINITY;
    private int made;

    MadeUp(ShutterKind kind, ShutterCause cause, double[] nominal, Likelihood likelihood) {
        this.cause = cause;
        this.nominal = nominal;
        this.likelihood = likelihood;
        seconds = kind.causes().stream()
                .filter(one -> one != ShutterCause.HEALTHY && one != ShutterCause.MAGNET_DEAD)
                .toList();
        faults = Faults.of(kind);
        chance = new Chance(977L * cause.ordinal() + 5);
    }

    void makeMore(int count) {
        for (int i = 0; i < count; i++) {
            Draw shutter = faults.healthy(nominal, chance);
            faults.work(cause, 1, shutter, chance);
            if (chance.once(SECOND_FAULT) && cause != ShutterCause.HEALTHY) {
                faults.work(seconds.get(chance.below(seconds.size())), MILDER, shutter, chance);
            }
            double log = likelihood.of(shutter, highest - NEGLIGIBLE);
            if (log > highest - NEGLIGIBLE) {
                shutters.add(shutter);
                logs.add(log);
                highest = Math.max(highest, log);
            }
        }
        made += count;
    }

    /** The logarithm of the mean likelihood. */
    double evidence() {
        double sum = 0;
        for (double log : logs) {
            sum += Math.exp(log - highest);
        }
        return highest + Math.log(sum / made);
    }

    Explained explained() {
        double[] weights =
                logs.stream().mapToDouble(log -> Math.exp(log - highest)).toArray();
        double sum = 0;
        for (double weight : weights) {
            sum += weight;
        }
        List<Draw> kept = new ArrayList<>();
        double reached = 0;
        // taken at even steps of the summed weights
        for (int i = 0; i < weights.length; i++) {
            reached += weights[i];
            while (kept.size() < KEPT && reached >= sum * (kept.size() + 0.5) / KEPT) {
                kept.add(shutters.get(i));
            }
        }
        return new Explained(cause, evidence(), kept);
    }
}
