package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.house.HousePractice;
import ruvant.core.house.TrayShape;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Side;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

class TraysTest {
    private static final HousePractice HERE = HousePractice.starting();
    private final Logs logs = Logs.camera();

    private Trays trays(TrayShape... shapes) {
        return Trays.of(
                logs.picture().valley(),
                new HousePractice(
                        HERE.school(),
                        List.of(shapes),
                        HERE.people(),
                        HERE.stations(),
                        HERE.head(),
                        HERE.standards(),
                        HERE.speeds(),
                        HERE.reckoning()));
    }

    private static StripEntry.Removed in(String part, String... wells) {
        return new StripEntry.Removed(
                PartName.of(part),
                Side.TOP,
                false,
                List.of(Fastener.slotted(1, 1.4, 3)),
                List.of(),
                List.of(wells).stream().map(WellName::parse).toList(),
                "",
                null,
                List.of(),
                Set.of(),
                "");
    }

    private static final TrayShape LARGE = new TrayShape("", 4, 6);
    private static final TrayShape SMALL = new TrayShape("lidded", 1, 2);

    @Test
    void aWellOfAnotherTrayHasItsNumberBeforeIt() {
        assertThat(WellName.parse("2b3")).isEqualTo(new WellName(2, 1, 3)).hasToString("2B3");
        assertThat(WellName.parse("1b3")).isEqualTo(WellName.parse("B3")).hasToString("B3");
        assertThat(WellName.parse("B3").adjoins(WellName.parse("2B4"))).isFalse();
        assertThat(WellName.parse("D6")).isLessThan(WellName.parse("2A1"));
    }

    @Test
    void aWellThatNoTrayHasIsRefusedWithWhatThereIs() {
        Trays both = trays(LARGE, SMALL);
        assertThat(both.objection(List.of(WellName.parse("2A2")))).isEmpty();
        assertThat(both.objection(List.of(WellName.parse("2B1"))))
                .hasValueSatisfying(refusal -> assertThat(refusal.message() + refusal.remedy())
                        .isEqualTo("There is no well 2B1 in tray 2.It has 2A1 to 2A2."));
        assertThat(both.objection(List.of(WellName.parse("3A1"))))
                .hasValueSatisfying(refusal -> assertThat(refusal.remedy()).startsWith("There are trays 1 to 2."));
        assertThat(trays(LARGE).objection(List.of(WellName.parse("2A1"))))
                .hasValueSatisfying(refusal -> assertThat(refusal.remedy()).contains("one tray, with A1 to D6"));
    }

    @Test
    void aTrayWithThisCamerasPiecesComesFirstThenOneThatNobodyUses() {
        assertThat(trays(LARGE, SMALL).suggestion(List.of(), 1, Set.of())).contains(WellName.parse("A1"));
        assertThat(trays(LARGE, SMALL).suggestion(List.of(), 1, Set.of(1))).contains(WellName.parse("2A1"));
        assertThat(trays(LARGE, SMALL).suggestion(List.of(), 1, Set.of(1, 2))).contains(WellName.parse("A1"));
        logs.add(in("ring", "C1"));
        assertThat(trays(LARGE, SMALL).suggestion(List.of(), 1, Set.of(1))).contains(WellName.parse("A1"));
        assertThat(trays(LARGE, SMALL).inUse()).containsExactly(1);
    }

    @Test
    void whenItsOwnTrayIsFullTheNextIsOffered() {
        logs.add(in("ring", "A1"), in("plate", "A2"));
        assertThat(trays(SMALL).suggestion(List.of(), 1, Set.of())).isEqualTo(Optional.empty());
        assertThat(trays(SMALL, SMALL).suggestion(List.of(), 1, Set.of())).contains(WellName.parse("2A1"));
    }

    @Test
    void piecesInAWellThatIsNoMoreAreNotForgotten() {
        logs.add(in("ring", "D6"));
        assertThat(trays(SMALL).nowhere()).extracting(Trays.Well::name).containsExactly(WellName.parse("D6"));
        assertThat(trays(LARGE).nowhere()).isEmpty();
    }

    @Test
    void wellsAreListedAsTheyLieAndEachOnce() {
        assertThat(Trays.rows(2, SMALL)).containsExactly(List.of(WellName.parse("2A1"), WellName.parse("2A2")));
        List<WellName> all = Trays.all(List.of(LARGE, SMALL));
        assertThat(all).hasSize(26).doesNotHaveDuplicates().isSorted();
        assertThat(all).allMatch(trays(LARGE, SMALL)::has);
    }
}
