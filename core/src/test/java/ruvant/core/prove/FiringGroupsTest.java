package ruvant.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.adjust.AdjustEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.AdjusterLock;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.FiringSource;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Side;
import ruvant.core.trade.StandSetup;
import ruvant.core.trade.TurnUnit;
import ruvant.core.units.PartName;

class FiringGroupsTest {
    private static final PartName TRAIN = PartName.of("retard train");

    private final Logs logs = Logs.camera();

    private void timed(String speed, Phase phase, Double... seconds) {
        logs.add(new ProveEntry.FiringsTimed(speed, phase, Attitude.LEVEL, "", List.of(seconds), false));
    }

    private void simulated(String speed, double seconds) {
        logs.add(new ProveEntry.FiringsMeasured(
                speed,
                Phase.AFTER,
                Attitude.LEVEL,
                "diode",
                StandSetup.leaf(),
                "",
                1,
                List.of(new MeasuredFiring(1, seconds, 1e-6, Set.of(), List.of(), Optional.empty(), Optional.empty())),
                false,
                new FiringSource("stand-in", "One diode", true)));
    }

    private SpeedRow row(String speed) {
        return logs.stands().picture().speeds().stream()
                .filter(row -> row.speed().equals(speed))
                .findFirst()
                .orElseThrow();
    }

    private void described(String adjuster, String... speeds) {
        logs.add(new AdjustEntry.AdjusterDescribed(
                adjuster,
                TurnUnit.EIGHTHS,
                -2,
                2,
                AdjusterLock.NONE,
                "",
                "",
                0,
                List.of(speeds).stream()
                        .map(speed -> new AdjustEntry.Moves(speed, 1))
                        .toList()));
    }

    @Test
    void whatIsDoneToTheMechanismBeginsAnotherGroupAndOnlyTheLastCounts() {
        timed("1/60", Phase.AFTER, 0.0310, 0.0315);
        logs.add(new AdjustEntry.Turned("small screw", TurnUnit.EIGHTHS, 0.125, ""));
        assertThat(row("1/60").after()).as("nothing was fired since").isEmpty();
        timed("1/60", Phase.AFTER, 0.0165);
        assertThat(row("1/60").after().orElseThrow().seconds()).containsExactly(0.0165);
        assertThat(row("1/60").earlier()).singleElement().satisfies(earlier -> {
            assertThat(earlier.firings()).isEqualTo(2);
            assertThat(earlier.biasEv()).isCloseTo(1.0, within(0.05));
        });
    }

    @Test
    void aTurnLeavesSpeedsStandingThatItIsKnownNotToMove() {
        described("train depth", "1", "1/8");
        timed("1/8", Phase.AFTER, 0.13);
        timed("1/500", Phase.AFTER, 0.002);
        logs.add(new AdjustEntry.Turned("train depth", TurnUnit.EIGHTHS, 0.125, ""));
        assertThat(row("1/8").after()).isEmpty();
        assertThat(row("1/500").after()).as("the train does not run at it").isPresent();
    }

    @Test
    void whatCameInIsWhatWasFiredFirst() {
        timed("1/60", Phase.BEFORE, 0.0330);
        logs.add(StripEntry.Removed.of("top cover", Side.TOP, true));
        timed("1/60", Phase.BEFORE, 0.0240);
        timed("1/125", Phase.BEFORE, 0.0160);
        assertThat(row("1/60").before().orElseThrow().seconds()).containsExactly(0.0330);
        assertThat(row("1/125").before().orElseThrow().seconds()).containsExactly(0.0160);
    }

    @Test
    void aCoverThatGoesBackLeavesFiringsStandingAndAPartOfTheWorksDoesNot() {
        logs.add(
                StripEntry.Removed.of("front cover", Side.FRONT, true),
                StripEntry.Removed.of("retard train", Side.FRONT, false));
        timed("1/60", Phase.AFTER, 0.0165);
        logs.add(new RefitEntry.Refitted(TRAIN, List.of(), "no screws", ""));
        assertThat(row("1/60").after()).isEmpty();
        timed("1/60", Phase.AFTER, 0.0166);
        logs.add(new RefitEntry.Refitted(PartName.of("front cover"), List.of(), "checked by eye", ""));
        assertThat(row("1/60").after()).isPresent();
    }

    @Test
    void aPartThatWasTriedInItsPlaceIsOnlyFixed() {
        logs.add(
                StripEntry.Removed.of("front cover", Side.FRONT, true),
                StripEntry.Removed.of("retard train", Side.FRONT, false));
        logs.add(
                new RefitEntry.TriedUnfixed(TRAIN, ""), new ProveEntry.Fired(true, ""), new ProveEntry.Fired(true, ""));
        logs.add(new RefitEntry.Refitted(TRAIN, List.of(), "no screws", ""));
        assertThat(logs.picture().prove().streak().current()).isEqualTo(2);
    }

    @Test
    void simulatedFiguresAreMarkedProveNothingAndReachNoSheet() {
        logs.add(new IntakeEntry.FunctionChecked("Speed 1/60", FunctionResult.WORKS, ""));
        simulated("1/60", 0.0166);
        assertThat(row("1/60").after().orElseThrow().simulated()).isTrue();
        assertThat(NotTried.of(logs.picture().intake(), logs.picture().prove())).containsExactly("Speed 1/60");
        assertThat(logs.stands().sheet().proof().speeds()).isEmpty();
        assertThat(logs.picture().adjust().ofTheCamera().settings().getLast().shots())
                .isEmpty();
        timed("1/60", Phase.AFTER, 0.0200);
        SpeedRow.Run run = row("1/60").after().orElseThrow();
        assertThat(run.simulated()).as("what the camera did counts instead").isFalse();
        assertThat(run.seconds()).containsExactly(0.0200);
        assertThat(logs.stands().sheet().proof().speeds()).hasSize(1);
    }

    @Test
    void anEarIsNotJudgedByWhatNoCameraFired() {
        logs.add(new ProveEntry.SpeedGuessed("1/60", Phase.AFTER, "slow", 0.5));
        simulated("1/60", 0.0166);
        assertThat(EarTried.of(Logs.received(), logs.picture().prove(), Logs.SHOP.practice()))
                .isEmpty();
        timed("1/60", Phase.AFTER, 0.0221);
        assertThat(EarTried.of(Logs.received(), logs.picture().prove(), Logs.SHOP.practice()))
                .singleElement()
                .satisfies(tried -> assertThat(tried.measuredEv()).isCloseTo(0.5, within(0.02)));
    }
}
