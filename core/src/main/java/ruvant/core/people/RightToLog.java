package ruvant.core.people;

import java.util.EnumSet;
import java.util.Set;
import ruvant.core.accounts.AccountsEntry;
import ruvant.core.adjust.AdjustersEntry;
import ruvant.core.album.AlbumEntry;
import ruvant.core.customers.CustomersEntry;
import ruvant.core.find.FaultsEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.hours.HoursEntry;
import ruvant.core.house.HouseEntry;
import ruvant.core.house.ListsEntry;
import ruvant.core.house.SheetEntry;
import ruvant.core.house.TruthsEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.log.Entry;
import ruvant.core.log.RecordEntry;
import ruvant.core.money.MoneyEntry;
import ruvant.core.offer.OfferEntry;
import ruvant.core.said.taught.TaughtEntry;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.treat.TablesEntry;
import ruvant.core.wish.WishEntry;

/** Which right somebody needs to log a thing, and to see it in a record. */
public final class RightToLog {
    private RightToLog() {}

    /**
     * One of these is enough to log it.
     *
     * @throws IllegalArgumentException for a kind that no rule was written for
     */
    public static Set<Right> of(Entry entry) {
        return switch (entry) {
            // what is said of a line needs what the line needed; whoever may log at all may strike out a slip
            case RecordEntry.Amended amended -> of(amended.entry());
            case RecordEntry ofRecord -> EnumSet.of(Right.BENCH, Right.DESK, Right.STOCK, Right.HOUSE);
            case IntakeEntry atIntake -> EnumSet.of(Right.DESK, Right.BENCH);
            case WishEntry wish -> EnumSet.of(Right.DESK);
            case OfferEntry offer -> EnumSet.of(Right.DESK);
            case HandoverEntry back -> EnumSet.of(Right.DESK);
            case AlbumEntry picture -> EnumSet.of(Right.DESK, Right.BENCH);
            case SittingEntry.Noted note -> EnumSet.of(Right.DESK, Right.BENCH);
            case JobEntry work -> EnumSet.of(Right.BENCH);
            case ShelfEntry shelf -> EnumSet.of(Right.STOCK);
            case AccountsEntry paper -> EnumSet.of(Right.MONEY);
            case CustomersEntry customer -> EnumSet.of(Right.CUSTOMERS);
            // what the bench learns is the bench's to write down
            case FaultsEntry fault -> EnumSet.of(Right.BENCH);
            case AdjustersEntry adjuster -> EnumSet.of(Right.BENCH);
            case TruthsEntry truth -> EnumSet.of(Right.BENCH);
            case SheetEntry sheet -> EnumSet.of(Right.BENCH);
            case TaughtEntry taught -> EnumSet.of(Right.BENCH);
            case HouseEntry house -> EnumSet.of(Right.HOUSE);
            case ListsEntry list -> EnumSet.of(Right.HOUSE);
            case TablesEntry table -> EnumSet.of(Right.HOUSE);
            case HoursEntry hours -> EnumSet.of(Right.HOUSE);
            case MoneyEntry prices -> EnumSet.of(Right.HOUSE);
            default -> throw new IllegalArgumentException("No rule says who may log a " + entry.getClass());
        };
    }

    /** What somebody must be allowed to see for a line to be shown to them in words. */
    public static Set<Right> toSee(Entry entry) {
        return switch (entry) {
            case RecordEntry.Amended amended -> toSee(amended.entry());
            case IntakeEntry.Received received -> EnumSet.of(Right.CUSTOMERS, Right.MONEY);
            case OfferEntry offer -> EnumSet.of(Right.CUSTOMERS, Right.MONEY);
            case HandoverEntry.Estimated estimated -> EnumSet.of(Right.MONEY);
            case HandoverEntry.Returned returned -> EnumSet.of(Right.CUSTOMERS);
            case AccountsEntry paper -> EnumSet.of(Right.CUSTOMERS, Right.MONEY);
            case CustomersEntry customer -> EnumSet.of(Right.CUSTOMERS);
            case MoneyEntry prices -> EnumSet.of(Right.MONEY);
            default -> EnumSet.noneOf(Right.class);
        };
    }
}
