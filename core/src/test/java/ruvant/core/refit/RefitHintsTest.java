package ruvant.core.refit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.find.Seen;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.intake.VisitorVerdict;
import ruvant.core.job.JobEntry;
import ruvant.core.prove.ProveEntry;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Side;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

class RefitHintsTest {
    private static final PartName PLATE = PartName.of("plate");

    private final Logs logs = Logs.camera();
    private List<String> slips = List.of();

    private void off(Fastener... fasteners) {
        off(false, fasteners);
    }

    private void off(boolean covers, Fastener... fasteners) {
        logs.add(new StripEntry.Removed(
                PLATE, Side.TOP, covers, List.of(fasteners), List.of(), List.of(), "", null, List.of(), Set.of(), ""));
    }

    private List<String> hints() {
        var picture = logs.picture();
        return RefitHints.of(
                picture.valley().part(PLATE).orElseThrow(),
                VisitorVerdict.of(picture.intake().visitorSigns()),
                logs.stands().refit().stillToTry(picture.valley().part(PLATE).orElseThrow()),
                slips,
                picture.find().watched(PLATE).stream().map(Seen::condition).toList());
    }

    @Test
    void aPartHeldByTwoScrewsNeedsNoHint() {
        off(Fastener.slotted(2, 1.4, 3));
        assertThat(hints()).isEmpty();
    }

    @Test
    void severalScrewsAreAllStartedBeforeAnyIsTight() {
        off(Fastener.slotted(2, 1.4, 3), Fastener.slotted(1, 1.4, 5));
        assertThat(hints()).containsExactly("Start all 3 before any is tight.");
    }

    @Test
    void ofACoverThatIsAChecksBusiness() {
        off(true, Fastener.slotted(2, 1.4, 3), Fastener.slotted(1, 1.4, 5));
        assertThat(hints()).isEmpty();
        assertThat(logs.picture().valley().part(PLATE).orElseThrow().openChecks())
                .extracting(GateCheck::text)
                .contains("All 3 started before any is tight");
    }

    @Test
    void whatWorkedIsTriedAgainBeforeTheCoverClosesOverTheWork() {
        logs.add(
                new IntakeEntry.FunctionChecked("Self-timer", FunctionResult.WORKS, ""),
                new IntakeEntry.FunctionChecked("Speed 1/60", FunctionResult.WORKS, ""),
                new IntakeEntry.FunctionChecked("Meter", FunctionResult.FAILS, ""));
        off(true);
        logs.add(StripEntry.Removed.of("escapement", Side.TOP, false));
        assertThat(hints()).isEmpty();
        logs.add(new TreatEntry.Mended(PartName.of("escapement"), "pin straightened", false));
        assertThat(hints()).containsExactly("Not tried again yet: Self-timer, Speed 1/60.");
        assertThat(logs.stands()
                        .refit()
                        .checks(logs.picture().valley().part(PLATE).orElseThrow()))
                .extracting(GateCheck::text)
                .contains("What worked at intake tried again while it can be reached");
        logs.add(new ProveEntry.FiringsTimed("1/60", Phase.AFTER, Attitude.LEVEL, "", List.of(0.017), false));
        assertThat(hints()).containsExactly("Not tried again yet: Self-timer.");
        logs.add(new ProveEntry.FunctionProved("Self-timer", FunctionResult.WORKS, ""));
        assertThat(hints()).isEmpty();
    }

    @Test
    void whatWentWrongThereBeforeIsSaid() {
        off();
        slips = List.of("long screw in short hole; stood proud");
        assertThat(hints()).containsExactly("This has gone wrong here before: long screw in short hole; stood proud.");
    }

    @Test
    void howItCameAwayAndWhatToKeepAnEyeOnIsSaid() {
        logs.add(BenchLine.of(logs.picture(), Logs.SHOP)
                .read("off plate, tilt it left first, beware the wire under it")
                .entries()
                .toArray(JobEntry[]::new));
        logs.add(new FindEntry.Found(new Seen(PLATE, "", "hairline crack", "", 1, false, true)));
        assertThat(hints())
                .containsExactly(
                        "It came away so: tilt it left first.",
                        "It came away so: mind: the wire under it.",
                        "Keep an eye on it: hairline crack.");
    }

    @Test
    void screwsThatStayInAreNotStarted() {
        off(Fastener.slotted(3, 1.2, 1.5).with(FastenerTrait.LOOSENED_ONLY));
        assertThat(hints()).isEmpty();
    }

    @Test
    void afterACarelessHandEachLengthIsMeasured() {
        logs.add(new IntakeEntry.VisitorSign(VisitorSignKind.CHEWED_SLOT, ""));
        off(Fastener.slotted(1, 1.4, 3));
        assertThat(hints()).singleElement().asString().contains("measure each screw");
    }

    @Test
    void whatWasTriedUnfixedIsNotForgotten() {
        off(Fastener.slotted(1, 1.4, 3));
        logs.add(new RefitEntry.TriedUnfixed(PLATE, ""));
        assertThat(hints()).singleElement().asString().contains("fasteners are still out");
    }

    @Test
    void aPartThatIsBackNeedsNone() {
        off(Fastener.slotted(4, 1.4, 3));
        logs.add(new RefitEntry.Refitted(
                PLATE, List.of(new FastenersBack(Fastener.slotted(4, 1.4, 3).type(), 4, 0, 0)), "checked by eye", ""));
        assertThat(hints()).isEmpty();
    }
}
