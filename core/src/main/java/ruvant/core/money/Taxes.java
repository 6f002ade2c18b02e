package ruvant.core.money;

import java.util.List;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What tax the shop's prices bear.
 *
 * @param rates at least one
 * @param usual id of the one that a new line bears
 * @param included whether prices hold the tax, as they do for people; else it comes on top
 * @param stepMinor the smallest coin that sums are rounded to; 1 where every unit can be paid
 */
public record Taxes(List<TaxRate> rates, String usual, boolean included, long stepMinor) {
    /** No tax: what a new shop starts with until somebody says which it pays. */
    public static final Taxes NONE =
            new Taxes(List.of(new TaxRate("none", "no tax", TaxKind.OUTSIDE, 0, "")), "none", true, 1);

    private static final int MOST = 12;

    public Taxes {
        rates = Check.some("rates", rates, MOST);
        usual = Check.name("usual", usual);
        if (rates.stream().map(TaxRate::id).distinct().count() < rates.size()) {
            throw new FieldProblem("rates", "Two tax rates have the same id.", "Give each its own.");
        }
        if (ById.find(rates, usual).isEmpty()) {
            throw new FieldProblem("usual", "The usual tax rate is not in the list.", "Choose one of the list.");
        }
        Check.within("coin", stepMinor, 1, 100_000, "minor units");
    }

    /** How sums are made under them. */
    public Totals.Manner manner() {
        return new Totals.Manner(included, stepMinor);
    }
}
