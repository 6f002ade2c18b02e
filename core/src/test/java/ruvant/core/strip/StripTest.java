package ruvant.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.Logs;
import ruvant.core.refit.RefitEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.Side;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

class StripTest {
    private final Logs logs = Logs.camera();

    private static StripEntry.Removed held(String part, String well, Fastener... fasteners) {
        return new StripEntry.Removed(
                PartName.of(part),
                Side.TOP,
                false,
                List.of(fasteners),
                List.of(),
                List.of(WellName.parse(well)),
                "",
                null,
                List.of(),
                Set.of(),
                "");
    }

    private ValleyPart part(String name) {
        return logs.picture().valley().part(PartName.of(name)).orElseThrow();
    }

    @Test
    void coversLieOverWhatComesOffUnderThemOnTheirSide() {
        logs.add(
                Logs.off("leather", true),
                Logs.off("front plate", true),
                Logs.off("ring", false),
                Logs.off("train", false));
        logs.add(StripEntry.Removed.of("bottom plate", Side.BOTTOM, true));
        assertThat(part("leather").place().depth()).isZero();
        assertThat(part("front plate").over()).containsExactly(PartName.of("leather"));
        assertThat(part("ring").over()).containsExactlyInAnyOrder(PartName.of("leather"), PartName.of("front plate"));
        assertThat(part("train").place().lying())
                .as("what is not known to lie over it is taken to, since it came off first")
                .containsEntry(PartName.of("front plate"), Basis.COVER)
                .containsEntry(PartName.of("ring"), Basis.DEFAULT);
        assertThat(part("train").place().level()).isEqualTo(3);
        assertThat(part("bottom plate").over()).as("another side").isEmpty();
    }

    @Test
    void aCoverThatIsBackCoversNothingNew() {
        logs.add(Logs.off("plate", true));
        logs.add(new ruvant.core.refit.RefitEntry.Refitted(PartName.of("plate"), List.of(), "trial", ""));
        logs.add(Logs.off("ring", false));
        assertThat(part("ring").over()).isEmpty();
    }

    @Test
    void nothingComesOffTwice() {
        logs.add(Logs.off("front plate", true));
        assertThat(logs.refusal(Logs.off("Front Plate", true)).orElseThrow().message())
                .contains("is already off", "Ada");
    }

    @Test
    void aCircleIsRefusedNamingTheLoop() {
        logs.add(Logs.off("a1", false), Logs.off("b1", false), Logs.off("c1", false));
        logs.add(new StripEntry.EdgeSet(PartName.of("a1"), PartName.of("b1"), true));
        logs.add(new StripEntry.EdgeSet(PartName.of("b1"), PartName.of("c1"), true));
        assertThat(logs.refusal(new StripEntry.EdgeSet(PartName.of("c1"), PartName.of("a1"), true))
                        .orElseThrow()
                        .message())
                .isEqualTo("That makes a circle: a1 under c1 under b1 under a1.");
        assertThatThrownBy(() -> new StripEntry.EdgeSet(PartName.of("a1"), PartName.of("a1"), true))
                .isInstanceOf(FieldProblem.class);
    }

    @Test
    void anUnknownWellIsRefusedWithTheTraysBounds() {
        assertThat(logs.refusal(held("knob", "G9")).orElseThrow())
                .satisfies(refusal -> assertThat(refusal.message()).contains("G9"))
                .satisfies(refusal -> assertThat(refusal.remedy()).contains("A1 to D6"));
    }

    @Test
    void lookAlikesAreFoundOverEverythingThatIsOut() {
        logs.add(
                held("one", "A1", Fastener.slotted(3, 1.4, 3)),
                held("two", "A3", Fastener.slotted(1, 1.4, 3.5)),
                held("three", "A5", Fastener.slotted(1, 1.7, 3.5)),
                held("four", "B1", Fastener.slotted(1, 1.4, 5)));
        List<LookAlikes.Pair> pairs = LookAlikes.among(logs.picture().valley(), 1.0);
        assertThat(pairs).hasSize(1);
        assertThat(pairs.getFirst().longerOf()).isEqualTo(PartName.of("two"));
        assertThat(LookAlikes.among(logs.picture().valley(), 2.0)).hasSize(3);
    }

