package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.adjust.Advice;
import ruvant.core.adjust.Advisor;
import ruvant.core.practice.unseen.adjust.UnseenCamera;

/** The next turn on cameras that were set aside: few of them, so that the bounds are wider than the figures of the benchmark. */
class UnseenTurnsTest {
    @ParameterizedTest
    @CsvSource({"1, 3.5, 6", "2, 6, 12", "3, 8, 25"})
    void takesFewCyclesAndStopsWhereItIsRight(int adjusters, double mean, int most) {
        UnseenTurns turns = UnseenTurns.over(adjusters, 50_001, 30);
        assertThat(UnseenTurns.mean(turns.advised)).isLessThan(mean);
        assertThat(UnseenTurns.quantile(turns.advised, 0.9)).isLessThanOrEqualTo(most);
        assertThat(UnseenTurns.mean(turns.advised)).isLessThan(UnseenTurns.mean(turns.byHand) / 2);
        assertThat((double) turns.right / turns.stops).isGreaterThan(0.92);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e-4, 0.037, 3, 1_000})
    void inWhateverUnitEffectsAreToldTheAdviceIsTheSame(double unit) {
        for (long seed = 60_001; seed < 60_021; seed += 2) {
            UnseenCamera camera = new UnseenCamera(1 + (int) (seed / 2 % 3), seed);
            for (int cycle = 0; cycle < 3; cycle++) {
                List<Double> next = Advisor.advise(UnseenTurns.asCase(camera)).next();
                assertThat(Advisor.advise(UnseenTurns.asCase(camera, unit)).next())
                        .isEqualTo(next);
                camera.turnTo(next.stream().mapToDouble(Double::doubleValue).toArray());
            }
        }
    }

    /** Measuring says nothing new after a while. Something is turned then, also where no turn promises anything. */
    @ParameterizedTest
    @ValueSource(longs = {146, 254, 300, 372, 944, 50_001, 50_003, 50_005, 50_007, 50_009})
    void itDoesNotMeasureInOnePlaceForEver(long seed) {
        UnseenCamera camera = new UnseenCamera(2, seed);
        int here = 1;
        Advice advice = Advisor.advise(UnseenTurns.asCase(camera));
        while (isNoStop(advice) && camera.cycles() < 20) {
            double[] next = next(advice);
            here = Arrays.equals(next, camera.turns().getLast()) ? here + 1 : 1;
            assertThat(here).as(advice.why()).isLessThanOrEqualTo(6);
            camera.turnTo(next);
            advice = Advisor.advise(UnseenTurns.asCase(camera));
        }
    }

    /** One result, twenty times out, and two adjusters, one of which goes the other way than told. */
    @Test
    void nothingIsTheBestThereIsWhereTwoWereOnlyEverTurnedTogether() {
        UnseenCamera camera = new UnseenCamera(2, 300);
        camera.turnTo(new double[] {3, -2});
        while (!camera.done() && camera.cycles() < 12) {
            Advice advice = Advisor.advise(UnseenTurns.asCase(camera));
            assertThat(isNoStop(advice)).as(advice.why()).isTrue();
            camera.turnTo(next(advice));
        }
        assertThat(camera.done()).isTrue();
    }

    private static boolean isNoStop(Advice advice) {
        return advice.verdict() == Advice.Verdict.TURN || advice.verdict() == Advice.Verdict.FIRE_MORE;
    }

    private static double[] next(Advice advice) {
        return advice.next().stream().mapToDouble(Double::doubleValue).toArray();
    }

    @Test
    void whoKnowsEveryResponseNeedsHardlyMoreThanOne() {
        assertThat(UnseenTurns.quantile(UnseenTurns.over(1, 50_001, 20).knowing, 0.8))
                .isEqualTo(1);
    }
}
