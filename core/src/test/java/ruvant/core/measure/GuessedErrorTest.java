package ruvant.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.units.FieldProblem;

class GuessedErrorTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            a third of a stop slow | 0.3333
            one third fast         | -0.3333
            two thirds slow        | 0.6667
            half a stop slow       | 0.5
            a stop and a half slow | 1.5
            a stop fast            | -1
            two stops slow         | 2
            1/3 slow               | 0.3333
            1/2 stop fast          | -0.5
            0,7 late               | 0.7
            +0.3                   | 0.3
            −0.25                  | -0.25
            20 % slow              | 0.2630
            50% fast               | -1
            right                  | 0
            about right            | 0
            a quarter long         | 0.25
            """)
    void saysWhatAnEarSays(String said, double ev) {
        assertThat(GuessedError.ev(said)).isCloseTo(ev, within(0.0001));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "slow", "0.3", "a third", "slow and fast 0.3", "whirring", "9 stops slow"})
    void asksWhereItSaysNothing(String said) {
        assertThatThrownBy(() -> GuessedError.ev(said)).isInstanceOf(FieldProblem.class);
    }

    @Test
    void anEarIsAsGoodAsItsGuesses() {
        Ear ear = Ear.of(
                List.of(new Ear.Pair(0.5, 0.2), new Ear.Pair(0.3, 0.1), new Ear.Pair(0, -0.3), new Ear.Pair(0.7, 0.5)));

        assertThat(ear.compared()).isEqualTo(4);
        assertThat(ear.biasEv()).isCloseTo(0.25, within(1e-9));
        assertThat(ear.scatterEv()).isCloseTo(0.0577, within(0.001));
        // t(0.975, 3) = 3.182, widened by √(1 + 1/4)
        assertThat(ear.widthEv()).isCloseTo(3.182 * 0.0577 * Math.sqrt(1.25), within(0.002));
    }

    @Test
    void anEarOfWhichLittleIsKnownMayBeAStopOff() {
        assertThat(Ear.of(List.of()).widthEv()).isEqualTo(1);
        assertThat(Ear.of(List.of(new Ear.Pair(0.5, 0.5), new Ear.Pair(0.1, 0.1)))
                        .widthEv())
                .isEqualTo(1);
    }
}
