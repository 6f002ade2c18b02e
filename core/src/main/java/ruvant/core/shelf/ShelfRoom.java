package ruvant.core.shelf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.LogName;
import ruvant.core.log.Names;
import ruvant.core.log.Room;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Rooms;
import ruvant.core.log.Standing;
import ruvant.core.units.Refusal;

/** What the shop has, in a log of its own: stock, cameras kept for their parts, orders, and what is said to fit. */
public final class ShelfRoom implements Room<ShelfEntry> {
    /** What the log is called. */
    public static final LogName LOG = new LogName("shelf");

    /** The one room of the shelf's log. */
    public static final Rooms ROOMS = new Rooms(List.of(new ShelfRoom()));

    /** Adds lines to the shelf. */
    public static final Kernel KERNEL = new Kernel(
            ROOMS, folding -> Standing.NONE, folds -> folds.of(Fold.class).picture()::name);

    @Override
    public Class<ShelfEntry> entries() {
        return ShelfEntry.class;
    }

    @Override
    public RoomFold<ShelfEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(ShelfEntry entry, Standing now) {
        return switch (entry) {
            case ShelfEntry.StockAdded one -> Optional.empty();
            case ShelfEntry.StockDescribed one -> Optional.empty();
            case ShelfEntry.StockRefilled one -> Optional.empty();
            case ShelfEntry.StockCounted one -> Optional.empty();
            case ShelfEntry.Reserved one -> Optional.empty();
            case ShelfEntry.Released one -> Optional.empty();
            case ShelfEntry.Taken one -> Optional.empty();
            case ShelfEntry.BackOnShelf one -> Optional.empty();
            case ShelfEntry.DonorShelved one -> Optional.empty();
            case ShelfEntry.DonorDescribed one -> Optional.empty();
            case ShelfEntry.DonorPartSeen one -> Optional.empty();
            case ShelfEntry.DonorGone one -> Optional.empty();
            case ShelfEntry.Ordered one -> Optional.empty();
            case ShelfEntry.OrderEnded one -> Optional.empty();
            case ShelfEntry.Unpacked one -> Optional.empty();
            case ShelfEntry.FitStated one -> Optional.empty();
        };
    }

    @Override
    public List<Effect> effects(ShelfEntry entry) {
        return switch (entry) {
            case ShelfEntry.StockAdded one -> List.of();
            case ShelfEntry.StockDescribed one -> List.of();
            case ShelfEntry.StockRefilled one -> List.of();
            case ShelfEntry.StockCounted one -> List.of();
            case ShelfEntry.Reserved one -> List.of();
            case ShelfEntry.Released one -> List.of();
            case ShelfEntry.Taken one -> List.of();
            case ShelfEntry.BackOnShelf one -> List.of();
            case ShelfEntry.DonorShelved one -> List.of();
            case ShelfEntry.DonorDescribed one -> List.of();
            case ShelfEntry.DonorPartSeen one -> List.of();
            case ShelfEntry.DonorGone one -> List.of();
            case ShelfEntry.Ordered one -> List.of();
            case ShelfEntry.OrderEnded one -> List.of();
            case ShelfEntry.Unpacked one -> List.of();
            case ShelfEntry.FitStated one -> List.of();
        };
    }

    @Override
    public List<String> replaces(ShelfEntry entry) {
        return switch (entry) {
            case ShelfEntry.StockAdded one -> List.of();
            case ShelfEntry.StockDescribed one -> List.of("stock " + one.stock());
            case ShelfEntry.StockRefilled one -> List.of();
            case ShelfEntry.StockCounted one -> List.of("count of " + one.stock());
            case ShelfEntry.Reserved one -> List.of();
            case ShelfEntry.Released one -> List.of();
            case ShelfEntry.Taken one -> List.of();
            case ShelfEntry.BackOnShelf one -> List.of();
            case ShelfEntry.DonorShelved one -> List.of();
            case ShelfEntry.DonorDescribed one -> List.of("donor " + one.donor());
            case ShelfEntry.DonorPartSeen one -> List.of("part " + one.part() + " of " + one.donor());
            case ShelfEntry.DonorGone one -> List.of();
            case ShelfEntry.Ordered one -> List.of();
            case ShelfEntry.OrderEnded one -> List.of();
            case ShelfEntry.Unpacked one -> List.of();
            case ShelfEntry.FitStated one -> List.of();
        };
    }

