package ruvant.core.money;

import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Identified;

/**
 * A tax that a line can bear.
 *
 * @param id by which lines refer to it
 * @param name what stands on the bill, such as "VAT"
 * @param hundredths of a percent, 0 to 10,000: 1900 is 19 %; above 0 for a taxed one and 0 for every other
 * @param reason why nothing is charged; needed where it is exempt
 */
public record TaxRate(String id, String name, TaxKind kind, int hundredths, String reason) implements Identified {
    private static final int MOST = 10_000;

    public TaxRate {
        id = Check.name("id", id);
        name = Check.name("tax", name);
        Check.chosen("kind", kind);
        Check.count("rate", hundredths, 0, MOST);
        reason = Check.optionalRemark("reason", reason);
        if (kind == TaxKind.STANDARD && hundredths == 0) {
            throw new FieldProblem("rate", "A rate of 0 % is not taxed.", "Choose “zero rated” or “exempt”.");
        }
        if (kind != TaxKind.STANDARD && hundredths > 0) {
            throw new FieldProblem("rate", "What is " + kind.label() + " has no rate.", "Enter 0, or choose “taxed”.");
        }
        if (kind == TaxKind.EXEMPT && reason.isEmpty()) {
            throw new FieldProblem(
                    "reason",
                    "There is no reason for the exemption.",
                    "Enter the sentence that must stand on the bill.");
        }
    }

    /** A taxed one. */
    public static TaxRate taxed(String id, String name, int hundredths) {
        return new TaxRate(id, name, TaxKind.STANDARD, hundredths, "");
    }

    /** The tax on an amount without it. */
    public long on(long netMinor) {
        return Exact.ratio(netMinor, hundredths, MOST);
    }

    /** What an amount that holds the tax is without it. */
    public long without(long grossMinor) {
        return Exact.ratio(grossMinor, MOST, MOST + hundredths);
    }
}
