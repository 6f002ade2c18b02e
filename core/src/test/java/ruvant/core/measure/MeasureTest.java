package ruvant.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.trade.Family;
import ruvant.core.trade.MarkedSpeed;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.FieldProblem;

class MeasureTest {
    @ParameterizedTest
    @CsvSource({
        "1, 1",
        "1/2, 2",
        "1/4, 4",
        "1/8, 8",
        "1/15, 16",
        "1/30, 32",
        "1/60, 64",
        "1/125, 128",
        "1/250, 256",
        "1/500, 512",
        "1/1000, 1024",
        "1/2000, 2048"
    })
    void aDoublingDialMeansPowersOfTwo(String engraved, double parts) {
        assertThat(MarkedSpeed.nominalSeconds(engraved, SpeedSeries.DOUBLING)).isEqualTo(1 / parts);
    }

    @ParameterizedTest
    @CsvSource({"1/2, 2", "1/5, 5", "1/10, 10", "1/25, 25", "1/100, 100", "1/300, 300", "1/400, 400"})
    void anOlderDialMeansWhatItSays(String engraved, double parts) {
        assertThat(MarkedSpeed.nominalSeconds(engraved, SpeedSeries.AS_MARKED)).isEqualTo(1 / parts);
    }

    @Test
    void longSpeedsAreWholeSeconds() {
        assertThat(MarkedSpeed.nominalSeconds("2", SpeedSeries.DOUBLING)).isEqualTo(2);
        assertThat(MarkedSpeed.nominalSeconds("8", SpeedSeries.DOUBLING)).isEqualTo(8);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "1/0", "0", "-1", "1/", "B", "1/99999", "fast", "120"})
    void refusesWhatIsNoMarkedSpeed(String engraved) {
        assertThatThrownBy(() -> MarkedSpeed.nominalSeconds(engraved, SpeedSeries.DOUBLING))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("marked speed");
    }

    @Test
    void readsTimesAsPeopleTypeThem() {
        assertThat(TypedTimes.seconds("1/58 16.4ms  0,017; 0.5s")).containsExactly(1 / 58.0, 0.0164, 0.017, 0.5);
        assertThat(TypedTimes.seconds("1/58, 1/61, 1/60")).hasSize(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "0", "-1/60", "1/0", "60 s", "999", "abc", "1/60 x", "1e9", "NaN"})
    void refusesTimesThatCannotBe(String typed) {
        if (typed.equals("60 s")) {
            // the stray unit is what is not a time
            assertThatThrownBy(() -> TypedTimes.seconds(typed)).hasMessageContaining("“s”");
            return;
        }
        assertThatThrownBy(() -> TypedTimes.seconds(typed)).isInstanceOf(FieldProblem.class);
    }

    /** Two-sided 95 % and 98 % points of Student's t, from the published table. */
    @ParameterizedTest
    @CsvSource({
        "2, 12.706, 31.821",
        "3, 4.303, 6.965",
        "4, 3.182, 4.541",
        "5, 2.776, 3.747",
        "6, 2.571, 3.365",
        "10, 2.262, 2.821",
        "16, 2.131, 2.602",
        "21, 2.086, 2.528",
        "31, 2.042, 2.457"
    })
    void intervalsFollowThePublishedTable(int firings, double t95, double t98) {
        RunStatistics run = new RunStatistics(firings, 0.1, 0.2);
        double standardError = 0.2 / Math.sqrt(firings);
        assertThat(run.halfWidthEv(0.95) / standardError).isCloseTo(t95, within(0.0006));
        assertThat(run.halfWidthEv(0.98) / standardError).isCloseTo(t98, within(0.0006));
    }

    @Test
    void meanAndScatterOfAWorkedExample() {
        // errors of exactly +0.1, +0.2, +0.3 EV
        List<Double> seconds = DoubleStream.of(0.1, 0.2, 0.3)
                .map(ev -> Math.pow(2, ev) / 64)
                .boxed()
                .toList();
        RunStatistics run = RunStatistics.of(seconds, 1 / 64.0);
        assertThat(run.biasEv()).isCloseTo(0.2, within(1e-12));
        assertThat(run.scatterEv()).isCloseTo(0.1, within(1e-12));
    }

    @Test
    void oneFiringKnowsNothingOfItsScatter() {
        RunStatistics run = RunStatistics.of(List.of(1 / 64.0), 1 / 64.0);
        assertThat(run.scatterEv()).isNaN();
        assertThat(run.halfWidthEv(0.95)).isInfinite();
        assertThat(SpeedVerdict.of(run, 0.3)).isEqualTo(new SpeedVerdict(SpeedVerdict.Kind.NOT_YET_KNOWN, 2, false));
    }

    @Test
    void verdictsAreCalledOnTheWiderInterval() {
        // half width at 98 %: 3.747 · 0.05 / √5 = 0.0838
        assertThat(SpeedVerdict.of(new RunStatistics(5, 0.21, 0.05), 0.30).kind())
                .isEqualTo(SpeedVerdict.Kind.IN);
        assertThat(SpeedVerdict.of(new RunStatistics(5, 0.22, 0.05), 0.30).kind())
                .isEqualTo(SpeedVerdict.Kind.NOT_YET_KNOWN);
        assertThat(SpeedVerdict.of(new RunStatistics(5, 0.38, 0.05), 0.30).kind())
                .isEqualTo(SpeedVerdict.Kind.NOT_YET_KNOWN);
        assertThat(SpeedVerdict.of(new RunStatistics(5, 0.39, 0.05), 0.30).kind())
                .isEqualTo(SpeedVerdict.Kind.OUT);
        assertThat(SpeedVerdict.of(new RunStatistics(5, -0.39, 0.05), 0.30).kind())
                .isEqualTo(SpeedVerdict.Kind.OUT);
    }

    @Test
    void whatSitsOnTheLimitIsSaidToStraddleIt() {
        SpeedVerdict verdict = SpeedVerdict.of(new RunStatistics(12, 0.299, 0.08), 0.30);
        assertThat(verdict.kind()).isEqualTo(SpeedVerdict.Kind.NOT_YET_KNOWN);
        assertThat(verdict.straddles()).isTrue();
        assertThat(verdict.fireMore()).isZero();
    }

    @Test
    void fireMoreUsuallySettlesIt() {
        Random random = new Random(41);
        int settled = 0;
        int planned = 0;
        for (int camera = 0; camera < 400; camera++) {
            double truth = 0.30 - 0.09 + random.nextDouble() * 0.02;
            RunStatistics few = fired(random, truth, 0.07, 3);
            SpeedVerdict verdict = SpeedVerdict.of(few, 0.30);
            if (verdict.kind() == SpeedVerdict.Kind.NOT_YET_KNOWN && verdict.fireMore() > 0) {
                planned++;
                RunStatistics more = fired(random, truth, 0.07, 3 + verdict.fireMore());
                settled += SpeedVerdict.of(more, 0.30).kind() == SpeedVerdict.Kind.IN ? 1 : 0;
            }
        }
        assertThat(planned).isGreaterThan(100);
        assertThat((double) settled / planned).isGreaterThan(0.5);
    }

    @Test
    void ninetyFivePercentIntervalsHoldTheTruthThatOften() {
        Random random = new Random(7);
        int held = 0;
        int runs = 20_000;
        for (int i = 0; i < runs; i++) {
            RunStatistics run = fired(random, 0.2, 0.1, 5);
            held += Math.abs(run.biasEv() - 0.2) <= run.halfWidthEv(0.95) ? 1 : 0;
        }
        assertThat((double) held / runs).isBetween(0.945, 0.955);
    }

    @Test
    void tolerancesByFamilyAndSpeed() {
        assertThat(Tolerances.usual(Family.LEAF_UNIT).biasEv(1 / 128.0)).isEqualTo(0.30);
        assertThat(Tolerances.usual(Family.LEAF_UNIT).biasEv(1 / 125.0)).isEqualTo(0.30);
        assertThat(Tolerances.usual(Family.FOCAL_CLOTH).biasEv(1 / 200.0)).isEqualTo(0.45);
        assertThat(Tolerances.usual(Family.FOCAL_ELECTRONIC).biasEv(1 / 1024.0)).isEqualTo(0.20);
    }

    private static RunStatistics fired(Random random, double truthEv, double scatterEv, int firings) {
        List<Double> seconds = DoubleStream.generate(() -> Math.pow(2, truthEv + random.nextGaussian() * scatterEv))
                .limit(firings)
                .boxed()
                .toList();
        return RunStatistics.of(seconds, 1);
    }
}
