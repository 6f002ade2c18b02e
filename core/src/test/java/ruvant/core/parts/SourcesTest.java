package ruvant.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
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
import ruvant.core.parts.supplier.Catalogue;
import ruvant.core.shelf.BodyPart;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.ForNeed;
import ruvant.core.shelf.ShelfEntry;
import ruvant.core.shelf.ShelfLog;
import ruvant.core.shelf.StatedFit;
import ruvant.core.shelf.Thing;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.FitOutcome;
import ruvant.core.trade.SourceKind;

class SourcesTest {
    private static final Rates RATES = new Rates(6_000, 300, 10_000, 120);
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    private static final ForNeed NEED = need(61, "retard pinion");
    private static final Catalogue CATALOGUE = new Catalogue(
            "Cobb & Daughters",
            List.of(
                    new Catalogue.Item("P-14", "retard pinion", FIRST, "", 1400, 9),
                    new Catalogue.Item("P-15", "retard pinion", new CameraKind("Quillon", "35", ""), "", 900, 2),
                    new Catalogue.Item("P-20", "shutter blade", FIRST, "", 700, 2)));

    private final ShelfLog shelf = new ShelfLog();

    private List<Sources.Source> sources(Interchange interchange, Map<UUID, Long> loss, LocalDate promised) {
        return new Sources(shelf.picture(), interchange, loss, List.of(CATALOGUE), RATES, TODAY)
                .of(new Sources.Asked(NEED, "pinion of 14 teeth", FIRST, 10_000, Optional.ofNullable(promised)));
    }

    private static Sources.Source of(List<Sources.Source> sources, SourceKind kind) {
        return sources.stream().filter(one -> one.kind() == kind).findFirst().orElseThrow();
    }

    @Test
    void everyTermIsShownAndTheyMakeUpTheSum() {
        shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", FIRST, Condition.CHECKED), 1));
        UUID donor = shelf.add(new ShelfEntry.DonorShelved(ShelfLog.donor(new BodyPart("retard pinion", 1500, 25))));
        List<Sources.Source> all = sources(new Interchange(List.of()), Map.of(donor, 4_000L), LocalDate.of(2026, 3, 6));

        assertThat(all)
                .extracting(Sources.Source::kind)
                .containsExactlyInAnyOrder(
                        SourceKind.STOCK, SourceKind.DONOR, SourceKind.BOUGHT, SourceKind.FABRICATED);
        assertThat(all)
                .allSatisfy(one -> assertThat(one.worth().terms().stream()
                                .mapToLong(Term::minor)
                                .sum())
                        .isEqualTo(one.worth().netMinor()));
        assertThat(all)
                .isSortedAccordingTo(
                        (a, b) -> Long.compare(b.worth().netMinor(), a.worth().netMinor()));

        // 0.9 × 0.95 of 100.00, less 5 minutes at 60.00 an hour
        assertThat(of(all, SourceKind.STOCK).worth().netMinor()).isEqualTo(8_550 - 500);
        // 0.9 × 0.8 of 100.00, 30 minutes, the body's loss
        assertThat(of(all, SourceKind.DONOR).worth().netMinor()).isEqualTo(7_200 - 3_000 - 4_000);
        assertThat(of(all, SourceKind.DONOR).netOnceOpenMinor()).isEqualTo(4_200);
        // 0.9 × 0.98 of 100.00, its price, 5 minutes; it comes on the 11th, five days late
        assertThat(of(all, SourceKind.BOUGHT).worth().netMinor()).isEqualTo(8_820 - 1_400 - 500 - 5 * 300);
        assertThat(of(all, SourceKind.FABRICATED).worth().netMinor()).isEqualTo(7_500 - 12_000);
    }

    @Test
    void whatWasTriedHereMovesTheChance() {
        shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", SECOND, Condition.NEW), 1));
        Sources.Source before = of(sources(new Interchange(List.of()), Map.of(), null), SourceKind.STOCK);
        List<Fit> tried = Stream.generate(() -> new Fit("retard pinion", SECOND, FIRST, FitOutcome.WITH_WORK))
                .limit(4)
                .toList();
        Sources.Source after = of(sources(new Interchange(tried), Map.of(), null), SourceKind.STOCK);

        assertThat(after.chances().fits()).isGreaterThan(before.chances().fits());
        assertThat(after.chances().fitWords()).isEqualTo("same model, other pattern, fits in 4 of 4 tries here");
        // it always took work
        assertThat(after.effort().minutes()).isEqualTo(before.effort().minutes() + 30);
    }

    @Test
    void aPartOfAnotherModelIsNotOrderedUnlessItIsKnownToFit() {
        assertThat(sources(new Interchange(List.of()), Map.of(), null))
                .extracting(source -> source.what().number())
                .contains("P-14")
                .doesNotContain("P-15", "P-20");
        StatedFit stated = new StatedFit(
                "retard pinion", new CameraKind("Quillon", "35", ""), FIRST, StatedFit.Strength.MOSTLY, "");
        assertThat(sources(new Interchange(List.of(), List.of(stated)), Map.of(), null))
                .extracting(source -> source.what().number())
                .contains("P-15");
    }

    @Test
    void whatIsKeptForAnotherIsNoSourceAndWhatIsKeptForThisIsSaidToBe() {
        UUID pinions = shelf.add(new ShelfEntry.StockAdded(stock("retard pinion", FIRST, Condition.NEW), 1));
        shelf.add(new ShelfEntry.Reserved(Thing.stock(pinions), NEED, 1));
        assertThat(of(sources(new Interchange(List.of()), Map.of(), null), SourceKind.STOCK)
                        .keptForThis())
                .isTrue();

        shelf.add(new ShelfEntry.Released(Thing.stock(pinions), NEED));
        shelf.add(new ShelfEntry.Reserved(Thing.stock(pinions), need(62, "retard pinion"), 1));
        assertThat(sources(new Interchange(List.of()), Map.of(), null))
                .extracting(Sources.Source::kind)
                .doesNotContain(SourceKind.STOCK);
    }

    @Test
    void whatIsOrderedForANeedIsItsSourceAndCostsNoMore() {
        shelf.add(new ShelfEntry.Ordered("Cobb & Daughters", "P-14", "retard pinion", FIRST, 1, 1400, 9, NEED));
        shelf.add(new ShelfEntry.Ordered(
                "Cobb & Daughters", "P-14", "retard pinion", FIRST, 1, 1400, 9, need(62, "retard pinion")));
        List<Sources.Source> coming = sources(new Interchange(List.of()), Map.of(), LocalDate.of(2026, 3, 6)).stream()
                .filter(one -> one.id().startsWith("coming"))
                .toList();

        assertThat(coming).singleElement().satisfies(one -> {
            assertThat(one.effort().days()).isEqualTo(9);
            assertThat(one.worth().netMinor()).isEqualTo(8_820 - 500 - 5 * 300);
            assertThat(one.keptForThis()).isTrue();
        });
    }

    @Test
    void namesMeetHoweverTheyAreCalled() {
        PartMatch<String> names = new PartMatch<>(
                Stream.of("winding pinion", "retard pinion, 14 teeth", "pinion", "pinion 14 teeth"), name -> name);
        assertThat(names.speakingOf(NEED.part(), "")).containsExactly("retard pinion, 14 teeth", "pinion");
        assertThat(names.speakingOf(NEED.part(), "pinion of 14 teeth"))
                .containsExactly("retard pinion, 14 teeth", "pinion", "pinion 14 teeth");
    }
}
