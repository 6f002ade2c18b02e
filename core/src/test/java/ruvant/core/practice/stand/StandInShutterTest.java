package ruvant.core.practice.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.stat.StatUtils;
import org.junit.jupiter.api.Test;
import ruvant.core.measure.recording.HeldSamples;
import ruvant.core.measure.trace.MeasuredRecording;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.FieldProblem;

class StandInShutterTest {
    private static final double RATE = 48_000;
    private static final StandSetup THREE = StandSetup.focalPlane(
            36, List.of(new StandSetup.Sensor(2, 1), new StandSetup.Sensor(18, 1), new StandSetup.Sensor(34, 1)));

    private static StandInShutter shutter(double error, double scatter, double misses) {
        return new StandInShutter(error, error, scatter, misses, 10, 1.04, 0, 36, 5, 0);
    }

    private static MeasuredRecording measured(StandInShutter shutter, double nominal, StandSetup setup, long seed) {
        SimulatedStand.Recorded recorded = shutter.fire(nominal, setup, RATE, seed);
        return TraceAnalysis.of(() -> new HeldSamples(RATE, recorded.samples()), setup);
    }

    private static double[] errors(StandInShutter shutter, double nominal, int firings) {
        return IntStream.range(0, firings)
                .mapToDouble(seed -> measured(shutter, nominal, StandSetup.leaf(), seed)
                        .firings()
                        .getFirst()
                        .exposureSeconds()
                        .orElseThrow())
                .map(seconds -> Math.log(seconds / nominal) / Math.log(2))
                .toArray();
    }

    @Test
    void firingsCountedUpScatterAsTheyAreTold() {
        double[] errors = errors(shutter(0.4, 0.1, 0), 1 / 64.0, 60);
        assertThat(StatUtils.mean(errors)).isCloseTo(0.4, within(0.05));
        assertThat(Math.sqrt(StatUtils.variance(errors))).isBetween(0.07, 0.13);
    }

    @Test
    void someHangUpAsOftenAsTold() {
        long hung = IntStream.range(0, 1)
                .boxed()
                .flatMap(one -> java.util.Arrays.stream(errors(shutter(0, 0.02, 0.3), 1 / 64.0, 60))
                        .boxed())
                .filter(error -> error > 1)
                .count();
        assertThat(hung).isBetween(9L, 28L);
    }

    @Test
    void theSameSeedMakesTheSameFiring() {
        StandInShutter shutter = shutter(0.2, 0.1, 0);
        assertThat(shutter.fire(0.01, THREE, RATE, 5).samples())
                .isDeepEqualTo(shutter.fire(0.01, THREE, RATE, 5).samples());
    }

    @Test
    void curtainsRunAsTheyAreTold() {
        var curtains = measured(shutter(0, 0, 0), 1 / 256.0, THREE, 3)
                .firings()
                .getFirst()
                .curtains()
                .orElseThrow();
        assertThat(curtains.leading().travelSeconds()).isCloseTo(0.010, within(0.0002));
        assertThat(curtains.trailing().travelSeconds()).isCloseTo(0.0104, within(0.0002));
    }

    @Test
    void whatNoCameraDoesIsRefused() {
        assertThatThrownBy(() -> shutter(9, 0, 0))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("-3 to 3 EV");
    }
}
