package ruvant.core.units;

import java.util.Currency;

/**
 * An amount in whole minor units (cents, pence), so that nothing is ever rounded behind a person's back.
 *
 * @param minor amount in the currency's minor unit, 0 or more
 * @param currency ISO 4217 code
 */
public record Money(long minor, String currency) {
    public Money {
        if (minor < 0 || minor > 100_000_000_00L) {
            throw new FieldProblem("amount", "The amount " + minor + " (minor units) cannot be.", "Give 0 or more.");
        }
        try {
            Currency.getInstance(Check.chosen("currency", currency));
        } catch (IllegalArgumentException unknown) {
            throw new FieldProblem("currency", "“" + currency + "” is not a currency code.", "Use one such as EUR.");
        }
    }

    /** The amount with its code, such as {@code 85.00 EUR}. */
    @Override
    public String toString() {
        int digits = Currency.getInstance(currency).getDefaultFractionDigits();
        return java.math.BigDecimal.valueOf(minor, digits).toPlainString() + " " + currency;
    }
}
