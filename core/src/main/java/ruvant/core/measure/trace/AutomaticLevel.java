package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;

/**
 * Sound inputs may turn themselves down when it gets loud. The light of every firing then falls from its opening on, though the
 * lamp does not, and the edges are measured by different gains. A lamp that ripples falls in some firings and rises in others.
 */
final class AutomaticLevel {
    /** A shorter plateau shows no fall that could be told from the end of its ramp. */
    private static final double LEAST_SECONDS = 0.005;

    /** Part of the level; what turns down by less changes no exposure by a hundredth of a stop. */
    private static final double LEAST_FALL = 0.05;

    /** Standard deviations of a fall. */
    private static final double SURE = 5;

    /** Of the firings that could show it. */
    private static final double MOST_OF_THEM = 0.8;

    /** One firing alone may have met a lamp that was just switched on. */
    private static final int FEWEST = 2;

    /** Over the opening step; slow blades that open fast come to four fifths. */
    private static final double CLOSES_BY_LESS = 0.7;

    private AutomaticLevel() {}

    /** By which part the level falls while it is light, mean over the firings; empty where nothing turns it down. */
    static Optional<Double> fall(List<Lit> lit, List<Pulse> pulses) {
        return bySteps(lit).or(() -> onPlateaus(pulses));
    }

    /** A fast one is done before the plateau begins: the light goes out by far less than it came. */
    private static Optional<Double> bySteps(List<Lit> lit) {
        double[] closes = lit.stream()
                .filter(one -> !one.cut())
                .mapToDouble(Lit::closes)
                .sorted()
                .toArray();
        if (closes.length < FEWEST || closes[(int) (MOST_OF_THEM * (closes.length - 1))] > CLOSES_BY_LESS) {
            return Optional.empty();
        }
        return Optional.of(1 - closes[closes.length / 2]);
    }

    private static Optional<Double> onPlateaus(List<Pulse> pulses) {
        int telling = 0;
        int falling = 0;
        double sum = 0;
        for (Pulse pulse : pulses) {
            Plateau plateau = pulse.plateau();
            double[] means = plateau.means();
            if (plateau.seconds() < LEAST_SECONDS || means.length < 8) {
                continue;
            }
            telling++;
            double early = (means[0] + means[1]) / 2;
            double late = (means[means.length - 2] + means[means.length - 1]) / 2;
            double fall = 1 - late / early;
            if (fall > LEAST_FALL && early - late > SURE * plateau.noise() && sinks(means, plateau.noise())) {
                falling++;
                sum += fall;
            }
        }
        return falling >= FEWEST && falling >= MOST_OF_THEM * telling ? Optional.of(sum / falling) : Optional.empty();
    }

    /** It falls fast and then less, and never comes back while it is light. */
    private static boolean sinks(double[] means, double noise) {
        double least = means[0];
        for (double mean : means) {
            if (mean > least + SURE * noise + 0.02 * Math.abs(means[0])) {
                return false;
            }
            least = Math.min(least, mean);
        }
        return true;
    }
}
