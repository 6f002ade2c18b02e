package ruvant.core.parts;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruvant.core.units.Check;

/**
 * Which source serves which need, over all open jobs at once. A donor gives each of its parts once, and opening one costs:
 * the work of dismantling it, and what it loses as a camera that could be mended. The greatest sum of what is gained is
 * found by branch and bound over which donors are opened; the bound relaxes “one source for each need” by prices
 * (Lagrange), after which each donor can be judged by itself. With every donor settled what is left is an assignment.
 */
public final class Allocation {
    /** Subgradient rounds for the first bound, whose prices begin at nothing. */
    private static final int ROUNDS_AT_ROOT = 160;

    /** Rounds for each further bound, which begins at the prices of the one before. */
    private static final int ROUNDS = 25;

    /** Where the tree grows larger, the best plan found is given with its bound instead of holding up the page. */
    private static final int MOST_NODES = 4_000;
    /** Minor units that nobody minds. */
    private static final double EQUAL = 1e-3;

    /**
     * A source that could serve a need.
     *
     * @param need its number, from 0
     * @param slot the one thing that it takes up: a part of a donor, an item on the shelf; empty for what can be had any
     *     number of times
     * @param donor the donor that has to be opened for it; empty for none
     * @param net what it gains less its own cost, in minor units of money; may be below 0
     */
    public record Offer(int need, String slot, String donor, double net) {
        public Offer {
            Check.count("need", need, 0, 10_000);
            Check.within("net", net, -1e12, 1e12, "minor units");
        }
    }

    /**
     * What comes of it.
     *
     * @param chosen the offer for each need; empty where it is better left open
     * @param value sum of what is gained, opened donors taken off
     * @param bound that no allocation exceeds
     * @param exact whether nothing better can be
     */
    public record Result(List<Optional<Offer>> chosen, double value, double bound, boolean exact) {}

    private final int needs;
    private final double[] base;
    private final Offer[] baseOffer;
    private final List<Slot> slots = new ArrayList<>();
    private final List<String> donors = new ArrayList<>();
    private final double[] opening;
    private final List<List<Slot>> slotsOf = new ArrayList<>();

    private double bestValue;
    private Optional<Offer>[] best;
    private int nodes;
    private double openBound = Double.NEGATIVE_INFINITY;

    /** A thing that serves one need at most, with what it gains each over doing without it. */
    private static final class Slot {
        private final int donor;
        private final double[] gain;
        private final Offer[] offers;
        /** The needs that it could serve at all: few of many, and asked about in every round. */
        private int[] wanted = {};

        Slot(int donor, int needs) {
            this.donor = donor;
            gain = new double[needs];
            offers = new Offer[needs];
            Arrays.fill(gain, Double.NEGATIVE_INFINITY);
        }

        void settle() {
            wanted = java.util.stream.IntStream.range(0, gain.length)
                    .filter(need -> gain[need] > 0)
                    .toArray();
        }
    }

    @SuppressWarnings("unchecked")
    private Allocation(int needs, List<Offer> offers, Map<String, Double> openingCost) {
        this.needs = needs;
        base = new double[needs];
        baseOffer = new Offer[needs];
        for (Offer offer : offers) {
            if (offer.slot().isEmpty() && offer.donor().isEmpty() && offer.net() > base[offer.need()]) {
                base[offer.need()] = offer.net();
                baseOffer[offer.need()] = offer;
            }
        }
        Map<String, Integer> numbers = new LinkedHashMap<>();
        Map<String, Slot> bySlot = new HashMap<>();
        for (Offer offer : offers) {
            double gain = offer.net() - base[offer.need()];
            if (gain > 0 && !(offer.slot().isEmpty() && offer.donor().isEmpty())) {
                int donor = offer.donor().isEmpty()
                        ? -1
                        : numbers.computeIfAbsent(offer.donor(), name -> {
                            donors.add(name);
                            slotsOf.add(new ArrayList<>());
                            return donors.size() - 1;
                        });
                Slot slot = bySlot.computeIfAbsent(offer.donor() + "\n" + offer.slot(), name -> {
                    Slot made = new Slot(donor, needs);
                    slots.add(made);
                    if (donor >= 0) {
                        slotsOf.get(donor).add(made);
                    }
                    return made;
                });
                if (gain > slot.gain[offer.need()]) {
                    slot.gain[offer.need()] = gain;
                    slot.offers[offer.need()] = offer;
                }
            }
        }
        slots.forEach(Slot::settle);
        opening = donors.stream()
                .mapToDouble(name -> Math.max(0, openingCost.getOrDefault(name, 0.0)))
                .toArray();
        best = new Optional[needs];
        for (int i = 0; i < needs; i++) {
            best[i] = Optional.ofNullable(baseOffer[i]);
        }
    }

