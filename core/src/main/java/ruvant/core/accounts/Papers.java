package ruvant.core.accounts;

import java.util.List;
import java.util.UUID;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.money.Pricing;
import ruvant.core.money.TaxKind;
import ruvant.core.money.TaxRate;
import ruvant.core.money.Taxes;
import ruvant.core.units.FieldProblem;

/** Papers that answer another: what they take over from it. */
public final class Papers {
    private static final TaxRate NO_TAX = new TaxRate("none", "no tax", TaxKind.OUTSIDE, 0, "");

    private Papers() {}

    /** What is charged as it was when a bill went out, with its taxes and not today's. */
    public static Pricing asBilled(Paper bill, Pricing today) {
        return today.with(new Taxes(
                bill.rates(),
                bill.rates().getFirst().id(),
                bill.included(),
                today.taxes().stepMinor()));
    }

    /** A credit note on all of a bill, to be shortened where only a part is put right. */
    public static Draft credit(AccountsPicture.Held bill, String why) {
        Paper of = bill.paper();
        return new Draft(PaperKind.CREDIT, of.job(), of.about(), of.buyer(), of.lines(), 0, 0, bill.id(), why);
    }

    /**
     * The receipt for a payment: it says what was paid, and bears no tax of its own.
     *
     * @param payment line of the payment
     * @throws FieldProblem where nothing was paid in that line
     */
    public static Draft receipt(AccountsPicture accounts, UUID payment) {
        for (AccountsPicture.Bill bill : accounts.bills()) {
            for (AccountsPicture.MoneyMoved moved : bill.moved()) {
                if (moved.id().equals(payment) && moved.minor() > 0) {
                    Paper of = bill.held().paper();
                    String words = "Payment of bill " + of.number() + ", "
                            + moved.how().label();
                    return receipt(of.buyer(), of, words, moved.minor(), payment);
                }
            }
        }
        return accounts.deposits().stream()
                .filter(one -> one.id().equals(payment))
                .findFirst()
                .map(one -> new Draft(
                        PaperKind.RECEIPT,
                        one.what().job(),
                        "",
                        one.what().from(),
                        List.of(PriceLine.pieces(
                                "Paid in advance, " + one.what().how().label(),
                                1,
                                one.what().minor(),
                                NO_TAX.id())),
                        0,
                        0,
                        payment,
                        ""))
                .orElseThrow(() ->
                        new FieldProblem("payment", "Nothing was paid in that line.", "Choose a payment of the list."));
    }

    private static Draft receipt(Party from, Paper of, String words, long minor, UUID payment) {
        return new Draft(
                PaperKind.RECEIPT,
                of.job(),
                of.about(),
                from,
                List.of(PriceLine.pieces(words, 1, minor, NO_TAX.id())),
                0,
                0,
                payment,
                "");
    }

    /** Receipts bear no tax, whatever else the shop charges. */
    public static Pricing forReceipts(Pricing today) {
        return today.with(new Taxes(List.of(NO_TAX), NO_TAX.id(), true, 1));
    }
}
