package ruvant.core.measure.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.StandSetup;

class SoundTest {
    private static final double RATE = 48_000;

    private static float[][] room(double seconds, double... clicks) {
        Random random = new Random(3);
        float[] sound = new float[(int) (seconds * RATE)];
        for (int i = 0; i < sound.length; i++) {
            sound[i] = (float) (0.002 * random.nextGaussian());
        }
        for (double click : clicks) {
            for (int i = 0; i < 0.02 * RATE; i++) {
                double ringing = Math.exp(-i / (0.003 * RATE)) * Math.sin(2 * Math.PI * 3400 * i / RATE);
                sound[(int) (click * RATE) + i] += (float) (0.3 * ringing);
            }
        }
        return new float[][] {sound};
    }

    @Test
    void clicksOfOpeningAndClosingTellTheSlowSpeeds() {
        MeasuredRecording found =
                Recordings.measured(RATE, room(8, 0.5, 0.99, 2.9, 3.42, 5.5, 6.01), StandSetup.sound());
        assertThat(found.firings()).hasSize(3);
        assertThat(found.firings().get(1).exposureSeconds().orElseThrow()).isCloseTo(0.52, within(0.002));
        assertThat(found.firings()).allMatch(one -> one.flags().contains(FiringFlag.BY_EAR));
        assertThat(found.firings().getFirst().uncertaintySeconds().orElseThrow())
                .isGreaterThan(0.001);
    }

    @Test
    void theSpeedThatWasSetTellsWhichClicksBelongTogether() {
        MeasuredRecording found = Recordings.measured(
                RATE,
                room(9, 0.5, 1.52, 2.6, 3.6, 4.8, 5.83),
                StandSetup.sound().at(1));
        assertThat(found.firings()).hasSize(3);
        assertThat(found.firings().getLast().exposureSeconds().orElseThrow()).isCloseTo(1.03, within(0.002));
    }

    @Test
    void aQuietRoomAndAFastSpeedAreRefused() {
        assertThatThrownBy(() -> Recordings.measured(RATE, room(3), StandSetup.sound()))
                .isInstanceOf(RecordingProblem.class)
                .hasMessageContaining("click");
        assertThatThrownBy(() -> Recordings.measured(RATE, room(3, 1.0, 1.004), StandSetup.sound()))
                .isInstanceOf(RecordingProblem.class)
                .hasMessageContaining("told apart");
    }
}
