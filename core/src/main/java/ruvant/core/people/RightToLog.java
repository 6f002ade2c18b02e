package ruvant.core.people;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
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
import ruvant.core.parts.PartsEntry;
import ruvant.core.said.taught.TaughtEntry;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.treat.TablesEntry;
import ruvant.core.wish.WishEntry;

/** Which right somebody needs to log a thing, and to see it in a record. */
public final class RightToLog {
    private RightToLog() {}

    /**
     * Whether somebody may log a thing. To strike a line out, or to restore it, takes what it took to log it. Who says a thing anew
     * must be shown all of it: what was left out for them would be lost otherwise.
     *
     * @param has which rights they have here
     * @param logged the lines of the log so far, by their ids
     * @throws IllegalArgumentException for a kind that no rule was written for
     */
    public static boolean mayLog(Entry entry, Predicate<Right> has, Function<UUID, Optional<Entry>> logged) {
        return switch (entry) {
            case RecordEntry.Struck struck -> mayStrike(struck.target(), has, logged);
            case RecordEntry.StrikeUndone undone -> mayStrike(undone.target(), has, logged);
            case RecordEntry.Amended amended ->
                mayLog(amended.entry(), has, logged)
                        && toSeeWhole(amended.entry()).stream().allMatch(has);
            default ->
                oneOf(entry).stream().anyMatch(has) && all(entry).stream().allMatch(has);
        };
    }

    private static boolean mayStrike(UUID target, Predicate<Right> has, Function<UUID, Optional<Entry>> logged) {
        // a line that is not there is refused for that, and not for who says so
        return logged.apply(target).map(entry -> mayLog(entry, has, logged)).orElse(true);
    }

    /** What stands in the place of what was said before, prices and all. */
    private static Set<Right> all(Entry entry) {
        return switch (entry) {
            case ShelfEntry.StockDescribed stock -> EnumSet.of(Right.MONEY);
            case ShelfEntry.DonorDescribed donor -> EnumSet.of(Right.MONEY);
            case OfferEntry.OptionsDrawn sheet -> EnumSet.of(Right.MONEY);
            default -> EnumSet.noneOf(Right.class);
        };
    }

    private static Set<Right> oneOf(Entry entry) {
        return switch (entry) {
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

    /** What somebody must be allowed to see to be shown a line with nothing left out. A price may be, though the words are shown. */
    private static Set<Right> toSeeWhole(Entry entry) {
        return switch (entry) {
            case PartsEntry.Replaced piece -> EnumSet.of(Right.MONEY);
            case ShelfEntry.StockAdded stock -> EnumSet.of(Right.MONEY);
            case ShelfEntry.DonorShelved donor -> EnumSet.of(Right.MONEY);
            case ShelfEntry.Ordered order -> EnumSet.of(Right.MONEY);
            case ShelfEntry.Unpacked parcel -> EnumSet.of(Right.MONEY);
            default -> toSee(entry);
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
