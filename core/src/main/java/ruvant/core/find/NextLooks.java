package ruvant.core.find;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ruvant.core.trade.Family;

/** Which look to take next: the most that can be found out for a minute, the way there and back counted in. */
public final class NextLooks {
    /** Minutes there and back where nothing is known of the model's ways in. */
    private static final Map<String, Double> USUAL_REACH =
            Map.of("outside", 0.0, "bottom", 8.0, "top", 20.0, "front", 22.0, "lens front", 18.0, "inside", 60.0);

    /** Minutes to whatever is not known by where it lies: as far as the inside. */
    private static final double FARTHEST = 60;

    /** A look that tells less than this, in bits, is not worth a line on the page. */
    private static final double LEAST_BITS = 0.04;

    private NextLooks() {}

    /**
     * A look worth taking.
     *
     * @param minutes all told, what is still to be taken off and put back counted in
     * @param reachMinutes of these, for the way
     */
    public record Ranked(FaultKnowledge.Look look, Diagnosis.Told told, double minutes, double reachMinutes) {
        /** Bits a minute. */
        public double worth() {
            return told.bits() / minutes;
        }
    }

    /**
     * All looks that were not taken yet and tell something, the most worth first.
     *
     * @param reached places that are open already: what is reached there costs no way
     */
    public static List<Ranked> of(
            FaultKnowledge knowledge, Family family, Diagnosis diagnosis, CaseEvidence evidence, Set<String> reached) {
        return of(knowledge, family, diagnosis, evidence, new Minutes(reached, Map.of(), Map.of()));
    }

    /**
     * What looks cost here.
     *
     * @param reached places that are open already
     * @param ways minutes there and back as earlier jobs of the model took them, by the place's word
     * @param looks minutes that looks took here, by their fixed name
     */
    public record Minutes(Set<String> reached, Map<String, Double> ways, Map<String, Double> looks) {
        private double way(FaultKnowledge.Look look) {
            return reached.contains(look.reach())
                    ? 0
                    : ways.getOrDefault(look.reach(), USUAL_REACH.getOrDefault(look.reach(), FARTHEST));
        }

        private double of(FaultKnowledge.Look look) {
            return looks.getOrDefault(look.id(), look.minutes());
        }
    }

    /** The same, with what looks and ways take here. */
    public static List<Ranked> of(
            FaultKnowledge knowledge, Family family, Diagnosis diagnosis, CaseEvidence evidence, Minutes minutes) {
        Set<String> taken =
                evidence.looks().stream().map(CaseEvidence.Result::look).collect(Collectors.toSet());
        return knowledge.looksOf(family).stream()
                .filter(look -> !taken.contains(look.id()))
                .map(look -> {
                    double way = minutes.way(look);
                    return new Ranked(look, diagnosis.told(look, evidence), minutes.of(look) + way, way);
                })
                .filter(one -> one.told().bits() > LEAST_BITS)
                .sorted(Comparator.comparingDouble(Ranked::worth).reversed())
                .toList();
    }

    /** A look with its minutes, what it would tell left open. */
    public static Ranked untold(FaultKnowledge.Look look, Set<String> reached) {
        double way = new Minutes(reached, Map.of(), Map.of()).way(look);
        return new Ranked(look, null, look.minutes() + way, way);
    }
}
