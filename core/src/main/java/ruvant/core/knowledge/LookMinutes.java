package ruvant.core.knowledge;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.find.FaultKnowledge;

/** How long looks take in this shop: what is known beforehand, and what its jobs took, each for so many jobs as it is worth. */
public final class LookMinutes {
    /** What is known beforehand counts as so many jobs. */
    private static final double KNOWN_COUNTS = 2;

    private LookMinutes() {}

    /** Minutes by a look's fixed name, for those that jobs here took. */
    public static Map<String, Double> of(FaultKnowledge knowledge, List<ModelKnowledge.LookMet> met) {
        Map<String, Double> minutes = new HashMap<>();
        for (ModelKnowledge.LookMet one : met) {
            knowledge
                    .look(one.look())
                    .ifPresent(look -> minutes.put(
                            one.look(),
                            (KNOWN_COUNTS * look.minutes() + one.times() * one.minutes())
                                    / (KNOWN_COUNTS + one.times())));
        }
        return minutes;
    }
}
