package ruvant.core.units;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.Currency;
import java.util.IllformedLocaleException;
import java.util.List;
import java.util.Locale;

/**
 * A currency, and the place whose way of writing amounts is kept to.
 *
 * @param currency ISO 4217 code, such as EUR; it says how many digits the minor unit has (EUR 2, JPY 0, KWD 3)
 * @param locale BCP 47 tag, such as en-IE: where its sign stands, what parts thousands
 */
public record CurrencyHere(String currency, String locale) {
    /** What a new shop starts with. */
    public static final CurrencyHere USUAL = new CurrencyHere("EUR", "en-IE");

    /** @throws FieldProblem if there is no such currency or place */
    public CurrencyHere {
        currency = of(Check.name("currency", currency)).getCurrencyCode();
        locale = tag(Check.name("locale", locale));
    }

    /** Figures after the point, 0 to 4. */
    public int digits() {
        return digits(currency);
    }

    /** Every currency that has money to count, by its code. */
    public static List<Currency> known() {
        return Currency.getAvailableCurrencies().stream()
                .filter(one -> one.getDefaultFractionDigits() >= 0)
                .sorted(Comparator.comparing(Currency::getCurrencyCode))
                .toList();
    }

    /** A typed amount in this currency; see {@link Money#parse}. */
    public Money read(String typed) {
        return Money.parse("amount", typed, currency);
    }

    /** An amount with its code, such as {@code 85.00 EUR}; below 0 with a minus before it. */
    public static String words(long minor, String currency) {
        return BigDecimal.valueOf(minor, digits(currency)).toPlainString() + " " + currency;
    }

    /** Figures after the point of a currency; a unit that is no money of a country has none. */
    public static int digits(String currency) {
        return Math.max(0, of(currency).getDefaultFractionDigits());
    }

    private static Currency of(String code) {
        try {
            return Currency.getInstance(code.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw new FieldProblem(
                    "currency", "“" + code + "” is not a currency code.", "Use three letters, such as EUR.");
        }
    }

    private static String tag(String written) {
        try {
            return new Locale.Builder().setLanguageTag(written).build().toLanguageTag();
        } catch (IllformedLocaleException none) {
            throw new FieldProblem(
                    "locale", "“" + written + "” is not a language and place code.", "Use one such as en-IE or de-AT.");
        }
    }
}
