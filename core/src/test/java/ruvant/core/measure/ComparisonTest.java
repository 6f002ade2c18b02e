package ruvant.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.trade.Attitude;

/** Against printed tables where there are any, and against what many simulated cameras do. */
class ComparisonTest {
    private static final double NOMINAL = 1 / 64.0;

    private static RunStatistics run(double... errorsEv) {
        return RunStatistics.of(
                Arrays.stream(errorsEv).mapToObj(e -> NOMINAL * Math.pow(2, e)).toList(), NOMINAL);
    }

    private static RunStatistics drawn(Random random, int firings, double bias, double scatter) {
        return run(random.doubles(firings)
                .map(any -> bias + scatter * random.nextGaussian())
                .toArray());
    }

    /** Two-sided 95 % and 98 % points of Student's t, and 2.5 % and 97.5 % points of chi-square, as printed. */
    @ParameterizedTest
    @CsvSource({
        "2, 12.706, 31.821, 5.024, 0.000982",
        "5, 2.776, 3.747, 11.143, 0.484",
        "11, 2.228, 2.764, 20.483, 3.247",
        "21, 2.086, 2.528, 34.170, 9.591"
    })
    void intervalsAreThoseOfThePrintedTables(int firings, double t95, double t98, double upper, double lower) {
        RunStatistics run = new RunStatistics(firings, 0, 1);
        assertThat(run.halfWidthEv(0.95) * Math.sqrt(firings)).isCloseTo(t95, within(0.001));
        assertThat(run.halfWidthEv(0.98) * Math.sqrt(firings)).isCloseTo(t98, within(0.001));
        RunStatistics.Interval scatter = run.scatterEv(0.95);
        assertThat((firings - 1) / (scatter.lowEv() * scatter.lowEv())).isCloseTo(upper, within(0.001));
        assertThat((firings - 1) / (scatter.highEv() * scatter.highEv())).isCloseTo(lower, within(0.001));
    }

