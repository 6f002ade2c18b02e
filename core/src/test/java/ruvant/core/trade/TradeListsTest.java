package ruvant.core.trade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.core.ShippedLists;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class TradeListsTest {
    private static final TradeLists LISTS = ShippedLists.LISTS;

    private static TradeLists with(
            List<TradeLists.MeterCell> cells, List<TradeLists.Rung> rungs, TradeLists.Noun... nouns) {
        return new TradeLists(1, LISTS.words(), LISTS.functions(), cells, rungs, List.of(nouns));
    }

    private static TradeLists.Rung rung(String id, boolean irreversible) {
        return new TradeLists.Rung(id, id, "somehow", "something", 0, irreversible, null);
    }

    @Test
    void whatShipsIsSound() {
        assertThat(LISTS.problems()).isEmpty();
    }

    @Test
    void washedPartsThatTurnOrSlideWantOil() {
        assertThat(LISTS.moves(PartName.of("Slow escapement"))).isTrue();
        assertThat(LISTS.moves(PartName.of("gear cover"))).isFalse();
    }

    @ParameterizedTest
    @EnumSource(BodyType.class)
    void everyKindOfCameraHasFunctionsOnceEach(BodyType body) {
        assertThat(LISTS.functionsOf(body)).isNotEmpty().doesNotHaveDuplicates();
    }

    @Test
    void theLadderGoesOnFromTheBoldestRungThatWasTried() {
        assertThat(LISTS.rungAfter("screw by the eyepiece", List.of())
                        .orElseThrow()
                        .id())
                .isEqualTo("firm-driver");
        assertThat(LISTS.rungAfter("screw by the eyepiece", List.of(Named.of("heat"), Named.of("two-tools")))
                        .orElseThrow()
                        .id())
                .isEqualTo("drill-out");
        assertThat(LISTS.rungAfter("screw by the eyepiece", List.of(Named.of("drill-out"))))
                .isEmpty();
        assertThat(LISTS.rungAfter("screw by the eyepiece", List.of(Named.of("a prayer")))
                        .orElseThrow()
                        .id())
                .isEqualTo("firm-driver");
    }

    @Test
    void aStuckRingIsNotToldToUseADriver() {
        assertThat(LISTS.rungAfter("retaining ring", List.of()).orElseThrow().id())
                .isEqualTo("friction");
        assertThat(LISTS.rungAfter("retaining ring", List.of(Named.of("heat")))
                        .orElseThrow()
                        .id())
                .isEqualTo("spanner-holes");
        assertThat(LISTS.rungAfter("set screw of the speed ring", List.of())
                        .orElseThrow()
                        .id())
                .isEqualTo("firm-driver");
    }

    @Test
    void nounsMeanWhatTheirTopicSays() {
        Map<String, Drive> drives = LISTS.nouns("drive", Drive.class);
        assertThat(drives).containsEntry("spanner", Drive.PIN_FACE).doesNotContainKey("dent");
        assertThat(LISTS.nouns("condition", ConditionKind.class)).containsEntry("dent", ConditionKind.DENT);
    }

    @Test
    void gapsAndSlipsAreFound() {
        TradeLists.MeterCell upsideDown = new TradeLists.MeterCell("a", "odd cell", 1.3, 1.5, "");
        TradeLists wrong = with(
                List.of(upsideDown, upsideDown),
                List.of(rung("saw", true), rung("push", false)),
                new TradeLists.Noun("drive", "TRIANGLE", List.of("three")),
                new TradeLists.Noun("head", "PAN", List.of("pan")),
                new TradeLists.Noun("head", "FLAT", List.of("flat", "pan")));
        assertThat(wrong.problems())
                .anyMatch(one -> one.contains("odd cell") && one.contains("1.5"))
                .anyMatch(one -> one.contains("two of the cell"))
                .anyMatch(one -> one.contains("“push” can be undone and comes after"))
                .anyMatch(one -> one.contains("“TRIANGLE” of “drive”"))
                .anyMatch(one -> one.contains("“pan” means two things"));
        assertThat(TradeLists.EMPTY.problems()).anyMatch(one -> one.contains("“covering” are missing"));
    }

    @Test
    void everythingThatTheLogLineCanNameIsThereWithItsWordsOrWithNone() {
        List<TradeLists.NounChoice> all = LISTS.nounChoices();
        assertThat(all)
                .extracting(TradeLists.NounChoice::id)
                .doesNotHaveDuplicates()
                .contains("drive.SLOTTED");
        assertThat(all)
                .filteredOn(one -> one.id().equals("drive.SLOTTED"))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.label()).isEqualTo("slotted");
                    assertThat(one.about()).isEqualTo("drive");
                    assertThat(one.noun().words()).contains("slot");
                });
        assertThat(all).anyMatch(one -> one.noun().words().isEmpty());
        assertThat(LISTS.nouns())
                .allMatch(noun -> all.stream().anyMatch(one -> one.noun().equals(noun)));
    }
}
