package ruvant.core.parts;

import java.util.UUID;
import ruvant.core.log.Entry;
import ruvant.core.parts.supplier.Catalogue;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.units.Money;

/**
 * The prices that the shop knows by itself. People who are not shown prices cannot say them: they fit, order and unpack like
 * everybody else, and the price is put in for them.
 *
 * @param currency in which the shelf reckons, ISO 4217
 */
public record KnownPrices(ShelfPicture shelf, Catalogue catalogue, String currency) {
    /** The entry with the price that is known of what it is about; as it is where none is. */
    public Entry in(Entry entry) {
        return switch (entry) {
            case PartsEntry.Replaced piece when piece.fromShelf() != null -> piece.withCost(ofShelf(piece.fromShelf()));
            case ShelfEntry.Ordered order ->
                catalogue
                        .item(order.number())
                        .<Entry>map(item -> order.withPrice(item.priceMinor()))
                        .orElse(order);
            case ShelfEntry.Unpacked parcel ->
                shelf.order(parcel.order())
                        .<Entry>map(order -> parcel.withCost(order.what().priceMinor()))
                        .orElse(parcel);
            default -> entry;
        };
    }

    /** What one thing of the shelf cost; null where nothing, or where it came out of a donor. */
    private Money ofShelf(UUID thing) {
        return shelf.stock(thing)
                .map(held -> held.stock().costMinor())
                .filter(cost -> cost > 0)
                .map(cost -> new Money(cost, currency))
                .orElse(null);
    }
}
