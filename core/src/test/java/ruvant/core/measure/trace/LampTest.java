package ruvant.core.measure.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.practice.stand.Motion;
import ruvant.core.practice.stand.StandInput;
import ruvant.core.practice.stand.StandLamp;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.StandSetup;

/** What the lamp does while the shutter is open, and what several firings say of it together. */
class LampTest {
    private static Motion[] firings(int count, double seconds) {
        Motion[] motions = new Motion[count];
        Arrays.setAll(motions, i -> Recordings.leaf(seconds));
        return motions;
    }

    @ParameterizedTest
    @CsvSource({"100, 125, 0.002", "120, 125, 0.002"})
    void aRippleIsFoundThroughManyShortFirings(double hz, double speed, double allowed) {
        StandLamp mains = new StandLamp(hz, 0.15, 0, 0.7, 0);
        MeasuredRecording found = Recordings.measured(
                Recordings.of(Recordings.CLEAN, mains, 1, firings(8, 1 / speed)), StandSetup.leaf());
        assertThat(found.input().rippleHz().orElseThrow()).isCloseTo(hz, within(0.3));
        assertThat(found.input().rippleDepth().orElseThrow()).isCloseTo(0.15, within(0.05));
        assertThat(found.firings())
                .allSatisfy(firing -> assertThat(firing.exposureSeconds().orElseThrow() * speed)
                        .isCloseTo(1, within(allowed)));
    }

    @Test
    void aLampThatGrowsSlowlyIsNoRipple() {
        StandLamp grows = new StandLamp(100, 0, 0, 0, 0.08);
        MeasuredRecording found = Recordings.measured(
                Recordings.of(Recordings.CLEAN, grows, 1, Recordings.leaf(0.25), Recordings.leaf(0.25)),
                StandSetup.leaf());
        assertThat(found.input().rippleHz()).isEmpty();
        assertThat(found.firings().getLast().exposureSeconds().orElseThrow()).isCloseTo(0.25, within(0.0002));
    }

    @Test
    void bladesThatNeverOpenWideAreTimedByTheLevelOfASlowSpeed() {
        // 3 ms to open and to close leave a peak of a third at 1/1000
        Motion slow = Recordings.leaf(0.05);
        Motion narrow = new Motion() {
            @Override
            public double transmission(int sensor, double seconds) {
                return Math.max(0, Math.min(seconds, 0.0024 - seconds) / 0.002);
            }

            @Override
            public double endSeconds() {
                return 0.0024;
            }

            @Override
            public double openSeconds(int sensor) {
                return 0.0012 - 0.00036;
            }

            @Override
            public double closeSeconds(int sensor) {
                return 0.0012 + 0.00036;
            }
        };
        MeasuredRecording found = Recordings.measured(
                Recordings.of(StandInput.direct(96_000, 36), StandLamp.STEADY, 1, slow, slow, narrow),
                StandSetup.leaf());
        FiringFound last = found.firings().getLast();
        assertThat(last.flags()).contains(FiringFlag.NOT_FULLY_OPEN);
        assertThat(last.exposureSeconds().orElseThrow()).isCloseTo(0.00072, within(0.00003));
    }

    @Test
    void aClippedRecordingsLightIsTheOneThatWasMeasured() {
        StandInput cut = StandInput.coupled(48_000, 34, 6).clippedAt(0.85);
        var recorded = Recordings.of(cut, Recordings.leaf(0.03), Recordings.leaf(0.03));
        MeasuredRecording found = Recordings.measured(recorded, StandSetup.leaf());
        FiringLight light = TraceAnalysis.lightOf(
                        () -> new HeldSamples(48_000, recorded.samples()), StandSetup.leaf(), 2)
                .getFirst();
        assertThat(light.closeSeconds() - light.openSeconds())
                .isCloseTo(found.firings().get(1).exposureSeconds().orElseThrow(), within(1e-12));
    }
}
