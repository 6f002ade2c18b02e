package ruvant.core.units;

import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An amount in whole minor units (cents, pence), so that nothing is ever rounded behind a person's back.
 *
 * @param minor amount in the currency's minor unit, 0 or more
 * @param currency ISO 4217 code
 */
public record Money(long minor, String currency) {
    private static final long MOST = 100_000_000_00L;
    private static final Pattern TYPED = Pattern.compile("(\\d{1,3}(?:\\s\\d{3})+|\\d{1,12})(?:[.,](\\d{1,4}))?");

    public Money {
        int digits = CurrencyHere.digits(Check.chosen("currency", currency));
        if (minor < 0 || minor > MOST) {
            throw new FieldProblem(
                    "amount",
                    words(minor, digits, currency) + " is outside " + words(0, digits, currency) + " to "
                            + words(MOST, digits, currency) + ".",
                    "Enter an amount in that range.");
        }
    }

    /**
     * Reads an amount as people write it: {@code 85}, {@code 85,50}, {@code 1 250.00}.
     *
     * @param field name of the field it was typed in, for the message
     * @param typed figures with a comma or a dot before the minor unit, spaces between thousands
     * @throws FieldProblem naming the field where it cannot be read
     */
    public static Money parse(String field, String typed, String currency) {
        Matcher figures = TYPED.matcher(typed.strip());
        if (!figures.matches()) {
            throw new FieldProblem(
                    field, "“" + typed.strip() + "” is not an amount.", "Enter a number, such as 85 or 85.50.");
        }
        int digits = CurrencyHere.digits(currency);
        BigDecimal amount = new BigDecimal(
                figures.group(1).replaceAll("\\s", "") + (figures.group(2) == null ? "" : "." + figures.group(2)));
        if (amount.scale() > digits) {
            throw new FieldProblem(
                    field,
                    digits == 0
                            ? "“" + typed.strip() + "” has figures after the point; " + currency
                                    + " has no smaller unit."
                            : "“" + typed.strip() + "” has more than " + digits + " figures after the point.",
                    "Write thousands with a space, as in 1 250.");
        }
        return new Money(amount.movePointRight(digits).longValueExact(), currency);
    }

    /** The amount with its code, such as {@code 85.00 EUR}. */
    @Override
    public String toString() {
        return words(minor, CurrencyHere.digits(currency), currency);
    }

    private static String words(long minor, int digits, String currency) {
        return BigDecimal.valueOf(minor, digits).toPlainString() + " " + currency;
    }
}
