package ruvant.core.strip;

import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.anatomy.BodyPlan;
import ruvant.core.log.Line;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

/**
 * Everything that came off, in the order in which it first did. What lies over what is worked out when it is first asked
 * for: most pictures of a job are made to be looked at for something else.
 */
public final class Valley {
    private final List<ValleyPart> bare;
    private final OrderFacts facts;
    private final Taught taught;
    private final BodyPlan plan;
    private volatile @MayBeNull List<ValleyPart> laid;

    private Valley(List<ValleyPart> bare, OrderFacts facts, Taught taught, BodyPlan plan) {
        this.bare = List.copyOf(bare);
        this.facts = facts;
        this.taught = taught;
        this.plan = plan;
    }

    /** A valley whose order follows from its log alone: a camera of which nothing more is known. */
    static Valley of(List<ValleyPart> parts, OrderFacts facts) {
        return new Valley(parts, facts, Taught.NOTHING, BodyPlan.UNKNOWN);
    }

    /** The same with what the model taught, and what is known of such cameras. */
    public Valley ordered(Taught otherTaught, BodyPlan otherPlan) {
        return new Valley(bare, facts, otherTaught, otherPlan);
    }

    /** The parts, outermost first as far as the order of work tells, each with what lies over it. */
    public List<ValleyPart> parts() {
        List<ValleyPart> known = laid;
        if (known == null) {
            known = lay();
            laid = known;
        }
        return known;
    }

    private List<ValleyPart> lay() {
        Map<PartName, Map<PartName, Basis>> over = PartOrder.of(facts, taught, plan);
        OverGraph graph = new OverGraph(over);
        return bare.stream()
                .map(part -> part.lying(new ValleyPart.Under(
                        over.get(part.name()), graph.allOver(part.name()), graph.level(part.name()))))
                .toList();
    }

    /** What the log says about their order. */
    public OrderFacts facts() {
        return facts;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Valley that && facts.equals(that.facts) && parts().equals(that.parts());
    }

    @Override
    public int hashCode() {
        return facts.hashCode();
    }

    @Override
    public String toString() {
        return parts().toString();
    }

    /**
     * The valley of parts that came off and went back in these orders, with nothing else known of them.
     *
     * @param back parts that are back, in the order in which they went; those that never came off are passed over
     */
    public static Valley taken(List<StripEntry.Removed> removals, List<PartName> back) {
        ValleyTracks tracks = new ValleyTracks();
        removals.forEach(removed -> tracks.off(line(removed), removed));
        back.stream()
                .filter(part -> tracks.mustBeOut(part, "put back").isEmpty())
                .forEach(part -> tracks.back(line(removals.getFirst()), part, new WentBack(List.of(), "")));
        return tracks.valley();
    }

    static Line line(StripEntry.Removed removed) {
        return new Line(UUID.randomUUID(), 1, Instant.EPOCH, "nobody", null, removed);
    }

    /** The part of this name, if it ever came off. */
    public Optional<ValleyPart> part(PartName name) {
        return parts().stream().filter(part -> part.name().equals(name)).findFirst();
    }

    /** Parts that are out now. */
    public List<ValleyPart> out() {
        return parts().stream().filter(ValleyPart::out).toList();
    }

    /**
     * What lies next to a part.
     *
     * @throws java.util.NoSuchElementException where no part of this name came off
     */
    public Neighbours neighbours(PartName name) {
        return Neighbours.of(this, part(name).orElseThrow());
    }

    /** Why a part cannot come off as it was said: what is known to lie over it is back on, or it lies over its assembly. */
    Optional<Refusal> objection(StripEntry.Removed removed) {
        PartName name = removed.part();
        if (removed.within() == null
                && bare.stream().noneMatch(part -> part.name().equals(name))) {
            return Optional.empty();
        }
        if (removed.within() != null && knownOver().allOver(removed.within()).contains(name)) {
            return Optional.of(new Refusal(
                    "circle",
                    "“" + removed.within() + "” lies under “" + name + "” already.",
                    "Name the assembly it really came out of."));
        }
        return part(name).stream()
                .flatMap(part -> parts().stream()
                        .filter(over -> over.state() == ValleyPart.State.BACK)
                        .filter(over -> part.known(over.name()))
                        .map(over -> new Refusal(
                                "coveredAgain",
                                "“" + over.name() + "” is back on and lies over “" + name + "”.",
                                "Log taking “" + over.name() + "” off first, or say that it does not lie over it.")))
                .findFirst();
    }

    /** What stands in the way of a part that is out: something under it that is out still, or over it that is back. */
    public Optional<InTheWay> inTheWay(ValleyPart part) {
        return InTheWay.of(this, part);
    }

    /** Whether anything that came off is known, and not only taken, to lie under a part. */
    public boolean knownOver(PartName name) {
        return parts().stream().anyMatch(part -> part.known(name));
    }

    /** Why the hand cannot say so: with what is known, the two parts would each lie over the other. */
    Optional<Refusal> objection(StripEntry.EdgeSet edge) {
        return edge.present() ? knownOver().circle(edge.over(), edge.under()).map(Valley::inACircle) : Optional.empty();
    }

    /** The refusal of a circle, named from part to part. */
    static Refusal inACircle(List<PartName> loop) {
        return new Refusal(
                "circle",
                "That makes a circle: " + loop.stream().map(PartName::text).collect(Collectors.joining(" under "))
                        + ".",
                "Remove one of these first.");
    }

    private CoverEdges knownOver() {
        CoverEdges edges = new CoverEdges();
        parts().forEach(part -> part.over().stream().filter(part::known).forEach(over -> edges.set(over, part.name())));
        return edges;
    }

    /** How many pieces ever came off, at the last removal of each part. */
    public int piecesOff() {
        return parts().stream().mapToInt(ValleyPart::pieces).sum();
    }

    /** For each part, the parts that lie under it, directly or not, in the order in which they came off. */
    public Map<PartName, Set<PartName>> under() {
        Map<PartName, Set<PartName>> under = new HashMap<>();
        parts().forEach(part -> under.put(part.name(), new LinkedHashSet<>()));
        parts().forEach(part ->
                part.place().all().forEach(over -> under.get(over).add(part.name())));
        return under;
    }
}
