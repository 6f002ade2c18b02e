package ruvant.server.shelf;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.parts.supplier.Catalogue;
import ruvant.core.parts.supplier.StandInSupplier;
import ruvant.core.people.Right;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.server.access.Needs;

/** The supplier's catalogue, what is on order, and the parcels that came. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/shelf", produces = MediaType.APPLICATION_JSON_VALUE)
class OrdersController {
    private static final int FOUND_AT_MOST = 60;

    private final ShelfService shelf;
    private final SupplierService supplier;
    private final Clock clock;

    OrdersController(ShelfService shelf, SupplierService supplier, Clock clock) {
        this.shelf = shelf;
        this.supplier = supplier;
        this.clock = clock;
    }

    /**
     * An order.
     *
     * @param arrived what lies in its parcel, where that has come and the order is open
     */
    record OrderRow(ShelfPicture.OrderHeld held, Instant dueAt, Optional<Catalogue.Item> arrived, boolean late) {}

    /** What can be ordered, by the words looked for. */
    record CataloguePage(String supplier, List<Catalogue.Item> found, int all) {}

    /** An order as it is sent: an open form that any supplier can read. */
    record OrderSlip(
            String format,
            int version,
            UUID order,
            Instant at,
            String supplier,
            String number,
            String name,
            int count,
            long priceMinor,
            @MayBeNull ForNeed forNeed) {}

    @GetMapping("/orders")
    List<OrderRow> orders() {
        Instant now = clock.instant();
        return shelf.picture().orders().stream()
                .sorted(Comparator.comparing(ShelfPicture.OrderHeld::at).reversed())
                .map(order -> row(order, now))
                .toList();
    }

    private OrderRow row(ShelfPicture.OrderHeld order, Instant now) {
        boolean open = order.state() == ShelfPicture.OrderState.OPEN;
        StandInSupplier.Parcel parcel = supplier.parcel(order);
        boolean here = open && !now.isBefore(parcel.arrivesAt());
        return new OrderRow(
                order,
                order.dueAt(),
                here ? Optional.of(parcel.lies()) : Optional.empty(),
                open && !here && now.isAfter(order.dueAt()));
    }

    @GetMapping("/catalogue")
    CataloguePage catalogue(@RequestParam(defaultValue = "") String find) {
        Catalogue catalogue = supplier.catalogue();
        List<String> words = List.of(find.toLowerCase(Locale.ROOT).strip().split("\\s+"));
        List<Catalogue.Item> found = catalogue.items().stream()
                .filter(item -> words.stream()
                        .allMatch((item.number() + " " + item.words()).toLowerCase(Locale.ROOT)::contains))
                .limit(FOUND_AT_MOST)
                .toList();
        return new CataloguePage(catalogue.supplier(), found, catalogue.items().size());
    }

    @GetMapping("/orders/{id}/slip")
    OrderSlip slip(@PathVariable UUID id) {
        ShelfPicture.OrderHeld order = shelf.picture()
                .order(id)
                .orElseThrow(
                        () -> new FieldProblem("order", "There is no such order.", "Check the list under Orders."));
        return new OrderSlip(
                "ruvant-order",
                1,
                order.id(),
                order.at(),
                order.what().supplier(),
                order.what().number(),
                order.what().name(),
                order.what().count(),
                order.what().priceMinor(),
                order.what().forNeed());
    }
}
