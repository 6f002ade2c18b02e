package ruvant.core.accounts;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Seller;
import ruvant.core.money.TaxRate;
import ruvant.core.money.Totals;
import ruvant.core.units.ById;
import ruvant.core.units.Check;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;

/**
 * A paper as it went out: all that stands on it, so that it prints the same for ever, whatever the shop charges or is called
 * later.
 *
 * @param job which camera's; null for a paper of no job
 * @param about the camera in words, as it stands on the paper; may be empty
 * @param until by when it is to be paid, or how long a quote holds; null for a receipt or a credit note
 * @param rates those that its lines bear
 * @param included whether its prices hold the tax
 * @param totals what its lines came to when it was made
 * @param refersTo line of the paper that it answers: the bill that is credited or was paid; null for none
 * @param note may be empty
 */
public record Paper(
        PaperNumber number,
        @MayBeNull TagNumber job,
        String about,
        Seller seller,
        Party buyer,
        LocalDate day,
        @MayBeNull LocalDate until,
        String currency,
        boolean included,
        List<TaxRate> rates,
        List<PriceLine> lines,
        Totals totals,
        @MayBeNull UUID refersTo,
        String note) {
    private static final int MOST_LINES = 300;

    public Paper {
        Check.chosen("number", number);
        about = Check.optionalName("about", about);
        Check.chosen("seller", seller);
        Check.chosen("buyer", buyer);
        Check.chosen("day", day);
        currency = new CurrencyHere(currency, "en").currency();
        rates = Check.some("rates", rates, MOST_LINES);
        lines = Check.some("lines", lines, MOST_LINES);
        if (lines.isEmpty()) {
            throw new FieldProblem("lines", "There is nothing on it.", "Add at least one line.");
        }
        Check.chosen("totals", totals);
        if (totals.linesNetMinor().size() != lines.size()) {
            throw new FieldProblem("totals", "The sums are of other lines.", "Make the paper again.");
        }
        for (PriceLine line : lines) {
            if (ById.find(rates, line.tax()).isEmpty()) {
                throw new FieldProblem("tax", "A line bears a tax that is not on the paper.", "Choose its tax.");
            }
        }
        if (until != null && until.isBefore(day)) {
            throw new FieldProblem("until", until + " is before " + day + ".", "Enter a later day.");
        }
        note = Check.optionalRemark("note", note);
    }

    /** The same made out to somebody else. */
    public Paper to(Party other) {
        return new Paper(
                number, job, about, seller, other, day, until, currency, included, rates, lines, totals, refersTo,
                note);
    }

    /** What kind it is. */
    public PaperKind kind() {
        return number.kind();
    }
}
