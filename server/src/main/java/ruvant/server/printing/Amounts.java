package ruvant.server.printing;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.util.Currency;
import java.util.Locale;
import ruvant.core.units.CurrencyHere;

/** Amounts on paper, as people of one place write them. */
public final class Amounts {
    private final NumberFormat money;
    private final NumberFormat plain;
    private final int digits;

    /**
     * @param currency of what is written
     * @param locale BCP 47 tag of the place
     */
    public Amounts(String currency, String locale) {
        Locale place = Locale.forLanguageTag(locale);
        this.digits = CurrencyHere.digits(currency);
        this.money = NumberFormat.getCurrencyInstance(place);
        money.setCurrency(Currency.getInstance(currency));
        this.plain = NumberFormat.getNumberInstance(place);
        for (NumberFormat one : new NumberFormat[] {money, plain}) {
            one.setMinimumFractionDigits(digits);
            one.setMaximumFractionDigits(digits);
        }
    }

    /** With the currency's sign or code. */
    public String money(long minor) {
        return money.format(BigDecimal.valueOf(minor, digits));
    }

    /** The figures alone. */
    public String plain(long minor) {
        return plain.format(BigDecimal.valueOf(minor, digits));
    }

    /** A count in thousandths, without needless zeros. */
    public String count(long thousandths) {
        NumberFormat count = (NumberFormat) plain.clone();
        count.setMinimumFractionDigits(0);
        count.setMaximumFractionDigits(3);
        return count.format(BigDecimal.valueOf(thousandths, 3));
    }

    /** A percentage given in its hundredths. */
    public String percent(int hundredths) {
        NumberFormat count = (NumberFormat) plain.clone();
        count.setMinimumFractionDigits(0);
        count.setMaximumFractionDigits(2);
        return count.format(BigDecimal.valueOf(hundredths, 2)) + " %";
    }
}
