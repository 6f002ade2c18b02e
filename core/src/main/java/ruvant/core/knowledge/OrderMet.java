package ruvant.core.knowledge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import ruvant.core.strip.OrderFacts;
import ruvant.core.strip.Taught;
import ruvant.core.strip.Valley;
import ruvant.core.units.PartName;

/** What jobs of one model showed and said about which part lies over which. */
public final class OrderMet implements Taught {
    /** So many jobs hardly all left out the removal of a part that they did take off. */
    private static final int SEVERAL = 2;

    /** Two parts by the keys of their names. */
    private record Pair(String over, String under) {}

    private static final class Count {
        private int saidOver;
        private int saidFree;
        private int shownFree;
        private int kept;
    }

    private final Map<Pair, Count> counts = new HashMap<>();
    private final Map<String, Integer> cameOff = new HashMap<>();
    private final Map<String, PartName> names = new HashMap<>();

    /**
     * The evidence about two parts.
     *
     * @param saidOver in how many jobs somebody said that the one lies over the other
     * @param saidFree in how many somebody said that it does not
     * @param shownFree in how many the lower one came off or went on while the upper one was in place
     * @param kept in how many the upper one was out of the way whenever the lower one moved
     * @param without in how many the lower one came off and the upper one never did
     */
    public record Evidence(
            PartName over, PartName under, int saidOver, int saidFree, int shownFree, int kept, int without) {
        /** Whether jobs contradict each other: both ways were said, or one said and the other shown. */
        public boolean contradictory() {
            return saidOver > 0 && (saidFree > 0 || shownFree > 0);
        }
    }

    /** What these jobs of one model showed and said. */
    public static OrderMet of(List<Valley> jobs) {
        OrderMet met = new OrderMet();
        jobs.forEach(met::take);
        return met;
    }

    void take(Valley valley) {
        OrderFacts facts = valley.facts();
        for (OrderFacts.Track lower : facts.tracks()) {
            cameOff.merge(lower.part().key(), 1, Integer::sum);
            names.putIfAbsent(lower.part().key(), lower.part());
            for (OrderFacts.Track upper : facts.tracks()) {
                if (upper != lower && Objects.equals(upper.within(), lower.within())) {
                    Count count = count(upper.part(), lower.part());
                    if (upper.outWheneverMoved(lower)) {
                        count.kept++;
                    } else {
                        count.shownFree++;
                    }
                }
            }
        }
        facts.said().forEach((pair, over) -> {
            Count count = count(pair.over(), pair.under());
            if (over) {
                count.saidOver++;
            } else {
                count.saidFree++;
            }
        });
    }

    private Count count(PartName upper, PartName lower) {
        return counts.computeIfAbsent(new Pair(upper.key(), lower.key()), pair -> new Count());
    }

    /** The evidence about two parts of which at least one job knew both. */
    Optional<Evidence> evidence(PartName upper, PartName lower) {
        return Optional.ofNullable(counts.get(new Pair(upper.key(), lower.key())))
                .map(count -> evidence(upper, lower, count));
    }

    private Evidence evidence(PartName upper, PartName lower, Count count) {
        int without = cameOff.getOrDefault(lower.key(), 0) - count.kept - count.shownFree;
        return new Evidence(
                upper, lower, count.saidOver, count.saidFree, count.shownFree, count.kept, Math.max(0, without));
    }

    /** Every pair about which jobs contradict each other. */
    public List<Evidence> contradictions() {
        List<Evidence> all = new ArrayList<>();
        counts.forEach((pair, count) -> {
            if (names.containsKey(pair.over()) && names.containsKey(pair.under())) {
                all.add(evidence(names.get(pair.over()), names.get(pair.under()), count));
            }
        });
        return all.stream()
                .filter(Evidence::contradictory)
                .sorted(Comparator.comparing(
                        (Evidence one) -> one.over().key() + "/" + one.under().key()))
                .toList();
    }

    @Override
    public Optional<Says> over(PartName upper, PartName lower) {
        return evidence(upper, lower).flatMap(OrderMet::verdict);
    }

    private static Optional<Says> verdict(Evidence met) {
        if (met.contradictory()) {
            return Optional.empty();
        }
        if (met.saidOver() > 0) {
            return Optional.of(Says.OVER);
        }
        if (met.saidFree() > 0) {
            return Optional.of(Says.FREE);
        }
        return met.shownFree() > 0 || met.without() >= SEVERAL ? Optional.of(Says.PASSED_BY) : Optional.empty();
    }
}
