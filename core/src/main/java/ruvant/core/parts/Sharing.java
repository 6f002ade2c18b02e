package ruvant.core.parts;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import ruvant.core.shelf.Thing;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;

/**
 * All open needs and all their sources at once: which gets which, so that the sum is greatest. What lies there once is given
 * once, and a whole donor is opened once for all that is taken out of it.
 */
public final class Sharing {
    private final List<Wants> wants;
    private final List<Allocation.Offer> offers = new ArrayList<>();
    private final Map<Allocation.Offer, Sources.Source> sourceOf = new HashMap<>();
    private final Map<String, Double> opening = new HashMap<>();

    /** A need with its sources, the best first. */
    public record Wants(Sources.Asked asked, List<Sources.Source> sources) {}

    /**
     * What one need gets.
     *
     * @param got empty where nothing is worth it
     * @param bestAlone what it would take if it were the only one
     */
    public record Gets(Sources.Asked asked, Optional<Sources.Source> got, Optional<Sources.Source> bestAlone) {}

    /**
     * All together.
     *
     * @param netMinor the sum of what is gained, minor units
     * @param oneByOneMinor the same where each need in turn took what was best for it of what was left
     * @param exact whether nothing better can be
     * @param boundMinor that no sharing exceeds
     */
    public record Shared(List<Gets> gets, long netMinor, long oneByOneMinor, boolean exact, long boundMinor) {}

    public Sharing(List<Wants> wants) {
        this.wants = List.copyOf(wants);
        for (int need = 0; need < wants.size(); need++) {
            for (Sources.Source source : wants.get(need).sources()) {
                offer(need, source);
            }
        }
    }

    private void offer(int need, Sources.Source source) {
        String donor = source.kind() == SourceKind.DONOR
                ? source.what().thing().orElseThrow().of().toString()
                : "";
        if (!donor.isEmpty()) {
            opening.merge(donor, (double) source.worth().openingMinor(), Math::max);
        }
        for (String slot : slots(need, source, !donor.isEmpty())) {
            Allocation.Offer offer = new Allocation.Offer(need, slot, donor, source.netOnceOpenMinor());
            offers.add(offer);
            sourceOf.putIfAbsent(offer, source);
        }
    }

    /**
     * The things of which this need could take one. Pieces of one kind of stock are as many as there are pieces that
     * anybody could want; one that is kept for this need is its own, and it asks for none of the others.
     */
    private List<String> slots(int need, Sources.Source source, boolean ofDonor) {
        if (source.what().thing().isEmpty()) {
            return List.of("");
        }
        Thing thing = source.what().thing().get();
        if (ofDonor) {
            return List.of(thing.of() + "/" + PartName.of(thing.part()).key());
        }
        if (source.keptForThis()) {
            return List.of(thing.of() + "/kept for " + need);
        }
        return IntStream.range(0, Math.min(source.what().pieces(), wants.size()))
                .mapToObj(piece -> thing.of() + "/" + piece)
                .toList();
    }

    /** The best sharing. */
    public Shared best() {
        Allocation.Result result = Allocation.best(wants.size(), offers, opening);
        List<Gets> gets = new ArrayList<>();
        for (int need = 0; need < wants.size(); need++) {
            gets.add(new Gets(
                    wants.get(need).asked(),
                    result.chosen().get(need).map(sourceOf::get),
                    wants.get(need).sources().stream()
                            .findFirst()
                            .filter(one -> one.worth().netMinor() > 0)));
        }
        return new Shared(gets, Math.round(result.value()), oneByOne(), result.exact(), Math.round(result.bound()));
    }

    /**
     * How much less is gained in all where one need gets a source of one's choice.
     *
     * @param need its place in the list, from 0
     * @param source id of the source
     * @throws FieldProblem if the need has no such source
     */
    public long insistingCostsMinor(int need, String source) {
        Allocation.Offer insisted = offers.stream()
                .filter(one -> one.need() == need && sourceOf.get(one).id().equals(source))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        "source", "That source is no longer available for this need.", "Choose another source."));
        return Math.round(Allocation.insistingCosts(wants.size(), offers, opening, insisted));
    }

    private long oneByOne() {
        Set<String> used = new HashSet<>();
        Set<String> opened = new HashSet<>();
        double sum = 0;
        for (int need = 0; need < wants.size(); need++) {
            Allocation.Offer best = null;
            double most = 0;
            for (Allocation.Offer offer : offers) {
                boolean free = offer.need() == need && (offer.slot().isEmpty() || !used.contains(offer.slot()));
                double net = offer.net()
                        - (offer.donor().isEmpty() || opened.contains(offer.donor())
                                ? 0
                                : opening.getOrDefault(offer.donor(), 0.0));
                if (free && net > most) {
                    most = net;
                    best = offer;
                }
            }
            if (best != null) {
                sum += most;
                used.add(best.slot());
                opened.add(best.donor());
            }
        }
        return Math.round(sum);
    }
}
