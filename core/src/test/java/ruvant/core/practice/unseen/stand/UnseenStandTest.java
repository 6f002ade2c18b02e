package ruvant.core.practice.unseen.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.trace.FiringFound;
import ruvant.core.measure.trace.TraceAnalysis;

class UnseenStandTest {
    @Test
    void whatAnIrisLetsThroughIsWhatItWasMadeFor() {
        double[] runs = {0.002, 0.001};
        double[] bends = {1.4, 0.9};
        for (double seconds : new double[] {0.0003, 0.004, 0.3}) {
            Iris iris = Iris.exposing(seconds, runs, bends, Rebound.NONE);
            double sum = 0;
            double step = iris.endSeconds() / 20_000;
            for (int k = 0; k < 20_000; k++) {
                sum += step * iris.light(0, (k + 0.5) * step);
            }
            assertThat(sum).isCloseTo(seconds, within(seconds * 2e-3));
        }
        assertThat(Iris.exposing(0.0003, runs, bends, Rebound.NONE).peak(0)).isLessThan(0.7);
    }

    @Test
    void aSensorSeesAsMuchLightAsTheSlitLetsThrough() {
        Blind first = new Blind(36, 5, 1.6, 0.010);
        Blind second = new Blind(36, 5, 1.6, 0.0104);
        double[] places = {4, 18, 32};
        for (boolean round : new boolean[] {true, false}) {
            Slit slit = Slit.exposing(0.0008, first, second, places, 3, round, Rebound.NONE);
            assertThat(slit.exposureAt(18)).isCloseTo(0.0008, within(1e-9));
            for (int sensor = 0; sensor < 3; sensor++) {
                double sum = 0;
                for (int k = 0; k < 100_000; k++) {
                    sum += 2e-7 * slit.light(sensor, -0.002 + k * 2e-7);
                }
                assertThat(sum).isCloseTo(slit.exposureSeconds(sensor), within(3e-6));
            }
        }
        assertThat(first.secondsAt(36)).isCloseTo(0.010, within(1e-12));
        assertThat(first.placeAt(first.secondsAt(20))).isCloseTo(20, within(1e-9));
    }

    @Test
    void theSameSeedMakesTheSameRecording() {
        assertThat(UnseenStand.of(UnseenStand.Trouble.ALL, 4).samples()[0])
                .isEqualTo(UnseenStand.of(UnseenStand.Trouble.ALL, 4).samples()[0])
                .isNotEqualTo(UnseenStand.of(UnseenStand.Trouble.ALL, 6).samples()[0]);
    }

    @ParameterizedTest
    @EnumSource
    void noExposureIsEverNegativeOrWithoutEnd(UnseenStand.Trouble trouble) {
        for (long seed = 1_000; seed < 1_012; seed++) {
            UnseenRecording recording = UnseenStand.of(trouble, seed);
            try {
                for (FiringFound firing : TraceAnalysis.of(
                                () -> new HeldSamples(recording.rateHz(), recording.samples()), recording.setup())
                        .firings()) {
                    assertThat(firing.startSeconds()).isFinite();
                    firing.exposureSeconds()
                            .ifPresent(
                                    seconds -> assertThat(seconds).isPositive().isFinite());
                    assertThat(firing.usable() && firing.exposureSeconds().isEmpty())
                            .isFalse();
                    assertThat(firing.channels().stream().map(FiringFound.OnChannel::channel))
                            .doesNotHaveDuplicates();
                    for (FiringFound.OnChannel on : firing.channels()) {
                        assertThat(on.exposureSeconds()).isPositive().isFinite();
                        assertThat(on.uncertaintySeconds()).isNotNegative().isFinite();
                    }
                }
            } catch (RecordingProblem refused) {
                assertThat(refused.refusal().remedy()).isNotBlank();
            }
        }
    }
}
