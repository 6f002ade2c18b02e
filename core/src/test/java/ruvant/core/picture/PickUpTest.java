package ruvant.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.parts.PartsEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.Trays;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

class PickUpTest {
    private static final PartName PLATE = PartName.of("plate");

    private final Logs logs = Logs.camera();

    private PickUp pickUp() {
        JobPicture picture = logs.picture();
        return PickUp.of(picture, Trays.of(picture.valley(), Logs.SHOP.practice()), logs.now());
    }

    private static StripEntry.Removed off(String part, String... wells) {
        return new StripEntry.Removed(
                PartName.of(part),
                Side.TOP,
                false,
                List.of(Fastener.slotted(2, 1.4, 3)),
                List.of(),
                List.of(wells).stream().map(WellName::parse).toList(),
                "",
                null,
                List.of(),
                Set.of(Hazard.SPRING, Hazard.BALL),
                "");
    }

    @Test
    void aCameraJustInHasNothingToPickUp() {
        PickUp fresh = pickUp();
        assertThat(fresh.halfDone()).isEmpty();
        assertThat(fresh.standing()).isEmpty();
        assertThat(fresh.ranOut()).isEmpty();
        assertThat(fresh.looseIn()).isEmpty();
        assertThat(fresh.lastAt()).isEqualTo(Logs.START);
    }

    @Test
    void saysWhatWasDoneLastNewestFirstAndWhen() {
        logs.after(10).add(off("cover"));
        logs.after(10).add(off("plate"));
        PickUp later = pickUp();
        assertThat(later.lastAt()).isEqualTo(logs.now());
        assertThat(later.last()).first().satisfies(done -> {
            assertThat(done.words()).startsWith("took off plate");
            assertThat(done.by()).isEqualTo("Ada");
        });
        assertThat(later.last().get(1).words()).startsWith("took off cover");
    }

    @Test
    void namesEverythingThatIsHalfDone() {
        logs.add(off("plate", "B1"));
        List<String> checks = logs.picture().valley().part(PLATE).orElseThrow().checks().stream()
                .map(check -> check.text())
                .toList();
        assertThat(checks).hasSizeGreaterThan(1);
        logs.add(
                new RefitEntry.GateAnswered(PLATE, checks.getFirst(), true, ""),
                new RefitEntry.TriedUnfixed(PLATE, ""),
                new StripEntry.SpringLetDown("mainspring", 3, ""),
                new SittingEntry.Decided("new seals or old", "", true),
                new StripEntry.StuckTried(PLATE, "slotted screw 1.4 × 3.0", Named.of("firm driver"), false, "", ""),
                new SittingEntry.ToolNoted("lens spanner", false, ""),
                new PartsEntry.NeedOpened(PLATE, "a washer"));
        assertThat(pickUp().halfDone())
                .containsExactly(
                        "plate is in its place, not fixed",
                        "mainspring is let down",
                        "checks before plate begun",
                        "to decide: new seals or old",
                        "stuck: slotted screw 1.4 × 3.0 of plate",
                        "waiting for a tool: lens spanner",
                        "needed: a washer");
    }

    @Test
    void whatWasFinishedIsHalfDoneNoMore() {
        logs.add(
                off("plate"),
                new StripEntry.SpringLetDown("mainspring", 3, ""),
                new SittingEntry.ToolNoted("lens spanner", false, ""),
                new RefitEntry.TrialAssembled(List.of(PLATE), "with tape"));
        assertThat(pickUp().halfDone()).contains("trial assembly together: with tape");
        logs.add(
                new RefitEntry.TrialUndone("still sticks"),
                new StripEntry.SpringWound("mainspring", 3, ""),
                new SittingEntry.ToolNoted("lens spanner", true, ""));
        assertThat(pickUp().halfDone()).isEmpty();
    }

    @Test
    void saysHowItStandsAndWhichWaitsRanOut() {
        logs.add(
                new StripEntry.StateSet(MechanismState.MIRROR_UP),
                new StripEntry.StateSet(MechanismState.RELEASED),
                new StripEntry.StateSet(MechanismState.COCKED),
                off("plate"),
                new TreatEntry.WaitStarted(PLATE, "flash-off", 10),
                new TreatEntry.WaitStarted(null, "glue", 600));
        assertThat(pickUp().ranOut()).isEmpty();
        logs.after(11);
        assertThat(pickUp().standing()).containsExactly("cocked", "mirror up");
        assertThat(pickUp().ranOut()).containsExactly("flash-off, plate");
    }

    @Test
    void namesAHandfulOfWellsAndCountsTheOthers() {
        IntStream.rangeClosed(1, 6).forEach(i -> logs.add(off("part " + i, "A" + i)));
        assertThat(pickUp().looseIn()).isEqualTo("A1 A2 A3 A4 A5 A6");
        IntStream.rangeClosed(1, 4).forEach(i -> logs.add(off("piece " + i, "B" + i)));
        assertThat(pickUp().looseIn()).isEqualTo("A1 A2 A3 A4 A5 A6 B1 B2 and 2 more");
    }
}
