package ruvant.core.privacy;

import ruvant.core.accounts.AccountsEntry;
import ruvant.core.accounts.Paper;
import ruvant.core.customers.Customer;
import ruvant.core.customers.CustomersEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.log.Entry;
import ruvant.core.money.Party;
import ruvant.core.offer.OfferEntry;
import ruvant.core.trade.Owner;

/**
 * Entries without what tells who the customer was. The camera, its faults, the work, times and amounts stay as they are; so does what
 * was typed in free words, since only a person can tell whether somebody is named in it.
 */
public final class Blanking {
    /** What stands where a name stood. */
    public static final String BLANK = "blanked customer";

    private Blanking() {}

    /** The entry without it; the same entry where it names nobody. */
    public static Entry of(Entry entry) {
        return switch (entry) {
            case IntakeEntry.Received one -> received(one);
            case HandoverEntry.Returned one -> new HandoverEntry.Returned(BLANK, one.remark(), one.passedOver());
            case OfferEntry.OwnerAnswered one ->
                new OfferEntry.OwnerAnswered(one.asked(), one.answer(), one.how(), null);
            case OfferEntry.OptionAgreed one ->
                new OfferEntry.OptionAgreed(
                        one.asked(),
                        one.option(),
                        one.words(),
                        one.limitMinor(),
                        one.currency(),
                        one.how(),
                        "",
                        one.day(),
                        one.remark());
            case OfferEntry.Consented one ->
                new OfferEntry.Consented(one.asked(), one.what(), one.agreed(), one.how(), "", one.day());
            case CustomersEntry.CustomerAdded one -> new CustomersEntry.CustomerAdded(nobody());
            case CustomersEntry.CustomerChanged one -> new CustomersEntry.CustomerChanged(one.of(), nobody());
            default -> entry;
        };
    }

    private static Customer nobody() {
        return new Customer(Party.named(BLANK), "", "");
    }

    private static IntakeEntry.Received received(IntakeEntry.Received in) {
        Owner was = in.owner();
        Owner owner = was.shopsOwn() ? was : new Owner(BLANK, "", false, was.paid(), was.worth(), was.customer());
        return new IntakeEntry.Received(
                in.camera(),
                owner,
                in.lens(),
                in.accessories(),
                in.complaint(),
                in.series(),
                in.speeds(),
                in.promised(),
                in.features());
    }

    /** A line of the accounts without the buyer; only once the law no longer asks for it. */
    public static AccountsEntry ofAccounts(AccountsEntry entry) {
        return switch (entry) {
            case AccountsEntry.Issued one -> new AccountsEntry.Issued(without(one.paper()));
            case AccountsEntry.Deposited one ->
                new AccountsEntry.Deposited(
                        one.job(), Party.named(BLANK), one.minor(), one.currency(), one.how(), one.day(), "");
            case AccountsEntry.Paid one -> one;
            case AccountsEntry.PaidBack one -> one;
            case AccountsEntry.GivenUp one -> one;
        };
    }

    private static Paper without(Paper paper) {
        return paper.to(Party.named(BLANK));
    }
}
