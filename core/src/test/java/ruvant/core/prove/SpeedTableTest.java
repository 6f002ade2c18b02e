package ruvant.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.measure.Attitudes;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.FiringSource;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.Phase;
import ruvant.core.trade.StandSetup;

class SpeedTableTest {
    private final Logs logs = Logs.camera();

    private void timed(String speed, Phase phase, Attitude attitude, Double... seconds) {
        logs.add(new ProveEntry.FiringsTimed(speed, phase, attitude, "", List.of(seconds), false));
    }

    private SpeedRow row(String speed) {
        return SpeedTable.of(Logs.received(), logs.picture().prove(), Logs.SHOP.practice()).stream()
                .filter(row -> row.speed().equals(speed))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFiringThatHungIsAMissAndNotAveragedIn() {
        timed("1/60", Phase.AFTER, Attitude.LEVEL, 0.0158, 0.0161, 0.031, 0.0160);
        SpeedRow.Run run = row("1/60").after().orElseThrow();
        assertThat(run.hung()).containsExactly(0.031);
        assertThat(run.seconds()).containsExactly(0.0158, 0.0161, 0.0160);
        assertThat(run.bias().ev()).isCloseTo(0.032, within(0.005));
    }

    @Test
    void theChangeHasItsInterval() {
        timed("1/60", Phase.BEFORE, Attitude.LEVEL, 0.0250, 0.0255, 0.0245);
        assertThat(row("1/60").change()).isEmpty();
        timed("1/60", Phase.AFTER, Attitude.LEVEL, 0.0156, 0.0157, 0.0155);
        SpeedRow.Change change = row("1/60").change().orElseThrow();
        assertThat(change.byEv()).isCloseTo(-0.68, within(0.01));
        assertThat(change.lowEv()).isLessThan(-0.70);
        assertThat(change.highEv()).isGreaterThan(-0.66).isLessThan(-0.5);
        timed("1/125", Phase.BEFORE, Attitude.LEVEL, 0.008);
        timed("1/125", Phase.AFTER, Attitude.LEVEL, 0.008, 0.008);
        assertThat(row("1/125").change())
                .as("one firing says nothing of its scatter")
                .isEmpty();
    }

    @Test
    void attitudesAreComparedWithinTheirPhaseAndDoNotMoveTheSpeedItself() {
        timed("1/60", Phase.BEFORE, Attitude.LEVEL, 0.0160, 0.0161, 0.0159, 0.0160);
        timed("1/60", Phase.BEFORE, Attitude.LENS_DOWN, 0.0220, 0.0225, 0.0215, 0.0222);
        assertThat(row("1/60").attitudes()).singleElement().satisfies(effect -> {
            assertThat(effect.attitude()).isEqualTo(Attitude.LENS_DOWN);
            assertThat(effect.called()).isTrue();
            assertThat(effect.effectEv()).isCloseTo(0.46, within(0.02));
        });
        assertThat(row("1/60").before().orElseThrow().seconds()).hasSize(4);
        timed("1/60", Phase.AFTER, Attitude.LEVEL, 0.0160, 0.0161, 0.0159);
        timed("1/60", Phase.AFTER, Attitude.LENS_DOWN, 0.0161, 0.0160, 0.0160);
        assertThat(row("1/60").attitudes())
                .as("what it does after the work is what counts")
                .extracting(Attitudes.Effect::called)
                .containsExactly(false);
    }

    @Test
    void aSpeedThatIsNotOnTheDialStandsAmongTheOthers() {
        timed("1/90", Phase.AFTER, Attitude.LEVEL, 0.011);
        assertThat(SpeedTable.of(Logs.received(), logs.picture().prove(), Logs.SHOP.practice()))
                .extracting(SpeedRow::speed)
                .containsExactly("1", "1/60", "1/90", "1/125", "1/500");
    }

    private static MeasuredFiring shot(double seconds, double taperEv) {
        double half = Math.pow(2, taperEv / 2);
        return new MeasuredFiring(
                1,
                seconds,
                1e-6,
                Set.of(),
                List.of(),
                Optional.of(new MeasuredFiring.CurtainTimes(
                        0.010,
                        0.0104,
                        0.2,
                        0.2,
                        taperEv,
                        -0.008,
                        36,
                        List.of(0.0, 0.005, 0.010),
                        List.of(seconds / half, seconds, seconds * half))),
                Optional.empty());
    }

    private void measured(String speed, MeasuredFiring... firings) {
        logs.add(new ProveEntry.FiringsMeasured(
                speed,
                Phase.AFTER,
                Attitude.LEVEL,
                "stand",
                StandSetup.leaf(),
                "",
                1,
                List.of(firings),
                false,
                FiringSource.UNKNOWN));
    }

    @Test
    void typedAndMeasuredFiringsCountTogether() {
        timed("1/60", Phase.AFTER, Attitude.LEVEL, 0.0160);
        measured("1/60", shot(0.0158, 0), shot(0.0162, 0));
        SpeedRow.Run run = row("1/60").after().orElseThrow();
        assertThat(run.seconds()).containsExactly(0.0160, 0.0158, 0.0162);
        assertThat(run.errorsEv())
                .hasSize(3)
                .allSatisfy(error -> assertThat(error).isBetween(0.0, 0.1));
    }

    @Test
    void theCurtainsOfASpeedAreTheMeanOfItsFirings() {
        assertThat(row("1/125").after()).isEmpty();
        measured("1/125", shot(0.0080, 0.2));
        measured("1/125", shot(0.0082, 0.4));
        CurtainRun curtains = row("1/125").after().orElseThrow().curtains().orElseThrow();
        assertThat(curtains.firings()).isEqualTo(2);
        assertThat(curtains.taper().ev()).isCloseTo(0.3, within(1e-9));
        assertThat(curtains.taper().allowedEv()).isEqualTo(0.33);
        assertThat(curtains.capped()).isZero();
        assertThat(curtains.places()).extracting(CurtainRun.AcrossGate::placeMm).containsExactly(0.0, 18.0, 36.0);
        assertThat(curtains.places().getLast().errorEv())
                .isGreaterThan(curtains.places().getFirst().errorEv() + 0.25);
        assertThat(curtains.places().get(1).closeSeconds()).isCloseTo(0.005 + 0.0081, within(1e-9));
    }

    @Test
    void aGatePartThatGotNoLightIsCountedAsCapped() {
        MeasuredFiring.CurtainTimes meets = new MeasuredFiring.CurtainTimes(
                0.010, 0.009, 0.2, 0.2, -3, -0.009, 36, List.of(0.0, 0.010), List.of(0.001, -0.0001));
        measured(
                "1/125",
                new MeasuredFiring(1, 0.0005, 1e-6, Set.of(), List.of(), Optional.of(meets), Optional.empty()));
        assertThat(row("1/125").after().orElseThrow().curtains().orElseThrow().capped())
                .isEqualTo(1);
    }

    @Test
    void aLeafShuttersBladesAreSlowAtTheFastestSpeedsAndGiveMoreWhenStoppedDown() {
        for (double seconds : new double[] {0.0020, 0.0022}) {
            measured(
                    "1/500",
                    new MeasuredFiring(
                            1,
                            seconds,
                            1e-6,
                            Set.of(),
                            List.of(),
                            Optional.empty(),
                            Optional.of(new MeasuredFiring.BladeTimes(0.0008, 0.0012))));
        }
        BladeRun blades = row("1/500").after().orElseThrow().blades().orElseThrow();
        assertThat(blades.firings()).isEqualTo(2);
        assertThat(blades.totalSeconds()).isCloseTo(0.0031, within(1e-9));
        assertThat(blades.efficiency()).isCloseTo(0.0021 / 0.0031, within(1e-9));
        assertThat(blades.wideOpenSeconds()).isCloseTo(0.0021 - 0.00125, within(1e-9));
        // one stop down: the ramps of 2.5 ms together count for 3/4 instead of 1/2 of their length
        assertThat(blades.stopped().getFirst().seconds()).isCloseTo(0.0021 + 0.000625, within(1e-9));
        assertThat(blades.stopped().getLast().longerEv())
                .isGreaterThan(blades.stopped().getFirst().longerEv())
                .isLessThan(1);
    }
}
