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

    /** Costs are in doublings of the exposure, as the nominal speed counts. A recording that begins or ends in a firing is off like one by two stops. */
    private static final double CUT_COSTS = 2;

    /** No hand does it: only where all else is impossible. */
    private static final double HASTE_COSTS = 10;

    /** A plug turned round between firings is rarer than a recording that begins and ends in a firing. */
    private static final double MIXED_COSTS = 5;

    private LitStretches() {}

    static List<Lit> of(List<Step> found, int blocks, double blockSeconds, Optional<Double> nominalSeconds) {
        List<Step> steps = alternating(found);
        if (steps.isEmpty()) {
            return List.of();
        }
        List<Lit> best = List.of();
        double least = Double.MAX_VALUE;
        for (List<Lit> proposal :
                List.of(sameWay(steps, true, blocks), sameWay(steps, false, blocks), pairs(found, blocks))) {
            double cost = cost(proposal, blocks, blockSeconds, nominalSeconds);
            if (!proposal.isEmpty() && cost < least) {
                least = cost;
                best = proposal;
            }
        }
        return best;
    }

    /** Blades that stop on their way step twice the same way: the first step opens, the last one closes. */
    private static List<Step> alternating(List<Step> found) {
        List<Step> steps = new ArrayList<>();
        for (Step step : found) {
            if (steps.isEmpty() || steps.getLast().rises() != step.rises()) {
                steps.add(step);
            }
        }
        return steps;
    }

    private static List<Lit> sameWay(List<Step> steps, boolean upwards, int blocks) {
        List<Lit> lit = new ArrayList<>();
        if (steps.getFirst().rises() != upwards) {
            lit.add(new Lit(0, steps.getFirst().at(), upwards, true, 1));
        }
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).rises() == upwards) {
                boolean last = i + 1 == steps.size();
                lit.add(
                        last
                                ? new Lit(steps.get(i).at(), blocks, upwards, true, 1)
                                : Lit.between(steps.get(i), steps.get(i + 1)));
            }
        }
        return lit;
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
            lit.add(last ? new Lit(opens.at(), blocks, opens.rises(), true, 1) : Lit.between(opens, steps.get(closes)));
            i = closes + 1;
        }
        return lit.stream().map(Lit::upwards).distinct().count() > 1 ? lit : List.of();
    }

    private static double cost(List<Lit> lit, int blocks, double blockSeconds, Optional<Double> nominalSeconds) {
        double cost = 0;
        long sum = 0;
        boolean mixed = lit.stream().map(Lit::upwards).distinct().count() > 1;
        for (int i = 0; i < lit.size(); i++) {
            Lit one = lit.get(i);
            sum += one.blocks();
            cost += one.cut() ? CUT_COSTS : 0;
            double dark = (one.from() - (i == 0 ? 0 : lit.get(i - 1).to())) * blockSeconds;
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
