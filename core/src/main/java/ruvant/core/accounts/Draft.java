package ruvant.core.accounts;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.money.Discounts;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Pricing;
import ruvant.core.money.Seller;
import ruvant.core.money.TaxRate;
import ruvant.core.money.Totals;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;

/**
 * A paper before it goes out: without a number, and with sums that are worked out anew whenever it is looked at.
 *
 * @param job null for a paper of no job
 * @param about the camera in words; may be empty
 * @param lines what it is for; may be empty while it is drawn up
 * @param discountMinor off the whole, 0 or more
 * @param discountHundredths off the whole as well, in hundredths of a percent, reckoned first
 * @param refersTo line of the paper that it answers; null for none
 * @param note may be empty
 */
public record Draft(
        PaperKind kind,
        @MayBeNull TagNumber job,
        String about,
        Party buyer,
        List<PriceLine> lines,
        long discountMinor,
        int discountHundredths,
        @MayBeNull UUID refersTo,
        String note) {
    private static final int WHOLE = 10_000;

    public Draft {
        Check.chosen("kind", kind);
        about = Check.optionalName("about", about);
        Check.chosen("buyer", buyer);
        lines = Check.some("lines", lines, 300);
        Check.within("discount", discountMinor, 0, AccountsEntry.MOST_MINOR, "minor units");
        Check.count("discountPercent", discountHundredths, 0, WHOLE);
        note = Check.optionalRemark("note", note);
    }

    /** The same as another kind of paper. */
    public Draft as(PaperKind other) {
        return new Draft(other, job, about, buyer, lines, discountMinor, discountHundredths, refersTo, note);
    }

    private List<PriceLine> discounted() {
        return Discounts.off(Discounts.percent(lines, discountHundredths), discountMinor);
    }

    /**
     * What it comes to.
     *
     * @param basis by what it is reckoned
     */
    public Totals totals(Papers.Basis basis) {
        return totals(basis.pricing(), basis.prepaidMinor());
    }

    private Totals totals(Pricing pricing, long prepaidMinor) {
        List<PriceLine> less = discounted();
        long most = Totals.of(less, pricing.taxes().rates(), pricing.taxes().manner(), 0)
                .totalMinor();
        return Totals.of(less, pricing.taxes().rates(), pricing.taxes().manner(), taken(most, prepaidMinor));
    }

    /** A bill takes off at most what it comes to; the rest of a deposit stays for the next, or goes back. */
    private long taken(long totalMinor, long prepaidMinor) {
        return kind == PaperKind.BILL ? Math.min(totalMinor, prepaidMinor) : 0;
    }

    /**
     * The paper as it goes out today.
     *
     * @param number the next of its kind
     * @param currency in which the shop reckons
     * @throws FieldProblem where the shop has not said who it is, or there is nothing on the paper
     */
    public Paper paper(PaperNumber number, Papers.Basis basis, LocalDate today) {
        Pricing pricing = basis.pricing();
        Seller seller = pricing.seller()
                .orElseThrow(() -> new FieldProblem(
                        "seller",
                        "The shop's name and address for its papers are missing.",
                        "Enter them under Settings, Prices and papers."));
        List<PriceLine> less = discounted();
        List<TaxRate> borne = pricing.taxes().rates().stream()
                .filter(rate -> less.stream().anyMatch(line -> line.tax().equals(rate.id())))
                .toList();
        return new Paper(
                number,
                job,
                about,
                seller,
                buyer,
                today,
                until(pricing, today).orElse(null),
                basis.currency(),
                pricing.taxes().included(),
                borne,
                less,
                totals(basis),
                refersTo,
                note);
    }

    private Optional<LocalDate> until(Pricing pricing, LocalDate today) {
        return switch (kind) {
            case QUOTE -> Optional.of(today.plusDays(pricing.terms().quoteDays()));
            case BILL -> Optional.of(today.plusDays(pricing.terms().payDays()));
            case ORDER, RECEIPT, CREDIT -> Optional.empty();
        };
    }
}