    @Test
    void oneFiringSaysNothingOfItsScatter() {
        assertThat(run(0.1).scatterEv(0.95)).isEqualTo(new RunStatistics.Interval(0, Double.POSITIVE_INFINITY));
        assertThatThrownBy(() -> Difference.between(run(0.1), run(0.1, 0.2)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** By hand: means 2 and 6, variances 1 and 4, three firings each: error √(5/3), freedom 25/8.5. */
    @Test
    void twoRunsAreComparedWithoutTakingTheirScattersForEqual() {
        Difference difference = Difference.between(run(1, 2, 3), run(4, 6, 8));
        assertThat(difference.byEv()).isCloseTo(4, within(1e-9));
        assertThat(difference.standardErrorEv()).isCloseTo(Math.sqrt(5.0 / 3), within(1e-9));
        assertThat(difference.freedom()).isCloseTo(25 / 8.5, within(1e-9));
        assertThat(difference.chance()).isBetween(0.03, 0.06);
        assertThat(difference.halfWidthEv(1 - difference.chance()))
                .as("the interval that just touches no difference")
                .isCloseTo(4, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 10})
    void intervalsHoldTheTruthAsOftenAsTheySay(int firings) {
        Random random = new Random(firings);
        int mean = 0;
        int scatter = 0;
        int difference = 0;
        int rounds = 4000;
        for (int i = 0; i < rounds; i++) {
            RunStatistics before = drawn(random, firings, 0.6, 0.12);
            RunStatistics after = drawn(random, firings, 0.1, 0.04);
            mean += Math.abs(after.biasEv() - 0.1) <= after.halfWidthEv(0.95) ? 1 : 0;
            RunStatistics.Interval spread = after.scatterEv(0.95);
            scatter += spread.lowEv() <= 0.04 && spread.highEv() >= 0.04 ? 1 : 0;
            Difference apart = Difference.between(before, after);
            difference += Math.abs(apart.byEv() + 0.5) <= apart.halfWidthEv(0.95) ? 1 : 0;
        }
        assertThat(mean / (double) rounds).isBetween(0.93, 0.97);
        assertThat(scatter / (double) rounds).isBetween(0.93, 0.97);
        assertThat(difference / (double) rounds).isBetween(0.93, 0.98);
    }

    @Test
    void aCameraThatMindsHowItIsHeldIsFoundAndAHealthyOneLeftAlone() {
        Random random = new Random(3);
        int found = 0;
        int cried = 0;
        for (int i = 0; i < 500; i++) {
            Map<Attitude, RunStatistics> sick = Map.of(
                    Attitude.LEVEL, drawn(random, 6, 0.1, 0.06),
                    Attitude.LENS_DOWN, drawn(random, 6, 0.4, 0.08),
                    Attitude.LENS_UP, drawn(random, 6, 0.1, 0.06));
            List<Attitudes.Effect> effects = Attitudes.effects(sick);
            found += effects.getFirst().attitude() == Attitude.LENS_DOWN
                            && effects.getFirst().called()
                    ? 1
                    : 0;
            Map<Attitude, RunStatistics> healthy = Map.of(
                    Attitude.LEVEL, drawn(random, 6, 0.1, 0.15),
                    Attitude.LENS_DOWN, drawn(random, 6, 0.1, 0.15),
                    Attitude.LENS_UP, drawn(random, 6, 0.1, 0.15));
            cried += Attitudes.effects(healthy).stream().anyMatch(Attitudes.Effect::called) ? 1 : 0;
        }
        assertThat(found).isGreaterThan(480);
        assertThat(cried).isLessThanOrEqualTo(30);
    }

    @Test
    void chancesAreCorrectedForTheNumberOfQuestionsAndStayInOrder() {
        List<Attitudes.Effect> effects = Attitudes.effects(Map.of(
                Attitude.LEVEL, run(0, 0.02, -0.02, 0.01),
                Attitude.LENS_DOWN, run(0.30, 0.32, 0.28, 0.31),
                Attitude.LENS_UP, run(0.01, 0.03, -0.01, 0.02)));
        assertThat(effects)
                .extracting(Attitudes.Effect::attitude)
                .containsExactly(Attitude.LENS_DOWN, Attitude.LENS_UP);
        assertThat(effects).extracting(Attitudes.Effect::called).containsExactly(true, false);
        assertThat(effects.get(0).chance())
                .isCloseTo(
                        2
                                * Difference.between(run(0, 0.02, -0.02, 0.01), run(0.30, 0.32, 0.28, 0.31))
                                        .chance(),
                        within(1e-12));
        assertThat(effects.get(1).chance())
                .isGreaterThanOrEqualTo(effects.get(0).chance())
                .isLessThanOrEqualTo(1);
    }

    @Test
    void aTinyEffectIsNotCalledHoweverSure() {
        assertThat(Attitudes.effects(Map.of(
                        Attitude.LEVEL, run(0, 0.001, -0.001, 0),
                        Attitude.LENS_UP, run(0.05, 0.051, 0.049, 0.05))))
                .singleElement()
                .satisfies(effect -> {
                    assertThat(effect.chance()).isLessThan(0.001);
                    assertThat(effect.called()).isFalse();
                });
        assertThat(Attitudes.effects(Map.of(Attitude.LENS_UP, run(0, 1)))).isEmpty();
    }

    @Test
    void hangUpsAreFoundAndHealthyFiringsLeftAlone() {
        Random random = new Random(8);
        int planted = 0;
        int found = 0;
        int healthy = 0;
        int cried = 0;
        for (int camera = 0; camera < 800; camera++) {
            double scatter = 0.03 + 0.05 * random.nextDouble();
            List<double[]> runs = new ArrayList<>();
            List<int[]> where = new ArrayList<>();
            for (int speed = 0; speed < 9; speed++) {
                double bias = random.nextGaussian() * 0.3;
                double[] run = random.doubles(5)
                        .map(any -> bias + scatter * random.nextGaussian())
                        .toArray();
                int hung = random.nextInt(20) == 0 ? random.nextInt(5) : -1;
                if (hung >= 0) {
                    run[hung] += 0.6 + random.nextDouble();
                }
                runs.add(run);
                where.add(new int[] {hung});
            }
            List<boolean[]> said = HangUps.among(runs);
            for (int speed = 0; speed < 9; speed++) {
                for (int i = 0; i < 5; i++) {
                    boolean really = where.get(speed)[0] == i;
                    planted += really ? 1 : 0;
                    found += really && said.get(speed)[i] ? 1 : 0;
                    healthy += really ? 0 : 1;
                    cried += !really && said.get(speed)[i] ? 1 : 0;
                }
            }
        }
        assertThat(planted).isGreaterThan(200);
        assertThat(found / (double) planted).isGreaterThan(0.97);
        assertThat(cried / (double) healthy).isLessThan(0.001);
    }

    @Test
    void twoFiringsTellNoMiddle() {
        assertThat(HangUps.among(List.of(new double[] {0, 3}, new double[] {})))
                .extracting(hung -> Arrays.toString(hung))
                .containsExactly("[false, false]", "[]");
        assertThat(HangUps.pooledScatter(List.of())).isZero();
    }

    @Test
    void pooledScatterIsTheCamerasOwn() {
        Random random = new Random(4);
        List<double[]> runs = new ArrayList<>();
        for (int speed = 0; speed < 400; speed++) {
            runs.add(random.doubles(5).map(any -> 0.2 * random.nextGaussian()).toArray());
        }
        assertThat(HangUps.pooledScatter(runs)).isBetween(0.16, 0.22);
    }

    @Test
    void aSlowFirstFiringIsFoundFromSeveralRestsAndNotFromOne() {
        Random random = new Random(6);
        int one = 0;
        int five = 0;
        int none = 0;
        for (int i = 0; i < 400; i++) {
            double[] rest =
                    random.doubles(10).map(any -> 0.1 * random.nextGaussian()).toArray();
            double[] first = random.doubles(5)
                    .map(any -> 0.2 + 0.1 * random.nextGaussian())
                    .toArray();
            double[] same =
                    random.doubles(5).map(any -> 0.1 * random.nextGaussian()).toArray();
            five += FirstAfterRest.of(first, rest).chance() < 0.05 ? 1 : 0;
            one += FirstAfterRest.of(new double[] {first[0]}, Arrays.copyOf(rest, 2))
                                    .chance()
                            < 0.05
                    ? 1
                    : 0;
            none += FirstAfterRest.of(same, rest).chance() < 0.05 ? 1 : 0;
        }
        assertThat(five).isGreaterThan(340);
        assertThat(one).isLessThan(120);
        assertThat(none).isLessThan(40);
        assertThat(FirstAfterRest.of(new double[] {0.5}, new double[] {0, 0}).effectEv())
                .isEqualTo(0.5);
        assertThatThrownBy(() -> FirstAfterRest.of(new double[] {1}, new double[] {0}))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
