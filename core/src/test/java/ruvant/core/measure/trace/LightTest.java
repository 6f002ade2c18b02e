package ruvant.core.measure.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.practice.stand.LeafMotion;
import ruvant.core.practice.stand.Motion;
import ruvant.core.practice.stand.SimulatedStand;
import ruvant.core.practice.stand.StandInput;
import ruvant.core.practice.stand.StandLamp;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.StandSetup;

class LightTest {
    private static final double FIVE_HZ = 5;

    @ParameterizedTest
    @CsvSource({"1, 0.0005", "8, 0.0005", "30, 0.001", "60, 0.002", "125, 0.006", "250, 0.02", "500, 0.025"})
    void timesALeafShutterThroughAnyInput(double speed, double allowed) {
        for (double cutoff : new double[] {0, 2, 7, 20}) {
            StandInput input = cutoff == 0
                    ? StandInput.direct(48_000, 30)
                    : StandInput.coupled(48_000, 30, cutoff).upsideDown();
            Motion motion = Recordings.leaf(1 / speed);
            MeasuredRecording found =
                    Recordings.measured(Recordings.of(input, motion, motion, motion), StandSetup.leaf());
            assertThat(found.firings()).as("1/%s at %s Hz", speed, cutoff).hasSize(3);
            assertThat(found.input().coupled()).isEqualTo(cutoff > 0);
            assertThat(found.input().inverted()).isEqualTo(cutoff > 0);
            found.firings()
                    .forEach(firing -> assertThat(firing.exposureSeconds().orElseThrow() * speed)
                            .as("1/%s at %s Hz", speed, cutoff)
                            .isCloseTo(1, within(allowed)));
        }
    }

    @Test
    void estimatesTheCouplingFromTheRecordingItself() {
        StandInput input = StandInput.coupled(48_000, 30, FIVE_HZ);
        MeasuredRecording found = Recordings.measured(
                Recordings.of(input, Recordings.leaf(0.5), Recordings.leaf(0.008)), StandSetup.leaf());
        assertThat(found.input().cutoffHz().orElseThrow()).isCloseTo(FIVE_HZ, within(0.1));
        assertThat(found.firings().getFirst().flags()).contains(FiringFlag.AC_TIMED_BY_EDGES);
        assertThat(found.firings().getLast().flags()).doesNotContain(FiringFlag.AC_TIMED_BY_EDGES);
    }

    @Test
    void isHonestAboutWhatItDoesNotKnow() {
        int held = 0;
        int all = 0;
        for (int seed = 0; seed < 40; seed++) {
            StandInput input =
                    seed % 2 == 0 ? StandInput.direct(48_000, 28) : StandInput.coupled(48_000, 28, 3 + seed / 4.0);
            Motion motion = Recordings.leaf(1.0 / (30 << seed % 4));
            List<SimulatedStand.Released> firings = List.of(
                    new SimulatedStand.Released(0.6, motion),
                    new SimulatedStand.Released(1.5, motion),
                    new SimulatedStand.Released(2.4, motion));
            var recorded = SimulatedStand.record(firings, 1, StandLamp.STEADY, input, 3.3, seed);
            for (FiringFound firing :
                    Recordings.measured(recorded, StandSetup.leaf()).firings()) {
                double error = firing.exposureSeconds().orElseThrow() - motion.exposureSeconds(0);
                held += Math.abs(error) < 1.96 * firing.uncertaintySeconds().orElseThrow() ? 1 : 0;
                all++;
            }
        }
        assertThat((double) held / all).isBetween(0.88, 1.0);
    }

    @Test
    void aReboundIsSaidAndDoesNotCount() {
        Motion bounces = new LeafMotion(0.008, 0.001, 0.001, 1.3, 1.3, 0, 0, 0.12, 0.004, 0.002);
        FiringFound firing = Recordings.measured(Recordings.of(Recordings.CLEAN, bounces), StandSetup.leaf())
                .firings()
                .getFirst();
        assertThat(firing.flags()).contains(FiringFlag.BOUNCE);
        assertThat(firing.channels().getFirst().bounce().orElseThrow().relative())
                .isCloseTo(0.12, within(0.03));
        assertThat(firing.exposureSeconds().orElseThrow()).isCloseTo(0.008, within(0.00005));
    }