    @Test
    void aSuggestedWellKeepsLookAlikesApart() {
        logs.add(held("one", "A1", Fastener.slotted(3, 1.4, 3)));
        Trays trays = Trays.of(logs.picture().valley(), Logs.SHOP.practice());
        assertThat(trays.suggestion(List.of(Fastener.slotted(1, 1.4, 3.5)), 1.0, Set.of()))
                .contains(WellName.parse("A3"));
        assertThat(trays.suggestion(List.of(Fastener.slotted(1, 2, 3.5)), 1.0, Set.of()))
                .contains(WellName.parse("A2"));
    }

    @Test
    void aFullTraySuggestsNothing() {
        for (int row = 0; row < 4; row++) {
            for (int column = 1; column <= 6; column++) {
                logs.add(held("part " + row + column, new WellName(row, column).toString()));
            }
        }
        assertThat(Trays.of(logs.picture().valley(), Logs.SHOP.practice()).suggestion(List.of(), 1.0, Set.of()))
                .isEqualTo(Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({
        "front plate, true",
        "Top cover, true",
        "lower leather panel, true",
        "focus knob, false",
        "retard train, false",
        "cover screw, false",
        "speed cam plate, true",
        "taking lens front cell, false"
    })
    void guessesFromTheNameWhatCovers(String name, boolean covers) {
        assertThat(Logs.SHOP.lists().covers(name)).isEqualTo(covers);
    }

    @Test
    void fastenersAreCheckedAndNamed() {
        assertThat(Fastener.slotted(3, 1.4, 3.5).words()).isEqualTo("3 × slotted screw 1.4 × 3.5");
        assertThatThrownBy(() -> Fastener.slotted(0, 1.4, 3)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> Fastener.slotted(1, 0, 3))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("0.3 to 60 mm");
        assertThatThrownBy(() -> Fastener.slotted(1, 1.4, 300)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> held("knob", "A1", Fastener.slotted(1, 1.4, 3), Fastener.slotted(2, 1.4, 3)))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("twice");
    }

    @Test
    void aPartThatComesOffAgainIsHeldAsItWentBack() {
        Fastener screws = Fastener.slotted(4, 1.7, 3);
        logs.add(new StripEntry.Removed(
                PartName.of("plate"),
                Side.TOP,
                true,
                List.of(screws),
                List.of(),
                List.of(),
                "",
                new Mark("dot at notch", ""),
                List.of(new LoosePart("detent ball", 1)),
                Set.of(Hazard.BALL),
                "tilt it"));
        logs.put(new RefitEntry.Refitted(
                PartName.of("plate"), List.of(new FastenersBack(screws.type(), 3, 1, 0)), "one is lost", ""));
        logs.add(StripEntry.Removed.of("plate", Side.TOP, true));
        ValleyPart again = part("plate");
        assertThat(again.removed().fasteners()).as("three went back").containsExactly(screws.withCount(3));
        assertThat(again.removed().loose()).hasSize(1);
        assertThat(again.openChecks()).extracting(GateCheck::text).contains("Mark matched: dot at notch");
        assertThat(again.removed().remark())
                .as("what is said of this time alone")
                .isEmpty();
        logs.put(new RefitEntry.Refitted(PartName.of("plate"), List.of(), "trial", ""));
        logs.add(new StripEntry.Removed(
                PartName.of("plate"),
                Side.TOP,
                true,
                List.of(Fastener.slotted(2, 1.4, 2)),
                List.of(),
                List.of(),
                "",
                null,
                List.of(),
                Set.of(),
                ""));
        assertThat(part("plate").removed().fasteners())
                .as("what is said now counts")
                .containsExactly(Fastener.slotted(2, 1.4, 2));
    }
}
