package ruvant.core.parts.supplier;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import ruvant.core.shelf.ShelfEntry;

/**
 * Stands in for a supplier: parcels come on the clock, some late, and in a few lies another part than was ordered. The
 * same order always comes the same way.
 */
public final class StandInSupplier {
    private static final double LATE = 0.25;
    private static final int MOST_LATE_DAYS = 3;
    private static final double WRONG = 0.12;

    private final Catalogue catalogue;

    public StandInSupplier(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * A parcel.
     *
     * @param arrivesAt when it lies in the shop
     * @param lies what is in it; not always what was ordered
     * @param count how many
     */
    public record Parcel(Instant arrivesAt, Catalogue.Item lies, int count) {}

    /** The parcel of an order made at a time. */
    public Parcel parcel(UUID order, Instant at, ShelfEntry.Ordered what) {
        Random chance = new Random(order.getMostSignificantBits() ^ order.getLeastSignificantBits());
        int late = chance.nextDouble() < LATE ? 1 + chance.nextInt(MOST_LATE_DAYS) : 0;
        boolean wrong = chance.nextDouble() < WRONG;
        Catalogue.Item ordered = new Catalogue.Item(
                what.number(),
                what.name(),
                what.madeFor(),
                catalogue.item(what.number()).map(Catalogue.Item::dimensions).orElse(""),
                what.priceMinor(),
                what.days());
        List<Catalogue.Item> alike = catalogue.items().stream()
                .filter(one -> !one.number().equals(what.number()) && alike(one, ordered))
                .toList();
        Catalogue.Item lies = wrong && !alike.isEmpty() ? alike.get(chance.nextInt(alike.size())) : ordered;
        return new Parcel(at.plus(Duration.ofDays(what.days() + late)), lies, what.count());
    }

    /** What is put into a parcel by mistake: the same part of another pattern, or another part for the same camera. */
    private static boolean alike(Catalogue.Item one, Catalogue.Item other) {
        return one.name().equalsIgnoreCase(other.name())
                || !one.madeFor().fitsMany() && one.madeFor().sameModel(other.madeFor());
    }
}
