package ruvant.core.parts.shelf;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import ruvant.core.parts.StatedFit;
import ruvant.core.units.Refusal;

/** Reads the shelf's log. */
public final class ShelfFold {
    private final StockFold stock = new StockFold();
    private final DonorFold donors = new DonorFold();
    private final Map<UUID, ShelfPicture.OrderHeld> orders = new LinkedHashMap<>();
    private final List<ShelfPicture.AtBench> atBench = new ArrayList<>();
    private final List<StatedFit> stated = new ArrayList<>();

    /** Reads all lines that are not struck. */
    public static ShelfFold of(List<ShelfLine> lines) {
        ShelfFold fold = new ShelfFold();
        counted(lines).forEach(fold::take);
        return fold;
    }

    /** The lines that count. */
    public static List<ShelfLine> counted(List<ShelfLine> lines) {
        Set<UUID> struck = new HashSet<>();
        lines.forEach(line -> {
            if (line.entry() instanceof ShelfEntry.ShelfStruck strike) {
                struck.add(strike.line());
            }
        });
        return lines.stream()
                .filter(line -> !struck.contains(line.id()) && !(line.entry() instanceof ShelfEntry.ShelfStruck))
                .toList();
    }

    /**
     * Why a line cannot be added to a log; empty where it can. A strike is refused where a later line rests on what it
     * strikes.
     */
    public static Optional<Refusal> objection(List<ShelfLine> lines, ShelfLine added) {
        if (!(added.entry() instanceof ShelfEntry.ShelfStruck strike)) {
            return of(lines).objection(added.entry());
        }
        if (counted(lines).stream().noneMatch(line -> line.id().equals(strike.line()))) {
            return refuse("lineUnknown", "There is no such line that counts.", "Choose another.");
        }
        List<ShelfLine> after = new ArrayList<>(lines);
        after.add(added);
        ShelfFold fold = new ShelfFold();
        for (ShelfLine line : counted(after)) {
            Optional<Refusal> broken = fold.objection(line.entry());
            if (broken.isPresent()) {
                return refuse(
                        "restsOnIt",
                        "A later line rests on it: " + broken.get().message(),
                        "Strike the later one first.");
            }
            fold.take(line);
        }
        return Optional.empty();
    }

    /** Why an entry makes no sense as the shelf is. */
    public Optional<Refusal> objection(ShelfEntry entry) {
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
                        : refuse("notKept", "It is not kept for " + one.forNeed() + ".", "Nothing to enter.");
            case ShelfEntry.Taken one ->
                one.thing().isOfDonor()
                        ? donors.objection(one.thing(), one.forNeed())
                        : stock.objection(one.thing().of(), one.forNeed(), one.count());
            case ShelfEntry.BackOnShelf one -> notAtBench(one);
            case ShelfEntry.DonorShelved one -> Optional.empty();
            case ShelfEntry.DonorDescribed one -> donors.unknown(one.donor()).or(() -> donors.dropsTaken(one));
            case ShelfEntry.DonorPartSeen one -> donors.objection(one);
            case ShelfEntry.DonorGone one -> donors.unknown(one.donor()).or(() -> donors.stillKept(one.donor()));
            case ShelfEntry.Ordered one -> Optional.empty();
            case ShelfEntry.OrderEnded one -> orderNotOpen(one.order());
            case ShelfEntry.Unpacked one -> orderNotOpen(one.order());
            case ShelfEntry.FitStated one -> Optional.empty();
            case ShelfEntry.ShelfStruck one -> Optional.empty();
        };
    }

    private Optional<Refusal> notAtBench(ShelfEntry.BackOnShelf back) {
        int there = atBench.stream()
                .filter(one -> one.thing().same(back.thing()) && one.forNeed().equals(back.forNeed()))
                .mapToInt(ShelfPicture.AtBench::count)
                .sum();
        return there >= back.count()
                ? Optional.empty()
                : refuse(
                        "notTaken",
                        there == 0
                                ? "Nothing of it was taken for " + back.forNeed() + "."
                                : "Only " + there + " of it were taken for " + back.forNeed() + ".",
                        "Put back what was taken, or count the place anew.");
    }

    private Optional<Refusal> orderNotOpen(UUID order) {
        ShelfPicture.OrderHeld known = orders.get(order);
        return known != null && known.state() == ShelfPicture.OrderState.OPEN
                ? Optional.empty()
                : refuse("orderNotOpen", "That order is not open any more.", "Look at it under Orders.");
    }

    static Optional<Refusal> refuse(String code, String message, String remedy) {
        return Optional.of(new Refusal(code, message, remedy));
    }

    /** Takes a line that makes sense. */
    public void take(ShelfLine line) {
        switch (line.entry()) {
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
            case ShelfEntry.ShelfStruck one -> throw new IllegalArgumentException("Strikes are sorted out before");
        }
    }

    private void taken(ShelfLine line, ShelfEntry.Taken one) {
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

    private void unpacked(ShelfLine line, ShelfEntry.Unpacked one) {
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
