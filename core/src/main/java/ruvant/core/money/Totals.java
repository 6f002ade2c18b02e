package ruvant.core.money;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What lines come to. Tax is reckoned once for all lines of a rate, not line by line, as EN 16931 has it; where prices hold the
 * tax, a group's amount is kept to the last minor unit and its tax is what lies between that and the amount without.
 *
 * @param linesNetMinor each line without tax, in the order of the lines
 * @param groups one for each rate that a line bears, in the order of their first line
 * @param roundingMinor added so that the sum can be paid in the coins there are
 * @param prepaidMinor paid before
 * @param dueMinor what is to be paid; below 0 where more was paid before
 */
public record Totals(
        List<Long> linesNetMinor,
        List<Group> groups,
        long netMinor,
        long taxMinor,
        long totalMinor,
        long roundingMinor,
        long prepaidMinor,
        long dueMinor) {
    /** The lines of one rate. */
    public record Group(TaxRate rate, long netMinor, long taxMinor) {}

    /** @throws FieldProblem where the sums contradict each other */
    public Totals {
        linesNetMinor = List.copyOf(linesNetMinor);
        groups = List.copyOf(groups);
        boolean holds = sum(linesNetMinor) == netMinor
                && groups.stream().mapToLong(Group::netMinor).sum() == netMinor
                && groups.stream().mapToLong(Group::taxMinor).sum() == taxMinor
                && netMinor + taxMinor == totalMinor
                && totalMinor - prepaidMinor + roundingMinor == dueMinor;
        if (!holds) {
            throw new FieldProblem("totals", "The sums contradict each other.", "Make the paper again.");
        }
    }

    /** How sums are made: whether prices hold the tax, and the smallest coin in minor units, 1 where there is none bigger. */
    public record Manner(boolean taxIncluded, long stepMinor) {
        public Manner {
            Check.within("coin", stepMinor, 1, 100_000, "minor units");
        }
    }

    /**
     * @param rates every rate that the lines name
     * @throws FieldProblem where a line names a rate that is not there
     */
    public static Totals of(List<PriceLine> lines, List<TaxRate> rates, Manner manner, long prepaidMinor) {
        Map<TaxRate, List<Integer>> byRate = new LinkedHashMap<>();
        for (int at = 0; at < lines.size(); at++) {
            String tax = lines.get(at).tax();
            TaxRate rate = ById.find(rates, tax)
                    .orElseThrow(() -> new FieldProblem(
                            "tax", "There is no tax rate “" + tax + "”.", "Choose one of the shop's rates."));
            byRate.computeIfAbsent(rate, one -> new ArrayList<>()).add(at);
        }
        long[] nets = new long[lines.size()];
        List<Group> groups = new ArrayList<>();
        byRate.forEach((rate, its) -> groups.add(group(rate, its, lines, manner.taxIncluded(), nets)));
        long net = groups.stream().mapToLong(Group::netMinor).sum();
        long tax = groups.stream().mapToLong(Group::taxMinor).sum();
        long left = net + tax - prepaidMinor;
        long due = Exact.toStep(left, manner.stepMinor());
        return new Totals(
                java.util.Arrays.stream(nets).boxed().toList(),
                groups,
                net,
                tax,
                net + tax,
                due - left,
                prepaidMinor,
                due);
    }

    private static Group group(
            TaxRate rate, List<Integer> its, List<PriceLine> lines, boolean taxIncluded, long[] nets) {
        long[] amounts =
                its.stream().mapToLong(at -> lines.get(at).amountMinor()).toArray();
        long sum = java.util.Arrays.stream(amounts).sum();
        long net = taxIncluded ? rate.without(sum) : sum;
        long[] shares = taxIncluded ? Exact.spread(net, amounts) : amounts;
        for (int at = 0; at < shares.length; at++) {
            nets[its.get(at)] = shares[at];
        }
        return new Group(rate, net, taxIncluded ? sum - net : rate.on(net));
    }

    private static long sum(List<Long> all) {
        return all.stream().mapToLong(Long::longValue).sum();
    }
}
