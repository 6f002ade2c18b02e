package ruvant.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static ruvant.core.shelf.ShelfLog.FIRST;
import static ruvant.core.shelf.ShelfLog.SECOND;
import static ruvant.core.shelf.ShelfLog.need;
import static ruvant.core.shelf.ShelfLog.stock;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ruvant.core.house.Rates;
import ruvant.core.shelf.BodyPart;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfLog;
import ruvant.core.shelf.Thing;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.SourceKind;
import ruvant.core.units.FieldProblem;

class SharingTest {
    private static final Rates RATES = new Rates(6_000, 300, 10_000, 600);

    private final ShelfLog shelf = new ShelfLog();

    private Sharing sharing(Map<UUID, Long> loss, Sources.Asked... asked) {
        Sources sources = new Sources(
                shelf.picture(), new Interchange(List.of()), loss, List.of(), RATES, LocalDate.of(2026, 3, 2));
        return new Sharing(Stream.of(asked)
                .map(one -> new Sharing.Wants(one, sources.of(one)))
                .toList());
    }

    private static Sources.Asked asked(int tag, String part, CameraKind into, long worth) {
        return new Sources.Asked(need(tag, part), "", into, worth, Optional.empty());
    }

    @Test
    void theOnePinionGoesWhereNothingElseHelps() {
        UUID first = shelf.add(new ShelfEntry.StockAdded(stock("pinion", FIRST, Condition.NEW), 1));
        shelf.add(new ShelfEntry.StockAdded(stock("pinion", SECOND, Condition.NEW), 1));
        // the first camera could do with either; the second fits a pinion of its own pattern only at a loss
        Sharing sharing = sharing(
                Map.of(),
                asked(61, "pinion", new CameraKind("Pellworm", "Twin", "3rd pattern"), 10_000),
                asked(62, "pinion", FIRST, 10_000));
        Sharing.Shared shared = sharing.best();

        assertThat(shared.exact()).isTrue();
        assertThat(shared.gets().get(1).got().orElseThrow().id()).isEqualTo("stock " + first);
        assertThat(shared.gets().get(0).got().orElseThrow().id()).isNotEqualTo("stock " + first);
        assertThat(shared.netMinor()).isGreaterThan(shared.oneByOneMinor());
        assertThat(sharing.insistingCostsMinor(0, "stock " + first))
                .isEqualTo(shared.netMinor() - shared.oneByOneMinor());
        assertThat(sharing.insistingCostsMinor(1, "stock " + first)).isZero();
    }

    @Test
    void aBodyIsOpenedOnlyWhereAllThatIsTakenOfItEarnsIt() {
        UUID donor = shelf.add(new ShelfEntry.DonorShelved(
                ShelfLog.donor(new BodyPart("pinion", 1500, 25), new BodyPart("cocking ring", 1500, 25))));
        Sources.Asked pinion = asked(61, "pinion", FIRST, 10_000);
        Sources.Asked ring = asked(62, "cocking ring", FIRST, 10_000);
        Map<UUID, Long> dear = Map.of(donor, 6_000L);

        assertThat(sharing(dear, pinion).best().gets().getFirst().got()).isEmpty();
        Sharing.Shared both = sharing(dear, pinion, ring).best();
        assertThat(both.gets())
                .allSatisfy(one -> assertThat(one.got().orElseThrow().kind()).isEqualTo(SourceKind.DONOR));
        assertThat(both.netMinor()).isEqualTo(2 * 4_200 - 6_000);
        assertThat(both.oneByOneMinor()).isZero();
    }

    @Test
    void piecesOfOneStockServeAsManyAsThereAre() {
        shelf.add(new ShelfEntry.StockAdded(stock("pinion", FIRST, Condition.NEW), 2));
        Sharing.Shared shared = sharing(
                        Map.of(),
                        asked(61, "pinion", FIRST, 8_000),
                        asked(62, "pinion", FIRST, 10_000),
                        asked(63, "pinion", FIRST, 9_000))
                .best();

        assertThat(shared.gets()).extracting(one -> one.got().isPresent()).containsExactly(false, true, true);
    }

    @Test
    void whatIsKeptForEachIsEachOnesOwn() {
        UUID pinions = shelf.add(new ShelfEntry.StockAdded(stock("pinion", FIRST, Condition.NEW), 2));
        shelf.add(new ShelfEntry.Reserved(Thing.stock(pinions), need(61, "pinion"), 1));
        shelf.add(new ShelfEntry.Reserved(Thing.stock(pinions), need(62, "pinion"), 1));
        Sharing.Shared shared = sharing(
                        Map.of(),
                        asked(61, "pinion", FIRST, 8_000),
                        asked(62, "pinion", FIRST, 8_000),
                        asked(63, "pinion", FIRST, 20_000))
                .best();

        assertThat(shared.gets()).extracting(one -> one.got().isPresent()).containsExactly(true, true, false);
    }

    @Test
    void aSourceThatIsNoLongerThereIsSaid() {
        assertThatThrownBy(() ->
                        sharing(Map.of(), asked(61, "pinion", FIRST, 8_000)).insistingCostsMinor(0, "stock gone"))
                .isInstanceOf(FieldProblem.class);
        assertThat(sharing(Map.of()).best().gets()).isEmpty();
    }
}
