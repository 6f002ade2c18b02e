package ruvant.core.shelf;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.log.Line;
import ruvant.core.units.Refusal;

/** Stock and how much of it is left. */
final class StockFold {
    private static final class Pieces {
        private long number;
        private Stock stock;
        private int left;
        private final Map<ForNeed, Integer> kept = new LinkedHashMap<>();
        private Optional<Instant> counted = Optional.empty();
        private int off;

        ShelfPicture.StockHeld picture(UUID id) {
            List<ShelfPicture.KeptFor> keeps = new ArrayList<>();
            kept.forEach((need, count) -> keeps.add(new ShelfPicture.KeptFor(need, count)));
            return new ShelfPicture.StockHeld(id, number, stock, left, keeps, counted, off);
        }
    }

    private final Map<UUID, Pieces> all = new LinkedHashMap<>();

    Optional<Refusal> unknown(UUID id) {
        return all.containsKey(id)
                ? Optional.empty()
                : ShelfRoom.refuse("stockUnknown", "That is not on the shelf.", "Check the list under Stock.");
    }

    /** Why so many cannot be had for a need. */
    Optional<Refusal> objection(UUID id, ForNeed need, int count) {
        return unknown(id).or(() -> {
            ShelfPicture.StockHeld held = all.get(id).picture(id);
            int free = held.freeFor(need);
            if (free >= count) {
                return Optional.empty();
            }
            List<String> others = held.kept().stream()
                    .filter(one -> !one.forNeed().equals(need))
                    .map(one -> one.count() + " for " + one.forNeed())
                    .toList();
            return ShelfRoom.refuse(
                    "notThere",
                    "Of “" + held.stock().name() + "” " + (held.left() == 0 ? "none is" : held.left() + " are")
                            + " left" + (others.isEmpty() ? "" : ", reserved: " + String.join(", ", others)) + ".",
                    others.isEmpty()
                            ? "Count the place, or choose another source."
                            : "Release what is reserved, or choose another source.");
        });
    }

    boolean keeps(UUID id, ForNeed need) {
        return all.containsKey(id) && all.get(id).kept.containsKey(need);
    }

    void put(Line line, Stock stock, int count) {
        Pieces pieces = new Pieces();
        pieces.number = line.sequence();
        pieces.stock = stock;
        pieces.left = count;
        all.put(line.id(), pieces);
    }

    void described(UUID id, Stock as) {
        all.get(id).stock = as;
    }

    void more(UUID id, int count) {
        all.get(id).left += count;
    }

    void counted(UUID id, int count, Instant at) {
        Pieces pieces = all.get(id);
        pieces.off = count - pieces.left;
        pieces.left = count;
        pieces.counted = Optional.of(at);
    }

    void keep(UUID id, ForNeed need, int count) {
        all.get(id).kept.merge(need, count, Integer::sum);
    }

    void release(UUID id, ForNeed need) {
        all.get(id).kept.remove(need);
    }

    /** What was kept for the need is used up first. */
    ShelfPicture.TakenFrom take(UUID id, ForNeed need, int count) {
        Pieces pieces = all.get(id);
        pieces.left -= count;
        pieces.kept.computeIfPresent(need, (who, kept) -> kept > count ? kept - count : null);
        return new ShelfPicture.TakenFrom(
                pieces.stock.place() + ", S-" + pieces.number,
                pieces.stock.madeFor(),
                pieces.stock.dimensions(),
                pieces.stock.costMinor());
    }

    String words(UUID id) {
        return all.get(id).stock.words();
    }

    List<ShelfPicture.StockHeld> all() {
        return all.entrySet().stream()
                .map(one -> one.getValue().picture(one.getKey()))
                .toList();
    }
}