    /**
     * The best allocation.
     *
     * @param needs how many there are
     * @param openingCost what opening each donor costs, minor units; 0 where it is missing
     */
    public static Result best(int needs, List<Offer> offers, Map<String, Double> openingCost) {
        return new Allocation(needs, offers, openingCost).solved();
    }

    /**
     * How much less is gained where one offer is insisted upon: at least 0. What it takes is taken and its donor opened;
     * the rest is shared out as well as can be.
     */
    public static double insistingCosts(
            int needs, List<Offer> offers, Map<String, Double> openingCost, Offer insisted) {
        List<Offer> rest = offers.stream()
                .filter(one -> one.need() != insisted.need() && !takesTheSame(one, insisted))
                .toList();
        Map<String, Double> stillToOpen = new HashMap<>(openingCost);
        Double opened = stillToOpen.remove(insisted.donor());
        double with = insisted.net()
                - (opened == null ? 0 : Math.max(0, opened))
                + best(needs, rest, stillToOpen).value();
        return Math.max(0, best(needs, offers, openingCost).value() - with);
    }

    private static boolean takesTheSame(Offer one, Offer other) {
        return !(one.slot().isEmpty() && one.donor().isEmpty())
                && one.slot().equals(other.slot())
                && one.donor().equals(other.donor());
    }

    private Result solved() {
        byte[] settled = new byte[donors.size()];
        double[] prices = new double[needs];
        take(usable(settled, null));
        branch(settled, prices, ROUNDS_AT_ROOT);
        double sum = Arrays.stream(base).sum();
        double bound = Math.max(bestValue, openBound);
        return new Result(Arrays.asList(best), bestValue + sum, bound + sum, bound <= bestValue + EQUAL);
    }

    private static final byte OPEN = 1;
    private static final byte SHUT = 2;

    private void branch(byte[] settled, double[] prices, int rounds) {
        nodes++;
        Bound bound = bound(settled, prices, rounds);
        if (bound.value <= bestValue + EQUAL) {
            return;
        }
        // the donors that the bound would open are a good guess at those of the answer
        take(usable(settled, bound.opened));
        if (bound.value <= bestValue + EQUAL) {
            return;
        }
        if (nodes > MOST_NODES) {
            openBound = Math.max(openBound, bound.value);
            return;
        }
        int undecided = bound.undecided(settled);
        if (undecided < 0) {
            return;
        }
        // the likelier side first, or a good answer comes late
        byte first = bound.opened[undecided] ? OPEN : SHUT;
        for (byte side : new byte[] {first, first == OPEN ? SHUT : OPEN}) {
            byte[] then = settled.clone();
            then[undecided] = side;
            branch(then, bound.prices.clone(), ROUNDS);
        }
    }

    private final class Bound {
        private double value;
        private double[] prices;
        private boolean[] opened;
        private double[] worth;

        /** The donor that is the least clear; -1 where all are settled. */
        private int undecided(byte[] settled) {
            int closest = -1;
            for (int d = 0; d < settled.length; d++) {
                if (settled[d] == 0 && (closest < 0 || Math.abs(worth[d]) < Math.abs(worth[closest]))) {
                    closest = d;
                }
            }
            return closest;
        }
    }

    /** Prices on needs are moved until no more is to be had from it; any prices bound from above. */
    private Bound bound(byte[] settled, double[] from, int rounds) {
        Bound least = new Bound();
        least.value = Double.POSITIVE_INFINITY;
        double[] prices = from.clone();
        double stride = 1;
        int idle = 0;
        for (int round = 0; round < rounds; round++) {
            int[] served = new int[needs];
            boolean[] opened = new boolean[donors.size()];
            double[] worth = new double[donors.size()];
            double value = Arrays.stream(prices).sum();
            for (Slot slot : slots) {
                if (slot.donor < 0) {
                    value += serve(slot, prices, served);
                }
            }
            for (int d = 0; d < opened.length; d++) {
                worth[d] = -opening[d];
                for (Slot slot : slotsOf.get(d)) {
                    worth[d] += Math.max(0, bestOf(slot, prices));
                }
                opened[d] = settled[d] == OPEN || settled[d] != SHUT && worth[d] > 0;
                if (opened[d]) {
                    value += worth[d];
                    slotsOf.get(d).forEach(slot -> serve(slot, prices, served));
                }
            }
            if (value < least.value - 1e-9) {
                least.value = value;
                least.prices = prices.clone();
                least.opened = opened;
                least.worth = worth;
                idle = 0;
            } else if (++idle > 6) {
                stride /= 2;
                idle = 0;
            }
            if (!move(prices, served, stride * Math.max(1, value - bestValue))) {
                break;
            }
        }
        return least;
    }

