package ruvant.core.strip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import ruvant.core.anatomy.BodyPlan;
import ruvant.core.anatomy.Lies;
import ruvant.core.anatomy.PartSite;
import ruvant.core.units.PartName;

/**
 * Which part lies over which. For each two parts the first of these that speaks counts: what the hand said; the assembly
 * that a part was taken out of; what the log shows cannot be, since a part that came off or went on while another was in
 * place does not lie under it; what the model taught; how such cameras are built; and else that a part which came off
 * earlier in the same column had to come off to free the later one. So only the last of them can be wrong by much, and
 * then toward waiting.
 */
final class PartOrder {
    private final OrderFacts facts;
    private final Taught taught;
    private final BodyPlan plan;
    private final Map<PartName, PartSite> sites = new HashMap<>();
    private final Map<PartName, Integer> indexes = new HashMap<>();

    private PartOrder(OrderFacts facts, Taught taught, BodyPlan plan) {
        this.facts = facts;
        this.taught = taught;
        this.plan = plan;
        facts.tracks().forEach(track -> {
            sites.put(track.part(), plan.site(track.part(), track.side()));
            indexes.put(track.part(), indexes.size());
        });
    }

    private record Edge(PartName over, PartName under, Basis basis) {}

    /** For each part the parts that lie directly over it, each with what that rests on. There are no circles. */
    static Map<PartName, Map<PartName, Basis>> of(OrderFacts facts, Taught taught, BodyPlan plan) {
        return new PartOrder(facts, taught, plan).worked();
    }

    private Map<PartName, Map<PartName, Basis>> worked() {
        List<Edge> edges = new ArrayList<>();
        for (OrderFacts.Track lower : facts.tracks()) {
            for (OrderFacts.Track upper : facts.tracks()) {
                if (upper != lower) {
                    basis(upper, lower).ifPresent(basis -> edges.add(new Edge(upper.part(), lower.part(), basis)));
                }
            }
        }
        Map<PartName, Map<PartName, Basis>> over = new LinkedHashMap<>();
        facts.tracks().forEach(track -> over.put(track.part(), new LinkedHashMap<>()));
        if (edges.stream().anyMatch(this::againstTime)) {
            withoutCircles(edges).forEach(edge -> over.get(edge.under()).put(edge.over(), edge.basis()));
        } else {
            edges.forEach(edge -> over.get(edge.under()).put(edge.over(), edge.basis()));
        }
        return over;
    }

    /** Only what the hand said can go against the order in which parts came off, and only then can a circle close. */
    private boolean againstTime(Edge edge) {
        return (edge.basis() == Basis.HAND || edge.basis() == Basis.ASSEMBLY)
                && indexOf(edge.over()) > indexOf(edge.under());
    }

    private int indexOf(PartName part) {
        return indexes.get(part);
    }

    /** What is known best goes first; what would close a circle with it is dropped. */
    private List<Edge> withoutCircles(List<Edge> edges) {
        BitSet[] above = new BitSet[indexes.size()];
        Arrays.setAll(above, part -> new BitSet(indexes.size()));
        List<Edge> kept = new ArrayList<>();
        edges.stream().sorted(Comparator.comparing(Edge::basis)).forEach(edge -> {
            int over = indexOf(edge.over());
            int under = indexOf(edge.under());
            if (!above[over].get(under)) {
                for (int part = 0; part < above.length; part++) {
                    if (part == under || above[part].get(under)) {
                        above[part].or(above[over]);
                        above[part].set(over);
                    }
                }
                kept.add(edge);
            }
        });
        return kept;
    }

    private Optional<Basis> basis(OrderFacts.Track upper, OrderFacts.Track lower) {
        Boolean hand =
                facts.said().isEmpty() ? null : facts.said().get(new OrderFacts.Pair(upper.part(), lower.part()));
        if (hand != null) {
            return hand ? Optional.of(Basis.HAND) : Optional.empty();
        }
        if (upper.part().equals(lower.within())) {
            return Optional.of(Basis.ASSEMBLY);
        }
        if (!Objects.equals(upper.within(), lower.within()) || !upper.outWheneverMoved(lower)) {
            return Optional.empty();
        }
        Optional<Taught.Says> learned = taught.over(upper.part(), lower.part());
        if (learned.equals(Optional.of(Taught.Says.OVER))) {
            return Optional.of(Basis.TAUGHT);
        }
        if (learned.equals(Optional.of(Taught.Says.FREE))) {
            return Optional.empty();
        }
        return built(upper, lower)
                .filter(basis -> basis != Basis.DEFAULT || learned.isEmpty() && !upper.wentBackWithout(lower));
    }

    /** What follows from the parts themselves. */
    private Optional<Basis> built(OrderFacts.Track upper, OrderFacts.Track lower) {
        PartSite above = site(upper);
        PartSite below = site(lower);
        Lies lies = plan.lies(above, below);
        boolean covered = upper.covers() && upper.side() == lower.side();
        return switch (lies) {
            case OVER -> Optional.of(Basis.ANATOMY);
            case PROBABLY_OVER -> Optional.of(covered ? Basis.COVER : Basis.DEFAULT);
            case FREE -> {
                if (covered && !(above.known() && below.known())) {
                    yield Optional.of(Basis.COVER);
                }
                yield cameOffForIt(upper, lower) ? Optional.of(Basis.DEFAULT) : Optional.empty();
            }
        };
    }

    /**
     * Whether somebody who was at work on one side of the camera took a single part off another side and came straight back
     * to take off a cover: then the single part probably held it, wherever it sits.
     */
    private boolean cameOffForIt(OrderFacts.Track upper, OrderFacts.Track lower) {
        int at = indexOf(upper.part());
        return at > 0
                && at + 1 == indexOf(lower.part())
                && site(upper).mayHaveFreed(site(lower))
                && facts.tracks().subList(0, at).stream()
                        .anyMatch(track -> site(track).sharesColumnWith(site(lower)));
    }

    private PartSite site(OrderFacts.Track track) {
        return sites.get(track.part());
    }
}
