package ruvant.core.signature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ruvant.core.signature.Signatures.Explained;

/**
 * What the speeds say, the likeliest cause first. Evidence for the diagnosis, not one by itself.
 *
 * @param causes all that the kind of shutter can have
 * @param sentence what was seen, in words
 * @param toTellApart what would tell the likeliest two apart
 */
public record Ranking(List<Ranked> causes, String sentence, String toTellApart) {
    /**
     * A cause and how likely it is from the speeds alone.
     *
     * @param probability 0 to 1; they sum to 1
     * @param why what speaks for it or against it here
     */
    public record Ranked(ShutterCause cause, double probability, String why) {}

    /**
     * Evidence counts for three quarters: shutters are made more variously than those made up here, and unlessened a
     * cause said to be nearly certain was wrong once in eight.
     */
    private static final double COUNTS_FOR = 0.75;

    /** One wrong in ten is said aloud as settled; what is less sure is named with the others. */
    private static final double SETTLED = 0.9;

    static Ranking of(
            List<SpeedFirings> speeds,
            List<Seen> seen,
            CurtainTravel travel,
            Likelihood likelihood,
            List<Explained> explained) {
        List<Explained> ordered = explained.stream()
                .sorted(Comparator.comparingDouble(Explained::evidence).reversed())
                .toList();
        Explained first = ordered.getFirst();
        double sum = ordered.stream().mapToDouble(one -> weight(one, first)).sum();
        List<Ranked> ranked = ordered.stream()
                .map(one -> new Ranked(
                        one.cause(),
                        weight(one, first) / sum,
                        Speaks.of(one, one == first ? ordered.get(1) : first, speeds, travel, likelihood)))
                .toList();
        return new Ranking(
                ranked,
                PatternWords.of(speeds, Seen.inStops(speeds)),
                ranked.getFirst().probability() >= SETTLED
                        ? "More firings would hardly change this. A look inside settles it."
                        : TellApart.words(speeds, seen, travel, first, ordered.get(1)));
    }

    private static double weight(Explained one, Explained first) {
        return Math.exp(COUNTS_FOR * (one.evidence() - first.evidence()));
    }

    /** Whether the likeliest cause is so likely that more firings would hardly change it. */
    public boolean settled() {
        return causes.getFirst().probability() >= SETTLED;
    }

    /** The causes that are worth naming: until four in five of the odds are told, at most three. */
    public List<Ranked> worthNaming() {
        List<Ranked> named = new ArrayList<>();
        double told = 0;
        for (Ranked one : causes) {
            if (told < 0.8 && named.size() < 3) {
                named.add(one);
                told += one.probability();
            }
        }
        return named;
    }
}
