package ruvant.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SweepTest {
    private static final List<Double> DIAL = List.of(1.0, 0.5, 0.25, 0.125, 1 / 16.0, 1 / 32.0, 1 / 64.0, 1 / 128.0);

    @Test
    void withoutAnOrderTheNearestSpeedIsProposed() {
        List<Sweep.Proposed> proposed = Sweep.nearest(List.of(0.26, 1.1, 0.35), DIAL);
        assertThat(proposed).extracting(Sweep.Proposed::speed).containsExactly(2, 0, 2);
        assertThat(proposed).extracting(Sweep.Proposed::sure).containsExactly(true, true, false);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 5})
    void inOrderAWholeSweepIsMatchedThoughSlowSpeedsDragByHalfAStop(int each) {
        for (int seed = 0; seed < 50; seed++) {
            Random random = new Random(seed);
            List<Double> seconds = new ArrayList<>();
            List<Integer> truth = new ArrayList<>();
            for (int speed = 0; speed < DIAL.size(); speed++) {
                // fired once each, half a stop would look like the next speed
                double slow = each == 1 ? 0.4 : 0.55;
                double drag = speed < 4 ? slow : 0.1;
                for (int i = 0; i < each; i++) {
                    seconds.add(DIAL.get(speed) * Math.pow(2, drag + 0.06 * random.nextGaussian()));
                    truth.add(speed);
                }
            }
            assertThat(Sweep.inOrder(seconds, DIAL, each))
                    .extracting(Sweep.Proposed::speed)
                    .isEqualTo(truth);
        }
    }

    @Test
    void aFiringTooManyOrTooFewDoesNotShiftTheOthers() {
        List<Double> seconds = List.of(1.02, 1.01, 1.03, 0.51, 0.5, 0.26, 0.25, 0.27, 0.25);
        assertThat(Sweep.inOrder(seconds, DIAL.subList(0, 3), 3))
                .extracting(Sweep.Proposed::speed)
                .containsExactly(0, 0, 0, 1, 1, 2, 2, 2, 2);
    }

    @Test
    void aHangUpStaysAtItsSpeedInTheOrder() {
        List<Double> seconds = List.of(1 / 60.0, 0.9, 1 / 61.0, 1 / 120.0, 1 / 121.0, 1 / 119.0);
        assertThat(Sweep.inOrder(seconds, List.of(1 / 64.0, 1 / 128.0), 3))
                .extracting(Sweep.Proposed::speed)
                .containsExactly(0, 0, 0, 1, 1, 1);
        assertThat(Sweep.inOrder(List.of(), DIAL, 3)).isEmpty();
    }
}