    /** Served twice makes dearer, not served cheaper; false where all is served once or not at all for nothing. */
    private static boolean move(double[] prices, int[] served, double far) {
        double norm = 0;
        for (int i = 0; i < prices.length; i++) {
            int slope = 1 - served[i];
            norm += prices[i] <= 0 && slope > 0 ? 0 : slope * slope;
        }
        if (norm == 0) {
            return false;
        }
        for (int i = 0; i < prices.length; i++) {
            prices[i] = Math.max(0, prices[i] - far / norm * (1 - served[i]));
        }
        return true;
    }

    private static double bestOf(Slot slot, double[] prices) {
        double best = 0;
        for (int i : slot.wanted) {
            best = Math.max(best, slot.gain[i] - prices[i]);
        }
        return best;
    }

    private static double serve(Slot slot, double[] prices, int[] served) {
        int whom = -1;
        double best = 0;
        for (int i : slot.wanted) {
            if (slot.gain[i] - prices[i] > best) {
                best = slot.gain[i] - prices[i];
                whom = i;
            }
        }
        if (whom >= 0) {
            served[whom]++;
        }
        return best;
    }

    /** Donors that are settled open, and of the others those guessed; all of them where nothing is guessed. */
    private boolean[] usable(byte[] settled, boolean[] guessed) {
        boolean[] usable = new boolean[donors.size()];
        for (int d = 0; d < usable.length; d++) {
            usable[d] = settled[d] == OPEN || settled[d] != SHUT && (guessed == null || guessed[d]);
        }
        return usable;
    }

    /** Assigns with these donors, then shuts those not worth it, and keeps what is better on the way. */
    private void take(boolean[] usable) {
        boolean again = true;
        while (again) {
            again = keep(assigned(usable), usable);
        }
    }

    /** Keeps an assignment that is better; true where a donor was shut that does not earn its opening. */
    private boolean keep(Slot[] assigned, boolean[] usable) {
        double[] earns = new double[donors.size()];
        boolean[] used = new boolean[donors.size()];
        double value = 0;
        for (int i = 0; i < needs; i++) {
            if (assigned[i] != null) {
                value += assigned[i].gain[i];
                if (assigned[i].donor >= 0) {
                    earns[assigned[i].donor] += assigned[i].gain[i];
                    used[assigned[i].donor] = true;
                }
            }
        }
        int poorest = -1;
        for (int d = 0; d < earns.length; d++) {
            value -= used[d] ? opening[d] : 0;
            boolean losing = used[d] && earns[d] < opening[d];
            if (losing && (poorest < 0 || earns[d] - opening[d] < earns[poorest] - opening[poorest])) {
                poorest = d;
            }
        }
        if (value > bestValue) {
            bestValue = value;
            for (int i = 0; i < needs; i++) {
                best[i] = Optional.ofNullable(assigned[i] == null ? baseOffer[i] : assigned[i].offers[i]);
            }
        }
        if (poorest < 0) {
            return false;
        }
        usable[poorest] = false;
        return true;
    }

    private Slot[] assigned(boolean[] usable) {
        List<Slot> open = slots.stream()
                .filter(slot -> slot.donor < 0 || usable[slot.donor])
                .toList();
        double[][] cost = new double[needs][open.size() + needs];
        for (int i = 0; i < needs; i++) {
            for (int s = 0; s < open.size(); s++) {
                double gain = open.get(s).gain[i];
                cost[i][s] = gain > 0 ? -gain : 1e-3;
            }
        }
        int[] to = Assignment.of(cost);
        Slot[] assigned = new Slot[needs];
        for (int i = 0; i < needs; i++) {
            boolean real = to[i] < open.size() && open.get(to[i]).gain[i] > 0;
            assigned[i] = real ? open.get(to[i]) : null;
        }
        return assigned;
    }
}
