package ruvant.core.measure.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.practice.stand.LeafMotion;
import ruvant.core.practice.stand.SimulatedStand;
import ruvant.core.practice.stand.StandInput;
import ruvant.core.practice.stand.StandLamp;
import ruvant.core.trade.StandSetup;

class LiveStandTest {
    private static final double RATE = 48_000;
    private static final int CHUNK = 2_400;

    private static float[][] recorded(double cutoffHz, double... exposures) {
        List<SimulatedStand.Released> firings = new ArrayList<>();
        double at = 0.7;
        for (double seconds : exposures) {
            firings.add(new SimulatedStand.Released(at, LeafMotion.plain(seconds, 0.001)));
            at += seconds + 0.9;
        }
        StandInput input = cutoffHz > 0 ? StandInput.coupled(RATE, 32, cutoffHz) : StandInput.direct(RATE, 32);
        return SimulatedStand.record(firings, 1, StandLamp.STEADY, input, at, 5).samples();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 5, 15})
    void catchesEachFiringOnceAndSoonAfterItHasEnded(double cutoffHz) {
        float[][] samples = recorded(cutoffHz, 1 / 125.0, 0.5, 1 / 30.0);
        LiveStand stand = new LiveStand(RATE, 1, StandSetup.leaf());
        List<Double> exposures = new ArrayList<>();
        List<Double> caughtAt = new ArrayList<>();
        for (int from = 0; from < samples[0].length; from += CHUNK) {
            float[] chunk = Arrays.copyOfRange(samples[0], from, Math.min(samples[0].length, from + CHUNK));
            for (LiveStand.Caught one : stand.take(new float[][] {chunk}).caught()) {
                exposures.add(one.firing().exposureSeconds().orElseThrow());
                caughtAt.add((from + CHUNK) / RATE);
            }
        }
        assertThat(exposures).hasSize(3);
        assertThat(exposures.get(0)).isCloseTo(1 / 125.0, within(0.0001));
        assertThat(exposures.get(1)).isCloseTo(0.5, within(0.0005));
        assertThat(exposures.get(2)).isCloseTo(1 / 30.0, within(0.0001));
        double ended = 0.7 + 1 / 125.0;
        assertThat(caughtAt.getFirst() - ended).isLessThan(LiveStand.DARK_AFTER_SECONDS + 0.06);
    }

    @Test
    void saysHowLoudItIsAndWhenTheInputIsAtItsLimit() {
        LiveStand stand = new LiveStand(RATE, 2, StandSetup.leaf());
        float[] loud = new float[CHUNK];
        loud[7] = -1;
        LiveStand.Heard heard = stand.take(new float[][] {new float[CHUNK], loud});
        assertThat(heard.peaks()).containsExactly(0.0, 1.0);
        assertThat(heard.clipping()).isTrue();
        assertThat(heard.caught()).isEmpty();
    }

    @Test
    void listensForAnHourWithoutGrowing() {
        LiveStand stand = new LiveStand(8_000, 1, StandSetup.leaf());
        float[][] quiet = new float[1][4_000];
        for (int i = 0; i < 7_200; i++) {
            assertThat(stand.take(quiet).caught()).isEmpty();
        }
    }

    @Test
    void whatIsSmallBesideTheShutterIsNoFiring() {
        float[][] samples = recorded(0, 1 / 60.0, 1 / 60.0);
        for (int i = (int) (1.5 * RATE); i < samples[0].length; i++) {
            samples[0][i] *= 0.1f;
        }
        LiveStand stand = new LiveStand(RATE, 1, StandSetup.leaf());
        int caught = 0;
        for (int from = 0; from < samples[0].length; from += CHUNK) {
            float[] chunk = Arrays.copyOfRange(samples[0], from, Math.min(samples[0].length, from + CHUNK));
            caught += stand.take(new float[][] {chunk}).caught().size();
        }
        assertThat(caught).isEqualTo(1);
    }
}
