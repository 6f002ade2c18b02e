package ruvant.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.log.Entry;
import ruvant.core.parts.supplier.Catalogue;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfPicture;
import ruvant.core.shelf.Stock;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.Money;
import ruvant.core.units.PartName;

class KnownPricesTest {
    private static final UUID PRICED = UUID.randomUUID();
    private static final UUID FREE = UUID.randomUUID();
    private static final UUID ORDER = UUID.randomUUID();
    private static final ShelfEntry.Ordered ORDERED = ordered("T-101").withPrice(1450);

    private static final KnownPrices PRICES = new KnownPrices(
            new ShelfPicture(
                    List.of(held(PRICED, 450), held(FREE, 0)),
                    List.of(),
                    List.of(new ShelfPicture.OrderHeld(
                            ORDER, Instant.EPOCH, ORDERED, ShelfPicture.OrderState.OPEN, "")),
                    List.of(),
                    List.of()),
            new Catalogue(
                    "Quill Spares", List.of(new Catalogue.Item("T-101", "retard pinion", CameraKind.ANY, "", 1450, 6))),
            "EUR");

    private static ShelfPicture.StockHeld held(UUID id, long costMinor) {
        return new ShelfPicture.StockHeld(id, 1, stock(costMinor), 1, List.of(), Optional.empty(), 0);
    }

    private static Stock stock(long costMinor) {
        return new Stock("retard pinion", CameraKind.ANY, null, "", Condition.NEW, "drawer 3", "", costMinor, 0, "");
    }

    private static ShelfEntry.Ordered ordered(String number) {
        return new ShelfEntry.Ordered("Quill Spares", number, "retard pinion", CameraKind.ANY, 1, 0, 6, null);
    }

    private static PartsEntry.Replaced fitted(UUID fromShelf, Money cost) {
        return new PartsEntry.Replaced(
                PartName.of("retard pinion"),
                SourceKind.GENERIC,
                "drawer 3",
                "",
                true,
                "",
                null,
                null,
                "",
                cost,
                fromShelf);
    }

    @Test
    void aPieceOfTheShelfCostsWhatItCostThere() {
        assertThat(PRICES.in(fitted(PRICED, null))).isEqualTo(fitted(PRICED, new Money(450, "EUR")));
        assertThat(PRICES.in(fitted(FREE, null))).isEqualTo(fitted(FREE, null));
        assertThat(PRICES.in(fitted(UUID.randomUUID(), null)))
                .isInstanceOfSatisfying(
                        PartsEntry.Replaced.class,
                        piece -> assertThat(piece.cost()).isNull());
    }

    @Test
    void aPieceFromElsewhereKeepsWhatWasSaidOfIt() {
        Entry bought = fitted(null, new Money(700, "EUR"));
        assertThat(PRICES.in(bought)).isSameAs(bought);
    }

    @Test
    void anOrderCostsWhatTheCatalogueSays() {
        assertThat(PRICES.in(ordered("T-101"))).isEqualTo(ORDERED);
        Entry unknown = ordered("T-999");
        assertThat(PRICES.in(unknown)).isSameAs(unknown);
    }

    @Test
    void whatIsUnpackedCostsWhatItsOrderDid() {
        assertThat(PRICES.in(new ShelfEntry.Unpacked(ORDER, true, stock(0), 2)))
                .isEqualTo(new ShelfEntry.Unpacked(ORDER, true, stock(1450), 2));
        Entry unknown = new ShelfEntry.Unpacked(UUID.randomUUID(), true, stock(0), 2);
        assertThat(PRICES.in(unknown)).isSameAs(unknown);
    }
}
