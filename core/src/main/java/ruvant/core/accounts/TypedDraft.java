package ruvant.core.accounts;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ruvant.core.money.Exact;
import ruvant.core.money.Measure;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.units.Check;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.Money;
import ruvant.core.units.TagNumber;

/**
 * A paper as it is typed: figures as people write them.
 *
 * @param lines those without words, quantity and price are left out
 * @param discount off the whole: an amount, or a percentage such as "5 %"; empty for none
 */
public record TypedDraft(
        PaperKind kind,
        @MayBeNull TagNumber job,
        String about,
        Party buyer,
        List<Line> lines,
        String discount,
        @MayBeNull UUID refersTo,
        String note) {
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,4}):([0-5]\\d)");
    private static final Pattern FIGURE = Pattern.compile("(\\d{1,6})(?:[.,](\\d{1,3}))?");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})(?:[.,](\\d{1,2}))?\\s*%");

    /**
     * One line as it is typed.
     *
     * @param quantity such as "2" or "1.75", for hours also "1:45"
     * @param price of one, as amounts are typed
     * @param discount off the line: an amount, or a percentage; empty for none
     * @param tax id of its rate; empty for the usual one
     */
    public record Line(String words, String quantity, Measure measure, String price, String discount, String tax) {
        public Line {
            words = words == null ? "" : words;
            quantity = quantity == null ? "" : quantity.strip();
            measure = measure == null ? Measure.PIECE : measure;
            price = price == null ? "" : price.strip();
            discount = discount == null ? "" : discount.strip();
            tax = tax == null ? "" : tax;
        }

        /** Whether nothing was typed that would stand on the paper. */
        public boolean blank() {
            return words.isBlank() && price.isEmpty();
        }
    }

    public TypedDraft {
        Check.chosen("kind", kind);
        lines = lines == null ? List.of() : List.copyOf(lines);
        discount = discount == null ? "" : discount.strip();
        note = note == null ? "" : note;
        about = about == null ? "" : about;
    }

    /**
     * What was typed, read.
     *
     * @param usualTax id of the rate that a line bears where none was chosen
     * @throws FieldProblem naming the field, such as {@code lines.2.price}, counted from 0
     */
    public Draft read(CurrencyHere money, String usualTax) {
        List<PriceLine> read = new ArrayList<>();
        for (int at = 0; at < lines.size(); at++) {
            if (!lines.get(at).blank()) {
                read.add(line(lines.get(at), "lines." + at + ".", money, usualTax));
            }
        }
        Matcher percent = PERCENT.matcher(discount);
        boolean byPercent = percent.matches();
        long off = byPercent || discount.isEmpty()
                ? 0
                : Money.parse("discount", discount, money.currency()).minor();
        return new Draft(kind, job, about, buyer, read, off, byPercent ? hundredths(percent) : 0, refersTo, note);
    }

    private static PriceLine line(Line typed, String field, CurrencyHere money, String usualTax) {
        if (typed.words.isBlank()) {
            throw new FieldProblem(field + "words", "A line does not say what it is for.", "Enter what it is for.");
        }
        long unit = typed.price.isEmpty()
                ? 0
                : Money.parse(field + "price", typed.price, money.currency()).minor();
        PriceLine line = new PriceLine(
                typed.words,
                thousandths(typed, field + "quantity"),
                typed.measure,
                unit,
                0,
                typed.tax.isEmpty() ? usualTax : typed.tax);
        if (typed.discount.isEmpty()) {
            return line;
        }
        Matcher percent = PERCENT.matcher(typed.discount);
        long off = percent.matches()
                ? Exact.ratio(line.wholeMinor(), hundredths(percent), 10_000)
                : Money.parse(field + "discount", typed.discount, money.currency())
                        .minor();
        if (off > line.wholeMinor()) {
            throw new FieldProblem(
                    field + "discount", "The discount is more than the line comes to.", "Enter at most its amount.");
        }
        return line.less(off);
    }

    private static int hundredths(Matcher percent) {
        String after = percent.group(2) == null ? "0" : percent.group(2);
        return new BigDecimal(percent.group(1) + "." + after).movePointRight(2).intValueExact();
    }

    private static long thousandths(Line typed, String field) {
        Matcher clock = CLOCK.matcher(typed.quantity);
        if (typed.measure == Measure.HOUR && clock.matches()) {
            int minutes = Integer.parseInt(clock.group(1)) * 60 + Integer.parseInt(clock.group(2));
            return Math.max(1, Exact.ratio(minutes, 1000, 60));
        }
        Matcher figure = FIGURE.matcher(typed.quantity.isEmpty() ? "1" : typed.quantity);
        BigDecimal count = figure.matches()
                ? new BigDecimal(figure.group(1) + (figure.group(2) == null ? "" : "." + figure.group(2)))
                : BigDecimal.ZERO;
        if (count.signum() <= 0) {
            throw new FieldProblem(
                    field,
                    "“" + typed.quantity + "” is not a quantity.",
                    typed.measure == Measure.HOUR
                            ? "Enter hours, such as 1.75 or 1:45."
                            : "Enter a number, such as 2.");
        }
        return count.movePointRight(3).setScale(0, RoundingMode.HALF_UP).longValueExact();
    }

    /** A draft as it would have been typed, to be changed by hand. */
    public static TypedDraft of(Draft draft, CurrencyHere money) {
        return new TypedDraft(
                draft.kind(),
                draft.job(),
                draft.about(),
                draft.buyer(),
                draft.lines().stream()
                        .map(line -> new Line(
                                line.words(),
                                BigDecimal.valueOf(line.thousandths(), 3)
                                        .stripTrailingZeros()
                                        .toPlainString(),
                                line.measure(),
                                figure(line.unitMinor(), money),
                                line.discountMinor() == 0 ? "" : figure(line.discountMinor(), money),
                                line.tax()))
                        .toList(),
                draft.discountMinor() == 0 ? "" : figure(draft.discountMinor(), money),
                draft.refersTo(),
                draft.note());
    }

    private static String figure(long minor, CurrencyHere money) {
        return BigDecimal.valueOf(minor, money.digits()).toPlainString();
    }
}
