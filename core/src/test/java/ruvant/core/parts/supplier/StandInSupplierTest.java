package ruvant.core.parts.supplier;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfLog;
import ruvant.core.units.FieldProblem;

class StandInSupplierTest {
    private static final Instant AT = Instant.parse("2026-03-02T09:00:00Z");
    private static final Catalogue CATALOGUE = new Catalogue(
            "Cobb & Daughters",
            List.of(
                    new Catalogue.Item("P-14", "retard pinion", ShelfLog.FIRST, "14 teeth", 1400, 4),
                    new Catalogue.Item("P-15", "retard pinion", ShelfLog.SECOND, "15 teeth", 1400, 4)));
    private static final ShelfEntry.Ordered ORDER =
            new ShelfEntry.Ordered("Cobb & Daughters", "P-14", "retard pinion", ShelfLog.FIRST, 2, 1400, 4, null);

    private final StandInSupplier supplier = new StandInSupplier(CATALOGUE);

    private List<StandInSupplier.Parcel> many() {
        Random random = new Random(7);
        return Stream.generate(() -> new UUID(random.nextLong(), random.nextLong()))
                .limit(1_000)
                .map(order -> supplier.parcel(order, AT, ORDER))
                .toList();
    }

    @Test
    void aNumberIsGivenOnce() {
        Catalogue.Item item = CATALOGUE.items().getFirst();
        assertThatThrownBy(() -> new Catalogue("Cobb & Daughters", List.of(item, item)))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("P-14");
    }

    @Test
    void theSameOrderComesTheSameWay() {
        UUID order = UUID.randomUUID();
        assertThat(supplier.parcel(order, AT, ORDER)).isEqualTo(supplier.parcel(order, AT, ORDER));
    }

    @Test
    void mostComeInTimeSomeLateAndNoneEarly() {
        assertThat(many())
                .allSatisfy(
                        one -> assertThat(Duration.between(AT, one.arrivesAt()).toDays())
                                .isBetween(4L, 7L));
        assertThat(many().stream()
                        .filter(one -> one.arrivesAt().equals(AT.plus(Duration.ofDays(4))))
                        .count())
                .isBetween(700L, 800L);
    }

    @Test
    void nowAndThenAnotherPatternLiesInIt() {
        assertThat(many().stream()
                        .filter(one -> one.lies().number().equals("P-15"))
                        .count())
                .isBetween(80L, 160L);
        assertThat(new StandInSupplier(new Catalogue(
                                "Cobb & Daughters", List.of(CATALOGUE.items().getFirst())))
                        .parcel(UUID.randomUUID(), AT, ORDER)
                        .lies()
                        .number())
                .isEqualTo("P-14");
    }
}
