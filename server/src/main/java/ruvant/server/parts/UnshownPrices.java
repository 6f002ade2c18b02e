package ruvant.server.parts;

import java.util.EnumSet;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruvant.core.log.Entry;
import ruvant.core.parts.PartsEntry;
import ruvant.core.people.Right;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.units.Money;
import ruvant.server.access.Shown;
import ruvant.server.accounts.AccountsService;
import ruvant.server.record.Unshown;
import ruvant.server.shelf.ShelfService;
import ruvant.server.shelf.SupplierService;

/** Whoever is not shown prices fits, orders and unpacks like everybody else, and the prices are kept all the same. */
@Component
class UnshownPrices implements Unshown {
    private final ShelfService shelf;
    private final SupplierService supplier;
    private final AccountsService accounts;

    UnshownPrices(ShelfService shelf, SupplierService supplier, AccountsService accounts) {
        this.shelf = shelf;
        this.supplier = supplier;
        this.accounts = accounts;
    }

    @Override
    public Entry added(Entry entry) {
        if (Shown.to(EnumSet.of(Right.MONEY))) {
            return entry;
        }
        return switch (entry) {
            case PartsEntry.Replaced piece when piece.fromShelf() != null -> piece.withCost(ofShelf(piece.fromShelf()));
            case ShelfEntry.Ordered order ->
                supplier.catalogue()
                        .item(order.number())
                        .<Entry>map(item -> order.withPrice(item.priceMinor()))
                        .orElse(order);
            case ShelfEntry.Unpacked parcel ->
                shelf.picture()
                        .order(parcel.order())
                        .<Entry>map(order -> parcel.withCost(order.what().priceMinor()))
                        .orElse(parcel);
            default -> entry;
        };
    }

    /** What one thing of the shelf cost; null where nothing, or where it is out of a donor. */
    private Money ofShelf(UUID thing) {
        return shelf.picture()
                .stock(thing)
                .map(held -> held.stock().costMinor())
                .filter(cost -> cost > 0)
                .map(cost -> new Money(cost, accounts.money().currency()))
                .orElse(null);
    }
}
