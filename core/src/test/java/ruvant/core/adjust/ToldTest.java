package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ToldTest {
    private static Told told(double[]... turns) {
        List<Adjuster> two = List.of(
                new Adjuster("engagement", 0.125, -1, 1, -1, List.of()),
                new Adjuster("spring", 0.25, -2, 2, 1, List.of()));
        return new Told(new AdjustCase(
                two,
                List.of(new WantedResult("1/8", 0.25, 0.04)),
                Stream.of(turns).map(to -> Trial.of(to, new double[] {1})).toList()));
    }

    @Test
    void adjustersThatWereOnlyTurnedTogetherCountAsOne() {
        assertThat(told(new double[] {0, 0}).apart()).isZero();
        assertThat(told(new double[] {0, 0}, new double[] {0.5, 1}).apart()).isOne();
        Told together = told(new double[] {0, 0}, new double[] {0.5, 1}, new double[] {0.25, 0.5});
        assertThat(together.apart()).isOne();
        assertThat(together.apartWith(new double[] {0.25, 0.75})).isEqualTo(2);
        assertThat(together.apartWith(new double[] {-0.5, -1})).isOne();
        assertThat(told(new double[] {0, 0}, new double[] {0.5, 0}, new double[] {0.5, 1})
                        .apart())
                .isEqualTo(2);
    }

    @Test
    void whatWasMeasuredHereInARowIsCounted() {
        assertThat(told(new double[] {0, 0}).timesHere()).isOne();
        assertThat(told(new double[] {0, 0}, new double[] {0.5, 0}, new double[] {0, 0}, new double[] {0, 0})
                        .timesHere())
                .isEqualTo(2);
    }
}
