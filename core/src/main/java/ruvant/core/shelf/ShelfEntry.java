package ruvant.core.shelf;

import java.util.UUID;
import ruvant.core.log.Entry;
import ruvant.core.trade.CameraKind;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/** What happens on the shelf. Lines are added, never changed; one that was wrong is struck. */
public sealed interface ShelfEntry extends Entry {

    /** So many of a kind are there from now on; the line's id is the stock's. */
    record StockAdded(Stock stock, int count) implements ShelfEntry {
        public StockAdded {
            Check.chosen("stock", stock);
            Check.count("count", count, 0, 10_000);
        }
    }

    /** It is described otherwise now; how many there are stays. */
    record StockDescribed(UUID stock, Stock as) implements ShelfEntry {
        public StockDescribed {
            Check.chosen("stock", stock);
            Check.chosen("as", as);
        }
    }

    /** More of the same came in. */
    record StockRefilled(UUID stock, int count, String origin) implements ShelfEntry {
        public StockRefilled {
            Check.chosen("stock", stock);
            Check.count("count", count, 1, 10_000);
            origin = Check.optionalName("origin", origin);
        }
    }

    /** Somebody counted them: stocktake. */
    record StockCounted(UUID stock, int count) implements ShelfEntry {
        public StockCounted {
            Check.chosen("stock", stock);
            Check.count("count", count, 0, 10_000);
        }
    }

    /** A thing is kept for a need, so that no other camera takes it. */
    record Reserved(Thing thing, ForNeed forNeed, int count) implements ShelfEntry {
        public Reserved {
            Check.chosen("thing", thing);
            Check.chosen("need", forNeed);
            Check.count("count", count, 1, 1_000);
        }
    }

    /** It is no longer kept for that. */
    record Released(Thing thing, ForNeed forNeed) implements ShelfEntry {
        public Released {
            Check.chosen("thing", thing);
            Check.chosen("need", forNeed);
        }
    }

    /** It was taken for a need and lies at the bench. */
    record Taken(Thing thing, ForNeed forNeed, int count) implements ShelfEntry {
        public Taken {
            Check.chosen("thing", thing);
            Check.chosen("need", forNeed);
            Check.count("count", count, 1, 1_000);
        }
    }

    /** What was taken is back in its place, unused. */
    record BackOnShelf(Thing thing, ForNeed forNeed, int count, String why) implements ShelfEntry {
        public BackOnShelf {
            Check.chosen("thing", thing);
            Check.chosen("need", forNeed);
            Check.count("count", count, 1, 1_000);
            why = Check.optionalRemark("why", why);
        }
    }

    /** A camera is kept for its parts from now on; the line's id is the donor's. */
    record DonorShelved(DonorBody body) implements ShelfEntry {
        public DonorShelved {
            Check.chosen("donor", body);
        }
    }

    /** It is described otherwise now; what was taken stays taken. */
    record DonorDescribed(UUID donor, DonorBody as) implements ShelfEntry {
        public DonorDescribed {
            Check.chosen("donor", donor);
            Check.chosen("as", as);
        }
    }

    /** A part of a donor was looked at: there, broken, or missing. */
    record DonorPartSeen(UUID donor, String part, PartState state, String remark) implements ShelfEntry {
        public DonorPartSeen {
            Check.chosen("donor", donor);
            part = Check.name("part", part);
            if (Check.chosen("state", state) == PartState.TAKEN) {
                throw new ruvant.core.units.FieldProblem(
                        "state", "A part can only be taken for a camera.", "Take it for the need it meets.");
            }
            remark = Check.optionalRemark("remark", remark);
        }
    }

    /** The body is no donor any more: mended after all, sold, thrown out. */
    record DonorGone(UUID donor, String why) implements ShelfEntry {
        public DonorGone {
            Check.chosen("donor", donor);
            why = Check.remark("why", why);
        }
    }

    /**
     * Something was ordered.
     *
     * @param number of the catalogue
     * @param name what it is, as the catalogue says
     * @param days until it is here, as the supplier says
     * @param forNeed for which it was ordered; null for the shelf
     */
    record Ordered(
            String supplier,
            String number,
            String name,
            CameraKind madeFor,
            int count,
            long priceMinor,
            int days,
            @MayBeNull ForNeed forNeed)
            implements ShelfEntry {
        public Ordered {
            supplier = Check.name("supplier", supplier);
            number = Check.name("number", number);
            name = Check.name("name", name);
            madeFor = Check.or(madeFor, CameraKind.ANY);
            Check.count("count", count, 1, 1_000);
            Check.within("price", priceMinor, 0, Stock.MOST_MINOR, "minor units");
            Check.count("days", days, 0, 365);
        }

        /** The same at another price, in minor units. */
        public Ordered withPrice(long otherMinor) {
            return new Ordered(supplier, number, name, madeFor, count, otherMinor, days, forNeed);
        }
    }

    /** It was called off, or sent back. */
    record OrderEnded(UUID order, String why) implements ShelfEntry {
        public OrderEnded {
            Check.chosen("order", order);
            why = Check.remark("why", why);
        }
    }

    /**
     * The parcel was opened and what lay in it looked at.
     *
     * @param asOrdered whether it is what was ordered
     * @param came what lay in it; goes on the shelf under the line's id
     */
    record Unpacked(UUID order, boolean asOrdered, Stock came, int count) implements ShelfEntry {
        public Unpacked {
            Check.chosen("order", order);
            Check.chosen("came", came);
            Check.count("count", count, 1, 1_000);
        }

        /** The same, each piece at another cost, in minor units. */
        public Unpacked withCost(long otherMinor) {
            return new Unpacked(order, asOrdered, came.withCost(otherMinor), count);
        }
    }

    /** Somebody says what interchanges; said again of the same, it replaces what was said. */
    record FitStated(StatedFit stated) implements ShelfEntry {
        public FitStated {
            Check.chosen("stated", stated);
        }
    }
}
