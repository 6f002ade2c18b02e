package ruvant.core.signature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ruvant.core.units.FieldProblem;

/**
 * Ranks what can be wrong with a shutter by how well it explains all speeds together: for each cause many shutters are
 * made up that have it, larger or smaller and one in five with a second, milder fault, and the mean likelihood of what
 * was fired is taken over them. No cause is held for more common than another here; how common each is belongs to the
 * diagnosis.
 */
public final class Signatures {
    /** Shutters made up for each cause; twice as many move a probability by about a hundredth. */
    private static final int SHUTTERS = 2_500;

    /** One camera in five is supposed to have a second fault beside the one it came for. */
    private static final double SECOND_FAULT = 0.2;

    /** The second fault shows less than the first, or it would have been the first. */
    private static final double MILDER = 0.4;

    /** Two speeds can be off together by any cause; three begin to have a shape. */
    private static final int LEAST_SPEEDS = 3;

    private Signatures() {}

    /**
     * Ranks the causes.
     *
     * @param speeds at least three, in any order
     * @throws FieldProblem for fewer speeds
     */
    public static Ranking rank(ShutterKind kind, List<SpeedFirings> speeds, CurtainTravel travel) {
        if (speeds.size() < LEAST_SPEEDS) {
            throw new FieldProblem(
                    "speeds",
                    "A pattern needs at least 3 speeds. There are " + speeds.size() + ".",
                    "Time a slow one, a middle one and a fast one.");
        }
        List<SpeedFirings> ordered = speeds.stream()
                .sorted(Comparator.comparingDouble(SpeedFirings::nominalSeconds).reversed())
                .toList();
        List<Seen> seen = Seen.of(ordered);
        Likelihood likelihood = new Likelihood(seen, travel);
        double[] nominal = seen.stream().mapToDouble(Seen::nominalSeconds).toArray();
        List<Explained> explained = new ArrayList<>();
        for (ShutterCause cause : kind.causes()) {
            explained.add(explain(kind, cause, nominal, likelihood));
        }
        return Ranking.of(ordered, seen, travel, likelihood, explained);
    }

    /**
     * How well one cause explains what was fired.
     *
     * @param evidence logarithm of the mean likelihood
     * @param shutters some of those made up, the likeliest the most often
     */
    record Explained(ShutterCause cause, double evidence, List<Draw> shutters) {}

    private static Explained explain(ShutterKind kind, ShutterCause cause, double[] nominal, Likelihood likelihood) {
        Faults faults = Faults.of(kind);
        List<ShutterCause> causes = kind.causes();
        Chance chance = new Chance(977L * cause.ordinal() + 5);
        Draw[] shutters = new Draw[SHUTTERS];
        double[] logs = new double[SHUTTERS];
        double highest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < SHUTTERS; i++) {
            Draw shutter = faults.healthy(nominal, chance);
            faults.work(cause, 1, shutter, chance);
            if (chance.once(SECOND_FAULT) && cause != ShutterCause.HEALTHY) {
                faults.work(causes.get(1 + chance.below(causes.size() - 1)), MILDER, shutter, chance);
            }
            shutters[i] = shutter;
            logs[i] = likelihood.of(shutter);
            highest = Math.max(highest, logs[i]);
        }
        double sum = 0;
        for (int i = 0; i < SHUTTERS; i++) {
            logs[i] = Math.exp(logs[i] - highest);
            sum += logs[i];
        }
        return new Explained(cause, highest + Math.log(sum / SHUTTERS), likeliest(shutters, logs, sum));
    }

    /** Drawn cameras that are kept of a cause, spread over its weight. */
    private static final int KEPT = 60;

    /** Taken at even steps of the summed weights. */
    private static List<Draw> likeliest(Draw[] shutters, double[] weights, double sum) {
        List<Draw> kept = new ArrayList<>();
        double reached = 0;
        for (int i = 0; i < shutters.length; i++) {
            reached += weights[i];
            while (kept.size() < KEPT && reached >= sum * (kept.size() + 0.5) / KEPT) {
                kept.add(shutters[i]);
            }
        }
        return kept;
    }
}
