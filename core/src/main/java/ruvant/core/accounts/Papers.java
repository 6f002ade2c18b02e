package ruvant.core.accounts;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Pricing;
import ruvant.core.money.TaxKind;
import ruvant.core.money.TaxRate;
import ruvant.core.money.Taxes;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;

/** Papers that answer another: what they take over from it. */
public final class Papers {
    private static final TaxRate NO_TAX = new TaxRate("none", "no tax", TaxKind.OUTSIDE, 0, "");

    private Papers() {}

    /**
     * By what a draft is reckoned.
     *
     * @param currency ISO 4217 code
     * @param prepaidMinor paid in advance, for the next bill of its job to take off
     */
    public record Basis(Pricing pricing, String currency, long prepaidMinor) {}

    /**
     * By what a paper is reckoned: today's prices, but for those that answer another. A credit note bears the taxes and the
     * currency of its bill and is not rounded to coins; a receipt bears no tax of its own.
     *
     * @throws FieldProblem where what it answers is not there
     */
    public static Basis basis(
            AccountsPicture accounts, PaperKind kind, TagNumber job, UUID refersTo, Pricing today, String currency) {
        return switch (kind) {
            case QUOTE, ORDER -> new Basis(today, currency, 0);
            case BILL -> new Basis(today, currency, job == null ? 0 : accounts.depositedMinor(job, currency));
            case CREDIT -> {
                Paper bill = accounts.bill(refersTo)
                        .orElseThrow(() -> new FieldProblem(
                                "refersTo", "There is no such bill.", "Choose the bill that is put right."))
                        .held()
                        .paper();
                Taxes taxes = new Taxes(bill.rates(), bill.rates().getFirst().id(), bill.included(), 1);
                yield new Basis(today.with(taxes), bill.currency(), 0);
            }
            case RECEIPT ->
                new Basis(
                        today.with(new Taxes(List.of(NO_TAX), NO_TAX.id(), true, 1)),
                        payment(accounts, refersTo).currency(),
                        0);
        };
    }

    /** A payment for which a receipt can be had. */
    private record Payment(TagNumber job, String about, Party from, String words, long minor, String currency) {}

    private static Payment payment(AccountsPicture accounts, UUID line) {
        Stream<Optional<Payment>> onBills = accounts.bills().stream()
                .map(bill -> bill.moved().stream()
                        .filter(moved -> moved.id().equals(line) && moved.minor() > 0)
                        .findFirst()
                        .map(moved -> {
                            Paper of = bill.held().paper();
                            String words = "Payment of bill " + of.number() + ", "
                                    + moved.how().label();
                            return new Payment(of.job(), of.about(), of.buyer(), words, moved.minor(), of.currency());
                        }));
        Stream<Optional<Payment>> inAdvance = accounts.deposits().stream()
                .filter(one -> one.id().equals(line))
                .map(AccountsPicture.Deposit::what)
                .map(one -> Optional.of(new Payment(
                        one.job(),
                        "",
                        one.from(),
                        "Paid in advance, " + one.how().label(),
                        one.minor(),
                        one.currency())));
        return Stream.concat(onBills, inAdvance)
                .flatMap(Optional::stream)
                .findFirst()
                .orElseThrow(() ->
                        new FieldProblem("payment", "Nothing was paid in that line.", "Choose a payment of the list."));
    }

    /** A credit note on all of a bill, to be shortened where only a part is put right. */
    public static Draft credit(AccountsPicture.Held bill, String why) {
        Paper of = bill.paper();
        return new Draft(PaperKind.CREDIT, of.job(), of.about(), of.buyer(), of.lines(), 0, 0, bill.id(), why);
    }

    /**
     * The receipt for a payment: it says what was paid, and bears no tax of its own.
     *
     * @param line of the payment
     * @throws FieldProblem where nothing was paid in that line
     */
    public static Draft receipt(AccountsPicture accounts, UUID line) {
        Payment paid = payment(accounts, line);
        return new Draft(
                PaperKind.RECEIPT,
                paid.job,
                paid.about,
                paid.from,
                List.of(PriceLine.pieces(paid.words, 1, paid.minor, NO_TAX.id())),
                0,
                0,
                line,
                "");
    }
}