    @Test
    void bladesThatStopOnTheirWayAreOneFiring() {
        Motion hesitates = new LeafMotion(0.06, 0.002, 0.001, 1.3, 1.3, 0.5, 0.012, 0, 0, 0);
        MeasuredRecording found = Recordings.measured(
                Recordings.of(Recordings.CLEAN, hesitates, Recordings.leaf(0.06)), StandSetup.leaf());
        assertThat(found.firings()).hasSize(2);
        assertThat(found.firings().getFirst().exposureSeconds().orElseThrow()).isCloseTo(0.06, within(0.0002));
    }

    @Test
    void aClippedPlateauIsSaidAndWidensTheDoubt() {
        Motion motion = Recordings.leaf(0.008);
        FiringFound clean = Recordings.measured(Recordings.of(Recordings.CLEAN, motion, motion), StandSetup.leaf())
                .firings()
                .getFirst();
        FiringFound cut = Recordings.measured(
                        Recordings.of(Recordings.CLEAN.clippedAt(0.85), motion, motion), StandSetup.leaf())
                .firings()
                .getFirst();
        assertThat(clean.flags()).doesNotContain(FiringFlag.CLIPPED);
        assertThat(cut.flags()).contains(FiringFlag.CLIPPED);
        assertThat(cut.uncertaintySeconds().orElseThrow())
                .isGreaterThan(2 * clean.uncertaintySeconds().orElseThrow());
    }

    @Test
    void theRippleOfAMainsLampIsTakenOut() {
        StandLamp mains = new StandLamp(100, 0.12, 0.1, 1, 0);
        MeasuredRecording found = Recordings.measured(
                Recordings.of(Recordings.CLEAN, mains, 1, Recordings.leaf(0.5), Recordings.leaf(0.03)),
                StandSetup.leaf());
        assertThat(found.input().rippleHz()).contains(100.0);
        assertThat(found.input().rippleDepth().orElseThrow()).isCloseTo(0.12, within(0.01));
        assertThat(found.firings().getLast().exposureSeconds().orElseThrow()).isCloseTo(0.03, within(0.00006));
        assertThat(found.warnings()).anyMatch(warning -> warning.contains("ripples"));
    }

    @Test
    void aLampThatRipplesTooMuchIsRefused() {
        StandLamp mains = new StandLamp(100, 0.45, 0, 1, 0);
        var recorded = Recordings.of(Recordings.CLEAN, mains, 1, Recordings.leaf(0.5), Recordings.leaf(0.5));
        assertThatThrownBy(() -> Recordings.measured(recorded, StandSetup.leaf()))
                .isInstanceOfSatisfying(RecordingProblem.class, problem -> {
                    assertThat(problem.refusal().code()).isEqualTo("rippleTooStrong");
                    assertThat(problem.refusal().remedy()).contains("battery");
                });
    }

    @Test
    void humOfTheMainsIsFoundInTheDarkAndSaid() {
        StandInput hums = StandInput.coupled(48_000, 30, FIVE_HZ).withHum(50, 0.06);
        MeasuredRecording found = Recordings.measured(
                Recordings.of(hums, Recordings.leaf(0.008), Recordings.leaf(0.008)), StandSetup.leaf());
        assertThat(found.input().humHz()).contains(50.0);
        assertThat(found.firings()).allMatch(firing -> firing.flags().contains(FiringFlag.HUM));
        assertThat(found.firings().getFirst().exposureSeconds().orElseThrow()).isCloseTo(0.008, within(0.00004));
    }

    @Test
    void aRecordingThatBeginsAndEndsInAFiringKeepsTheWholeOnes() {
        List<SimulatedStand.Released> firings = List.of(
                new SimulatedStand.Released(-0.1, Recordings.leaf(0.25)),
                new SimulatedStand.Released(1.4, Recordings.leaf(0.25)),
                new SimulatedStand.Released(2.9, Recordings.leaf(0.25)));
        var recorded = SimulatedStand.record(firings, 1, StandLamp.STEADY, Recordings.CLEAN, 3.0, 1);
        List<FiringFound> found =
                Recordings.measured(recorded, StandSetup.leaf().at(0.25)).firings();
        assertThat(found).hasSize(3);
        assertThat(found).extracting(FiringFound::usable).containsExactly(false, true, false);
        assertThat(found.get(1).exposureSeconds().orElseThrow()).isCloseTo(0.25, within(0.0001));
        assertThat(found.get(0).flags()).contains(FiringFlag.CUT_OFF);
    }

