package ruvant.core.money;

import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * One line of a quote or a bill.
 *
 * @param words what it is for
 * @param thousandths how much of it, in thousandths of the measure: 1500 is an hour and a half; above 0
 * @param unitMinor price of one, 0 or more; with or without tax as the paper says
 * @param discountMinor off the whole line, at most what it comes to
 * @param tax id of its rate
 */
public record PriceLine(
        String words, long thousandths, Measure measure, long unitMinor, long discountMinor, String tax) {
    private static final long MOST_THOUSANDTHS = 100_000_000;
    private static final long MOST_MINOR = 1_000_000_000_00L;

    public PriceLine {
        words = Check.remark("words", words);
        Check.chosen("measure", measure);
        tax = Check.name("tax", tax);
        Check.within("quantity", thousandths, 1, MOST_THOUSANDTHS, "thousandths");
        Check.within("price", unitMinor, 0, MOST_MINOR, "minor units");
        long whole = whole(thousandths, unitMinor);
        if (discountMinor < 0 || discountMinor > whole) {
            throw new FieldProblem(
                    "discount",
                    "The discount on “" + words + "” is more than the line comes to.",
                    "Enter at most the price of the line.");
        }
    }

    /** Pieces at a price. */
    public static PriceLine pieces(String words, int count, long unitMinor, String tax) {
        return new PriceLine(words, count * 1000L, Measure.PIECE, unitMinor, 0, tax);
    }

    /** Minutes at an hourly price, to the thousandth of an hour. */
    public static PriceLine minutes(String words, int minutes, long hourMinor, String tax) {
        return new PriceLine(words, Math.max(1, Exact.ratio(minutes, 1000, 60)), Measure.HOUR, hourMinor, 0, tax);
    }

    private static long whole(long thousandths, long unitMinor) {
        return Exact.ratio(thousandths, unitMinor, 1000);
    }

    /** Before the discount. */
    public long wholeMinor() {
        return whole(thousandths, unitMinor);
    }

    /** After the discount. */
    public long amountMinor() {
        return wholeMinor() - discountMinor;
    }

    /** The same with this much more off. */
    public PriceLine less(long moreMinor) {
        return new PriceLine(words, thousandths, measure, unitMinor, discountMinor + moreMinor, tax);
    }
}
