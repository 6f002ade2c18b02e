package ruvant.core.signature;

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
    /** Shutters made up for each cause to begin with. */
    private static final int SHUTTERS = 2_500;

    /** And for each of the likeliest, so that which is first does not rest on a few that happen to fit. */
    private static final int MORE = 8_000;

    /** Causes that are looked into more closely. */
    private static final int CLOSELY = 3;

    /** What is so much less likely than the likeliest cause, as a logarithm, is not. */
    private static final double NEAR = 8;

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
        List<Seen> seen = Seen.compared(ordered);
        List<Seen> whole = Seen.comparedWhole(ordered);
        double[] nominal = seen.stream().mapToDouble(Seen::nominalSeconds).toArray();
        List<MadeUp> causes = kind.causes().stream()
                .map(cause -> new MadeUp(kind, cause, nominal, new Likelihood(seen, whole, travel)))
                .toList();
        // causes have nothing to do with each other, each with random numbers of its own
        causes.parallelStream().forEach(one -> one.makeMore(SHUTTERS));
        double best = causes.stream().mapToDouble(MadeUp::evidence).max().orElseThrow();
        causes.stream()
                .filter(one -> one.evidence() > best - NEAR)
                .sorted(Comparator.comparingDouble(MadeUp::evidence).reversed())
                .limit(CLOSELY)
                .toList()
                .parallelStream()
                .forEach(one -> one.makeMore(MORE));
        List<Explained> explained = causes.stream().map(MadeUp::explained).toList();
        return Ranking.of(ordered, seen, travel, new Likelihood(seen, whole, travel), explained);
    }

    /**
     * How well one cause explains what was fired.
     *
     * @param evidence logarithm of the mean likelihood
     * @param shutters some of those made up, the likeliest the most often
     */
    record Explained(ShutterCause cause, double evidence, List<Draw> shutters) {}
}
