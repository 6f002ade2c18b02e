package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which stretches between steps are lit and which are dark. A recording mostly begins and ends in the dark, but may begin
 * or end in a firing, and light may go up or down in it. No hand cocks and fires within {@value #LEAST_DARK_SECONDS} s,
 * so a shorter stretch is lit; the speed that was set, if known, and the shorter sum of light tell the rest.
 */
final class LitStretches {
    /** A practised hand winds and fires three times a second at the most; motors of the time no faster than eight. */
    static final double LEAST_DARK_SECONDS = 0.12;

    /** Blades swing back once or twice, each time within a few of their own runs. */
    private static final double REBOUND_WITHIN_SECONDS = 0.05;

    /** What comes back steps by less than this part of a firing, or its way back would have been seen as well. */
    private static final double REBOUND_STEP = 0.8;

    /** Blades that hang half closed do so for less, or it is another firing. */
    private static final double CLOSES_WITHIN_SECONDS = 0.5;

    /** What closes by less than this part of what opened has not closed yet. */
    private static final double MOST_OF_OPENING = 0.72;

    /** What comes back is pushed open and falls shut, and is not held. */
    private static final double LONGEST_REBOUND_SECONDS = 0.02;

    /** Costs are in doublings of the exposure, as the nominal speed counts. A recording that begins or ends in a firing is off like one by two stops. */
    private static final double CUT_COSTS = 2;

    /** No hand does it: only where all else is impossible. */
    private static final double HASTE_COSTS = 10;

    /** A plug turned round between firings is rarer than a recording that begins and ends in a firing. */
    private static final double MIXED_COSTS = 5;

    private LitStretches() {}

    static List<Lit> of(List<Step> found, int blocks, double blockSeconds, Optional<Double> nominalSeconds) {
        if (found.isEmpty()) {
            return List.of();
        }
        List<Lit> best = List.of();
        double least = Double.MAX_VALUE;
        for (List<Lit> seen : List.of(
                sameWay(found, true, blocks, blockSeconds),
                sameWay(found, false, blocks, blockSeconds),
                pairs(found, blocks))) {
            List<Lit> proposal = withoutRebounds(seen, blockSeconds);
            double cost = cost(proposal, blocks, blockSeconds, nominalSeconds);
            if (!proposal.isEmpty() && cost < least) {
                least = cost;
                best = proposal;
            }
        }
        return best;
    }

    /**
     * Firings if light goes one way. Blades that stop on their way step twice the same way: the first step opens, the last one
     * closes.
     */
    private static List<Lit> sameWay(List<Step> steps, boolean upwards, int blocks, double blockSeconds) {
        List<Lit> lit = new ArrayList<>();
        Step open = null;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            if (step.rises() == upwards) {
                boolean lost = open != null && isLostRebound(lit, open, step, blockSeconds);
                open = open == null || lost ? step : open;
            } else if (open != null) {
                Step next = i + 1 < steps.size() ? steps.get(i + 1) : null;
                if (next != null && closesFurther(open, step, next, blockSeconds)) {
                    step = new Step(next.at(), step.size() + next.size());
                    i++;
                }
                lit.add(Lit.between(open, step));
                open = null;
            } else if (lit.isEmpty()) {
                lit.add(Lit.cutOff(0, step.at(), upwards));
            }
        }
        if (open != null) {
            lit.add(Lit.cutOff(open.at(), blocks, upwards));
        }
        return lit;
    }

    /** A small step soon behind a closing whose way back was too small to be seen: what comes next is a firing of its own. */
    private static boolean isLostRebound(List<Lit> lit, Step open, Step next, double blockSeconds) {
        return !lit.isEmpty()
                && (open.at() - lit.getLast().to()) * blockSeconds < REBOUND_WITHIN_SECONDS
                && (next.at() - open.at()) * blockSeconds > LEAST_DARK_SECONDS
                && Math.abs(open.size()) < REBOUND_STEP * Math.abs(next.size());
    }

    /** Whether two steps together close what one alone does not, soon enough for one pair of blades. */
    private static boolean closesFurther(Step open, Step first, Step second, double blockSeconds) {
        double opened = Math.abs(open.size());
        double both = Math.abs(first.size()) + Math.abs(second.size());
        return first.rises() == second.rises()
                && (second.at() - first.at()) * blockSeconds < CLOSES_WITHIN_SECONDS
                && Math.abs(first.size()) < MOST_OF_OPENING * opened
                && Math.abs(both - opened) < (1 - MOST_OF_OPENING) * opened;
    }

    /** Two steps at a time, whichever way they go: the plug was turned round between firings. */
    private static List<Lit> pairs(List<Step> steps, int blocks) {
        List<Lit> lit = new ArrayList<>();
        for (int i = 0; i < steps.size(); ) {
            Step opens = steps.get(i);
            int closes = i + 1;
            while (closes < steps.size() && steps.get(closes).rises() == opens.rises()) {
                closes++;
            }
            boolean last = closes >= steps.size();
            lit.add(last ? Lit.cutOff(opens.at(), blocks, opens.rises()) : Lit.between(opens, steps.get(closes)));
            i = closes + 1;
        }
        return lit.stream().map(Lit::upwards).distinct().count() > 1 ? lit : List.of();
    }

    /** No hand fires again within tens of milliseconds; blades and curtains come back within them. */
    private static List<Lit> withoutRebounds(List<Lit> lit, double blockSeconds) {
        List<Lit> firings = new ArrayList<>();
        for (Lit one : lit) {
            boolean comesBack = !firings.isEmpty()
                    && !one.cut()
                    && !firings.getLast().cut()
                    && firings.getLast().upwards() == one.upwards()
                    && (one.from() - firings.getLast().again()) * blockSeconds < REBOUND_WITHIN_SECONDS
                    && one.blocks() * blockSeconds < LONGEST_REBOUND_SECONDS;
            if (comesBack) {
                firings.add(firings.removeLast().darkFrom(one.to()));
            } else {
                firings.add(one);
            }
        }
        return firings;
    }

    private static double cost(List<Lit> lit, int blocks, double blockSeconds, Optional<Double> nominalSeconds) {
        double cost = 0;
        long sum = 0;
        boolean mixed = lit.stream().map(Lit::upwards).distinct().count() > 1;
        for (int i = 0; i < lit.size(); i++) {
            Lit one = lit.get(i);
            sum += one.blocks();
            cost += one.cut() ? CUT_COSTS : 0;
            double dark = (one.from() - (i == 0 ? 0 : lit.get(i - 1).again())) * blockSeconds;
            cost += i > 0 && dark < LEAST_DARK_SECONDS ? HASTE_COSTS : 0;
            double seconds = one.blocks() * blockSeconds;
            cost += one.cut()
                    ? 0
                    : nominalSeconds.map(nominal -> far(seconds, nominal)).orElse(0.0);
        }
        // light for most of the time is less likely than dark for most of it
        return cost + (mixed ? MIXED_COSTS : 0) + 4.0 * sum / blocks;
    }

    private static double far(double seconds, double nominal) {
        return Math.min(3, Math.abs(Math.log(seconds / nominal) / Math.log(2)));
    }
}