    @Test
    void anInputThatWasTurnedRoundInBetweenIsSaid() {
        Motion motion = Recordings.leaf(0.008);
        float[] up = Recordings.of(Recordings.CLEAN, motion, motion).samples()[0];
        float[] both = Arrays.copyOf(up, 2 * up.length);
        for (int i = 0; i < up.length; i++) {
            both[up.length + i] = -up[i];
        }
        MeasuredRecording found = Recordings.measured(48_000, new float[][] {both}, StandSetup.leaf());
        assertThat(found.firings()).hasSize(4).allMatch(FiringFound::usable);
        assertThat(found.warnings()).anyMatch(warning -> warning.contains("plug reversed"));
    }

    @Test
    void silenceIsRefusedWithARemedy() {
        var silence = SimulatedStand.record(List.of(), 1, StandLamp.STEADY, Recordings.CLEAN, 3, 1);
        assertThatThrownBy(() -> Recordings.measured(silence, StandSetup.leaf()))
                .isInstanceOfSatisfying(
                        RecordingProblem.class,
                        problem -> assertThat(problem.refusal().code()).isEqualTo("noFiring"));
        assertThatThrownBy(() -> Recordings.measured(48_000, new float[1][0], StandSetup.leaf()))
                .isInstanceOfSatisfying(
                        RecordingProblem.class,
                        problem -> assertThat(problem.refusal().code()).isEqualTo("empty"));
    }

    @Test
    void aChannelWithoutASignalIsSaidAndTheOtherOneMeasured() {
        float[] signal = Recordings.of(Recordings.CLEAN, Recordings.leaf(0.008)).samples()[0];
        float[] nothing = new float[signal.length];
        MeasuredRecording found = Recordings.measured(48_000, new float[][] {nothing, signal}, StandSetup.leaf());
        assertThat(found.firings().getFirst().channels().getFirst().channel()).isEqualTo(2);
        assertThat(found.warnings()).anyMatch(warning -> warning.contains("Channel 1 shows no firing"));
    }

    @Test
    void aHangUpIsAFiringThatTookLong() {
        MeasuredRecording found = Recordings.measured(
                Recordings.of(StandInput.coupled(48_000, 30, 4), Recordings.leaf(1 / 60.0), Recordings.leaf(3.2)),
                StandSetup.leaf().at(1 / 60.0));
        assertThat(found.firings()).hasSize(2);
        assertThat(found.firings().getLast().exposureSeconds().orElseThrow()).isCloseTo(3.2, within(0.001));
    }

    @Test
    void fewBitsAreEnough() {
        StandInput eight = StandInput.direct(48_000, 30).withBits(8);
        MeasuredRecording found = Recordings.measured(Recordings.of(eight, Recordings.leaf(0.008)), StandSetup.leaf());
        assertThat(found.firings()).hasSize(1);
        assertThat(found.firings().getFirst().flags()).doesNotContain(FiringFlag.CLIPPED);
        assertThat(found.firings().getFirst().exposureSeconds().orElseThrow()).isCloseTo(0.008, within(0.0001));
    }

    @Test
    void theLightIsThereToBeLookedAt() {
        var recorded = Recordings.of(Recordings.CLEAN, Recordings.leaf(0.008), Recordings.leaf(0.9));
        List<FiringLight> shortOne = TraceAnalysis.lightOf(
                () -> new ruvant.core.measure.recording.HeldSamples(48_000, recorded.samples()), StandSetup.leaf(), 1);
        assertThat(shortOne).hasSize(1);
        FiringLight light = shortOne.getFirst();
        assertThat(light.closeSeconds() - light.openSeconds()).isCloseTo(0.008, within(0.0001));
        assertThat(light.openFrom()).isLessThan(light.openSeconds());
        assertThat(light.stretches().getFirst().light())
                .anyMatch(value -> value > 0.95)
                .anyMatch(value -> value < 0.05);
        assertThat(TraceAnalysis.lightOf(
                        () -> new ruvant.core.measure.recording.HeldSamples(48_000, recorded.samples()),
                        StandSetup.leaf(),
                        9))
                .isEmpty();
    }
}