    @Override
    public String words(ShelfEntry entry, Names names) {
        return switch (entry) {
            case ShelfEntry.StockAdded one ->
                "on the shelf: " + one.count() + " × " + one.stock().words() + ", "
                        + one.stock().place();
            case ShelfEntry.StockDescribed one ->
                "description changed: " + one.as().words();
            case ShelfEntry.StockRefilled one ->
                "added to stock: " + one.count() + " × " + names.of(one.stock()) + from(one.origin());
            case ShelfEntry.StockCounted one -> "counted: " + one.count() + " × " + names.of(one.stock());
            case ShelfEntry.Reserved one ->
                "reserved for " + one.forNeed().tag() + ": " + counted(one.count(), words(one.thing(), names));
            case ShelfEntry.Released one ->
                "no longer reserved for " + one.forNeed().tag() + ": " + words(one.thing(), names);
            case ShelfEntry.Taken one ->
                "taken for " + one.forNeed().tag() + ": " + counted(one.count(), words(one.thing(), names));
            case ShelfEntry.BackOnShelf one ->
                "returned from " + one.forNeed().tag() + ": " + counted(one.count(), words(one.thing(), names))
                        + because(one.why());
            case ShelfEntry.DonorShelved one -> "new donor: " + one.body().words();
            case ShelfEntry.DonorDescribed one ->
                "donor's description changed: " + one.as().words();
            case ShelfEntry.DonorPartSeen one ->
                words(new Thing(one.donor(), one.part()), names) + ": "
                        + one.state().label() + because(one.remark());
            case ShelfEntry.DonorGone one -> "no longer a donor: " + names.of(one.donor()) + because(one.why());
            case ShelfEntry.Ordered one ->
                "ordered from " + one.supplier() + ": " + counted(one.count(), one.name())
                        + (one.madeFor().fitsMany()
                                ? ""
                                : " for " + one.madeFor().words())
                        + (one.forNeed() == null ? "" : ", for " + one.forNeed());
            case ShelfEntry.OrderEnded one -> "order cancelled: " + names.of(one.order()) + because(one.why());
            case ShelfEntry.Unpacked one ->
                "unpacked: " + counted(one.count(), one.came().words())
                        + (one.asOrdered() ? "" : ", not what was ordered");
            case ShelfEntry.FitStated one ->
                "said to fit " + one.stated().strength().label() + ": "
                        + (one.stated().part().isEmpty()
                                ? "parts"
                                : one.stated().part()) + " of "
                        + one.stated().from().words() + " in "
                        + one.stated().into().words() + because(one.stated().note());
        };
    }

    private static String counted(int count, String what) {
        return count == 1 ? what : String.format(Locale.ROOT, "%d × %s", count, what);
    }

    private static String from(String origin) {
        return origin.isEmpty() ? "" : ", from " + origin;
    }

    private static String because(String why) {
        return why.isEmpty() ? "" : ": " + why;
    }

    private static String words(Thing thing, Names names) {
        return thing.isOfDonor() ? thing.part() + " of " + names.of(thing.of()) : names.of(thing.of());
    }

    static Optional<Refusal> refuse(String code, String message, String remedy) {
        return Optional.of(new Refusal(code, message, remedy));
    }

    /** Folds the shelf. */
    public static final class Fold implements RoomFold<ShelfEntry> {
        private final StockFold stock = new StockFold();
        private final DonorFold donors = new DonorFold();
        private final Map<UUID, ShelfPicture.OrderHeld> orders = new LinkedHashMap<>();
        private final List<ShelfPicture.AtBench> atBench = new ArrayList<>();
        private final List<StatedFit> stated = new ArrayList<>();

