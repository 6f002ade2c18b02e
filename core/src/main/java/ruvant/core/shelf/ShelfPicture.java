package ruvant.core.shelf;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.log.Folding;
import ruvant.core.log.Log;
import ruvant.core.trade.CameraKind;

/**
 * The shelf as it is now.
 *
 * @param stock everything that lies there, also what has run out
 * @param donors bodies kept for their parts, also those gone
 * @param orders on the way, arrived, unpacked, ended
 * @param atBench what was taken and not put back
 * @param stated what is said to interchange
 */
public record ShelfPicture(
        List<StockHeld> stock,
        List<DonorHeld> donors,
        List<OrderHeld> orders,
        List<AtBench> atBench,
        List<StatedFit> stated) {

    /** Something kept for a need. */
    public record KeptFor(ForNeed forNeed, int count) {}

    /**
     * Stock with how much of it is left.
     *
     * @param number by which it goes on labels and on the telephone
     * @param left pieces in the place now
     * @param kept which of them are kept for needs
     * @param counted when somebody counted last; empty for never
     * @param off what the last count was off by: below 0 where pieces were missing
     */
    public record StockHeld(
            UUID id, long number, Stock stock, int left, List<KeptFor> kept, Optional<Instant> counted, int off) {
        /** Pieces nobody has claimed. */
        public int free() {
            return Math.max(0, left - kept.stream().mapToInt(KeptFor::count).sum());
        }

        /** Pieces that this need may take: the free ones and those kept for it, as far as they still lie there. */
        public int freeFor(ForNeed need) {
            return Math.min(left, free() + keptFor(need));
        }

        /** Pieces that are kept for this need. */
        public int keptFor(ForNeed need) {
            return kept.stream()
                    .filter(one -> one.forNeed().equals(need))
                    .mapToInt(KeptFor::count)
                    .sum();
        }

        /** Whether fewer are left than are to be there. */
        public boolean low() {
            return left < stock.least();
        }
    }

    /**
     * A part of a donor.
     *
     * @param usedFor where it went; empty unless taken
     * @param keptFor for which it is kept; empty for none
     */
    public record DonorPart(
            BodyPart part, PartState state, Optional<ForNeed> usedFor, Optional<ForNeed> keptFor, String remark) {
        /** Whether this need may have it. */
        public boolean freeFor(ForNeed need) {
            return state == PartState.THERE
                    && keptFor.filter(other -> !other.equals(need)).isEmpty();
        }
    }

    /**
     * A donor with what is left in it.
     *
     * @param number by which it goes on labels and on the telephone
     * @param opened whether something was taken out of it, so that it is apart
     * @param gone why it is no donor any more; empty while it is
     */
    public record DonorHeld(
            UUID id,
            long number,
            DonorBody body,
            Instant since,
            List<DonorPart> parts,
            boolean opened,
            Optional<String> gone) {
        /** The part of this name. */
        public Optional<DonorPart> part(String name) {
            String key = ruvant.core.units.PartName.of(name).key();
            return parts.stream()
                    .filter(one -> ruvant.core.units.PartName.of(one.part().name())
                            .key()
                            .equals(key))
                    .findFirst();
        }

        /** Parts that are still in it. */
        public long left() {
            return parts.stream().filter(one -> one.state() == PartState.THERE).count();
        }
    }

    /** What became of an order. */
    public enum OrderState {
        OPEN,
        UNPACKED,
        WRONG,
        ENDED
    }

    /** Something ordered. */
    public record OrderHeld(UUID id, Instant at, ShelfEntry.Ordered what, OrderState state, String end) {
        /** When it is to be here, as the supplier says. */
        public Instant dueAt() {
            return at.plus(Duration.ofDays(what.days()));
        }
    }

    /** Taken for a need and not put back. */
    public record AtBench(Thing thing, ForNeed forNeed, int count, Instant since, String words, TakenFrom source) {
        AtBench withCount(int other) {
            return new AtBench(thing, forNeed, other, since, words, source);
        }
    }

    /**
     * From where something was taken, as it goes on the camera's record.
     *
     * @param from place or donor, with its number
     */
    public record TakenFrom(String from, CameraKind madeFor, String dimensions, long costMinor) {}

    /** The stock of this id. */
    public Optional<StockHeld> stock(UUID id) {
        return stock.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The donor of this id. */
    public Optional<DonorHeld> donor(UUID id) {
        return donors.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The order of this id. */
    public Optional<OrderHeld> order(UUID id) {
        return orders.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** What the stock, the donor or the order that began with this line is called now. */
    public String name(UUID line) {
        return stock(line)
                .map(one -> one.stock().words())
                .or(() -> donor(line).map(one -> one.body().words()))
                .or(() -> order(line).map(one -> one.what().name()))
                .orElse("gone");
    }

    /** The shelf as a log leaves it. */
    public static ShelfPicture of(Log<ShelfEntry> log) {
        return Folding.of(ShelfRoom.ROOMS, log).of(ShelfRoom.Fold.class).picture();
    }
}
