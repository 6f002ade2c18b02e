package ruvant.core.measure;

import java.util.List;

/**
 * How far a person's ear can be trusted: guesses made before the measurement against what was measured then.
 *
 * @param compared guesses that were measured afterwards
 * @param biasEv by how much the ear calls speeds slower than they are, stops; 0 for none compared
 * @param scatterEv standard deviation of that; NaN for fewer than two
 * @param widthEv half of the 95 % interval in which the truth lies around one more guess, the bias taken off, stops
 */
public record Ear(int compared, double biasEv, double scatterEv, double widthEv) {
    /** An ear of which too little is known is supposed to be a stop off. */
    private static final double UNKNOWN_EV = 1;

    /** Two guesses beside a measurement may both be luck. */
    private static final int ENOUGH = 3;

    /** A guess in stops and what the run came to. */
    public record Pair(double guessedEv, double measuredEv) {}

    /** What a person's guesses say together. */
    public static Ear of(List<Pair> pairs) {
        if (pairs.isEmpty()) {
            return new Ear(0, 0, Double.NaN, UNKNOWN_EV);
        }
        RunStatistics off = RunStatistics.ofErrors(pairs.stream()
                .mapToDouble(pair -> pair.guessedEv() - pair.measuredEv())
                .toArray());
        int n = pairs.size();
        if (n < ENOUGH) {
            return new Ear(n, off.biasEv(), off.scatterEv(), UNKNOWN_EV);
        }
        double t = Quantiles.student(n - 1, 0.975);
        return new Ear(n, off.biasEv(), off.scatterEv(), t * off.plausibleScatterEv() * Math.sqrt(1 + 1.0 / n));
    }
}