        @Override
        public Optional<Refusal> objection(Line line, ShelfEntry entry) {
            return switch (entry) {
                case ShelfEntry.StockAdded added -> Optional.empty();
                case ShelfEntry.StockDescribed one -> stock.unknown(one.stock());
                case ShelfEntry.StockRefilled one -> stock.unknown(one.stock());
                case ShelfEntry.StockCounted one -> stock.unknown(one.stock());
                case ShelfEntry.Reserved one ->
                    one.thing().isOfDonor()
                            ? donors.objection(one.thing(), one.forNeed())
                            : stock.objection(one.thing().of(), one.forNeed(), one.count());
                case ShelfEntry.Released one ->
                    (one.thing().isOfDonor()
                                    ? donors.keeps(one.thing(), one.forNeed())
                                    : stock.keeps(one.thing().of(), one.forNeed()))
                            ? Optional.empty()
                            : refuse(
                                    "notKept",
                                    "It is not reserved for " + one.forNeed() + ".",
                                    "There is nothing to release.");
                case ShelfEntry.Taken one ->
                    one.thing().isOfDonor()
                            ? donors.objection(one.thing(), one.forNeed())
                            : stock.objection(one.thing().of(), one.forNeed(), one.count());
                case ShelfEntry.BackOnShelf one -> notAtBench(one);
                case ShelfEntry.DonorShelved one -> Optional.empty();
                case ShelfEntry.DonorDescribed one ->
                    donors.unknown(one.donor()).or(() -> donors.dropsTaken(one));
                case ShelfEntry.DonorPartSeen one -> donors.objection(one);
                case ShelfEntry.DonorGone one -> donors.unknown(one.donor()).or(() -> donors.stillKept(one.donor()));
                case ShelfEntry.Ordered one -> Optional.empty();
                case ShelfEntry.OrderEnded one -> orderNotOpen(one.order());
                case ShelfEntry.Unpacked one -> orderNotOpen(one.order());
                case ShelfEntry.FitStated one -> Optional.empty();
            };
        }

        private Optional<Refusal> notAtBench(ShelfEntry.BackOnShelf back) {
            int there = atBench.stream()
                    .filter(one ->
                            one.thing().same(back.thing()) && one.forNeed().equals(back.forNeed()))
                    .mapToInt(ShelfPicture.AtBench::count)
                    .sum();
            return there >= back.count()
                    ? Optional.empty()
                    : refuse(
                            "notTaken",
                            there == 0
                                    ? "Nothing of it was taken for " + back.forNeed() + "."
                                    : "Only " + there + " of it were taken for " + back.forNeed() + ".",
                            "Return no more than was taken. If more is there, enter a new count.");
        }

        private Optional<Refusal> orderNotOpen(UUID order) {
            ShelfPicture.OrderHeld known = orders.get(order);
            return known != null && known.state() == ShelfPicture.OrderState.OPEN
                    ? Optional.empty()
                    : refuse("orderNotOpen", "That order is no longer open.", "See it under Orders.");
        }

