package ruvant.core.accounts;

import java.util.List;
import java.util.Optional;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Lasting;
import ruvant.core.log.LogName;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Rooms;
import ruvant.core.log.Standing;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.Refusal;

/** Papers and money, in a log of their own in which every line stands. */
public final class AccountsRoom implements Room<AccountsEntry> {
    /** What the log is called. */
    public static final LogName LOG = new LogName("accounts");

    /** The one room of the log. */
    public static final Rooms ROOMS = new Rooms(List.of(new AccountsRoom()));

    /** Adds lines to it. */
    public static final Kernel KERNEL =
            new Kernel(ROOMS, folding -> Standing.NONE, folds -> folds.of(AccountsFold.class)::name);

    @Override
    public Class<AccountsEntry> entries() {
        return AccountsEntry.class;
    }

    @Override
    public RoomFold<AccountsEntry> begin(Folds earlier) {
        return new AccountsFold();
    }

    @Override
    public Optional<Refusal> rule(AccountsEntry entry, Standing now) {
        return switch (entry) {
            case AccountsEntry.Issued one -> Optional.empty();
            case AccountsEntry.Paid one -> Optional.empty();
            case AccountsEntry.Deposited one -> Optional.empty();
            case AccountsEntry.PaidBack one -> Optional.empty();
            case AccountsEntry.GivenUp one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(AccountsEntry entry) {
        return switch (entry) {
            case AccountsEntry.Issued one -> List.of(Lasting.STANDS);
            case AccountsEntry.Paid one -> List.of(Lasting.STANDS);
            case AccountsEntry.Deposited one -> List.of(Lasting.STANDS);
            case AccountsEntry.PaidBack one -> List.of(Lasting.STANDS);
            case AccountsEntry.GivenUp one -> List.of(Lasting.STANDS);
        };
    }

    @Override
    public String words(AccountsEntry entry, Names names) {
        return switch (entry) {
            case AccountsEntry.Issued one ->
                one.paper().kind().label() + " " + one.paper().number() + " to "
                        + one.paper().buyer().name() + ": "
                        + CurrencyHere.words(
                                one.paper().totals().dueMinor(), one.paper().currency());
            case AccountsEntry.Paid one ->
                names.of(one.bill()) + ": " + CurrencyHere.words(one.minor(), one.currency()) + " paid, "
                        + one.how().label();
            case AccountsEntry.Deposited one ->
                one.job() + ": " + CurrencyHere.words(one.minor(), one.currency()) + " paid in advance, "
                        + one.how().label();
            case AccountsEntry.PaidBack one ->
                names.of(one.of()) + ": " + CurrencyHere.words(one.minor(), one.currency()) + " paid back, "
                        + one.how().label();
            case AccountsEntry.GivenUp one -> names.of(one.bill()) + ": written off, " + one.why();
        };
    }
}
