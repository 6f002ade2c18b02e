package ruvant.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ruvant.core.trade.Attitude;

/**
 * What holding the camera otherwise does to a speed: each attitude against level. As several are asked about at once,
 * chances are corrected after Holm, or one in five healthy cameras would be said to mind how it is held.
 */
public final class Attitudes {
    /** The usual level at which a difference is called one. */
    private static final double CALLED_BELOW = 0.05;

    /** Smaller effects are of no use to anybody, however sure. */
    private static final double CALLED_ABOVE_EV = 0.10;

    private Attitudes() {}

    /**
     * One attitude against level.
     *
     * @param effectEv by how much it runs longer than level, stops
     * @param halfWidthEv half of the 95 % interval of that
     * @param chance corrected for the number of attitudes asked about, at most 1
     * @param called whether it is more than chance and large enough to matter
     */
    public record Effect(Attitude attitude, double effectEv, double halfWidthEv, double chance, boolean called) {}

    /**
     * The effect of every attitude other than level of which at least two firings are known, the strongest evidence
     * first; none while level itself has fewer than two.
     */
    public static List<Effect> effects(Map<Attitude, RunStatistics> runs) {
        RunStatistics level = runs.get(Attitude.LEVEL);
        if (level == null || level.firings() < 2) {
            return List.of();
        }
        Map<Attitude, Difference> differences = new EnumMap<>(Attitude.class);
        runs.forEach((attitude, run) -> {
            if (attitude != Attitude.LEVEL && run.firings() >= 2) {
                differences.put(attitude, Difference.between(level, run));
            }
        });
        List<Map.Entry<Attitude, Difference>> ordered = differences.entrySet().stream()
                .sorted(Comparator.comparingDouble(one -> one.getValue().chance()))
                .toList();
        List<Effect> effects = new ArrayList<>();
        double highest = 0;
        for (int i = 0; i < ordered.size(); i++) {
            Difference difference = ordered.get(i).getValue();
            highest = Math.max(highest, Math.min(1, (ordered.size() - i) * difference.chance()));
            effects.add(new Effect(
                    ordered.get(i).getKey(),
                    difference.byEv(),
                    difference.halfWidthEv(0.95),
                    highest,
                    highest < CALLED_BELOW && Math.abs(difference.byEv()) > CALLED_ABOVE_EV));
        }
        return effects;
    }
}