        @Override
        public void take(Line line, ShelfEntry entry) {
            switch (entry) {
                case ShelfEntry.StockAdded one -> stock.put(line, one.stock(), one.count());
                case ShelfEntry.StockDescribed one -> stock.described(one.stock(), one.as());
                case ShelfEntry.StockRefilled one -> stock.more(one.stock(), one.count());
                case ShelfEntry.StockCounted one -> stock.counted(one.stock(), one.count(), line.at());
                case ShelfEntry.Reserved one -> {
                    if (one.thing().isOfDonor()) {
                        donors.keep(one.thing(), Optional.of(one.forNeed()));
                    } else {
                        stock.keep(one.thing().of(), one.forNeed(), one.count());
                    }
                }
                case ShelfEntry.Released one -> {
                    if (one.thing().isOfDonor()) {
                        donors.keep(one.thing(), Optional.empty());
                    } else {
                        stock.release(one.thing().of(), one.forNeed());
                    }
                }
                case ShelfEntry.Taken one -> taken(line, one);
                case ShelfEntry.BackOnShelf one -> back(one);
                case ShelfEntry.DonorShelved one -> donors.put(line, one.body());
                case ShelfEntry.DonorDescribed one -> donors.described(one.donor(), one.as());
                case ShelfEntry.DonorPartSeen one -> donors.seen(one);
                case ShelfEntry.DonorGone one -> donors.gone(one.donor(), one.why());
                case ShelfEntry.Ordered one ->
                    orders.put(
                            line.id(),
                            new ShelfPicture.OrderHeld(line.id(), line.at(), one, ShelfPicture.OrderState.OPEN, ""));
                case ShelfEntry.OrderEnded one ->
                    settle(one.order(), order -> ended(order, ShelfPicture.OrderState.ENDED, one.why()));
                case ShelfEntry.Unpacked one -> unpacked(line, one);
                case ShelfEntry.FitStated one -> {
                    stated.removeIf(other -> other.part().equals(one.stated().part())
                            && other.from().same(one.stated().from())
                            && other.into().same(one.stated().into()));
                    stated.add(one.stated());
                }
            }
        }

        private void taken(Line line, ShelfEntry.Taken one) {
            boolean donor = one.thing().isOfDonor();
            String words = donor
                    ? one.thing().part() + " of " + donors.words(one.thing().of())
                    : stock.words(one.thing().of());
            ShelfPicture.TakenFrom source = donor
                    ? donors.take(one.thing(), one.forNeed())
                    : stock.take(one.thing().of(), one.forNeed(), one.count());
            atBench.add(new ShelfPicture.AtBench(one.thing(), one.forNeed(), one.count(), line.at(), words, source));
        }

        private void back(ShelfEntry.BackOnShelf one) {
            int left = one.count();
            for (int i = atBench.size() - 1; i >= 0 && left > 0; i--) {
                ShelfPicture.AtBench at = atBench.get(i);
                if (at.thing().same(one.thing()) && at.forNeed().equals(one.forNeed())) {
                    int back = Math.min(left, at.count());
                    left -= back;
                    atBench.remove(i);
                    if (back < at.count()) {
                        atBench.add(i, at.withCount(at.count() - back));
                    }
                }
            }
            if (one.thing().isOfDonor()) {
                donors.back(one.thing());
            } else {
                stock.more(one.thing().of(), one.count());
            }
        }

        private void unpacked(Line line, ShelfEntry.Unpacked one) {
            stock.put(line, one.came(), one.count());
            ShelfEntry.Ordered what = orders.get(one.order()).what();
            if (one.asOrdered() && what.forNeed() != null) {
                stock.keep(line.id(), what.forNeed(), Math.min(one.count(), what.count()));
            }
            settle(
                    one.order(),
                    order -> ended(
                            order,
                            one.asOrdered() ? ShelfPicture.OrderState.UNPACKED : ShelfPicture.OrderState.WRONG,
                            one.came().words()));
        }

        private void settle(UUID order, UnaryOperator<ShelfPicture.OrderHeld> how) {
            orders.computeIfPresent(order, (id, one) -> how.apply(one));
        }

        private static ShelfPicture.OrderHeld ended(
                ShelfPicture.OrderHeld order, ShelfPicture.OrderState state, String end) {
            return new ShelfPicture.OrderHeld(order.id(), order.at(), order.what(), state, end);
        }

        /** The picture so far. */
        public ShelfPicture picture() {
            return new ShelfPicture(
                    stock.all(), donors.all(), List.copyOf(orders.values()), List.copyOf(atBench), List.copyOf(stated));
        }
    }
}
