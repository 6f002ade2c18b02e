package ruvant.server.parts;

import java.util.EnumSet;
import org.springframework.stereotype.Component;
import ruvant.core.log.Entry;
import ruvant.core.parts.KnownPrices;
import ruvant.core.people.Right;
import ruvant.server.access.Shown;
import ruvant.server.accounts.AccountsService;
import ruvant.server.record.Unshown;
import ruvant.server.shelf.ShelfService;
import ruvant.server.shelf.SupplierService;

/** Puts in the prices of the shelf for people who are not shown them. */
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
        return Shown.to(EnumSet.of(Right.MONEY))
                ? entry
                : new KnownPrices(
                                shelf.picture(),
                                supplier.catalogue(),
                                accounts.money().currency())
                        .in(entry);
    }
}
