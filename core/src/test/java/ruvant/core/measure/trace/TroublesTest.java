package ruvant.core.measure.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.trade.StandSetup;

/** What disturbs a recording, told from what a shutter does. */
class TroublesTest {
    private static final double BLOCK = 1 / 8_000.0;
    private static final double NOISE = 0.004;

    /** Two seconds of blocks. */
    private static float[] blocks(long seed, IntToDoubleFunction signal) {
        Random random = new Random(seed);
        float[] blocks = new float[16_000];
        for (int i = 0; i < blocks.length; i++) {
            blocks[i] = (float) (signal.applyAsDouble(i) + NOISE * random.nextGaussian());
        }
        return blocks;
    }

    private static double swing(int block, double at, double hz, double dies) {
        double since = block * BLOCK - at;
        return since < 0 ? 0 : Math.exp(-since / dies) * Math.sin(2 * Math.PI * hz * since);
    }

    private static double light(int block, double from, double seconds) {
        double at = block * BLOCK;
        return at >= from && at < from + seconds ? 0.5 : 0;
    }

    @ParameterizedTest
    @CsvSource({"500, 0.002", "900, 0.003", "1500, 0.001"})
    void aKnockIsFoundAndBridged(double hz, double dies) {
        float[] blocks = blocks(1, i -> light(i, 0.5, 0.02) + 0.6 * swing(i, 1.2, hz, dies));
        Knocks knocks = Knocks.in(blocks, BLOCK, NOISE);
        assertThat(knocks.stretches()).hasSize(1);
        assertThat(knocks.stretches().getFirst().from() * BLOCK).isCloseTo(1.2, within(0.002));
        float[] calm = knocks.bridged(blocks);
        for (int i = (int) (1.19 / BLOCK); i < 1.25 / BLOCK; i++) {
            assertThat(Math.abs(calm[i])).isLessThan(0.25f * 0.6f);
        }
        assertThat(calm[(int) (0.51 / BLOCK)]).isEqualTo(blocks[(int) (0.51 / BLOCK)]);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.0005, 0.001, 0.004, 0.3})
    void aFiringAndItsReboundsAreNoKnock(double seconds) {
        float[] blocks = blocks(
                2, i -> light(i, 0.5, seconds) + light(i, 0.503 + seconds, 0.001) + light(i, 0.508 + seconds, 0.001));
        assertThat(Knocks.in(blocks, BLOCK, NOISE).stretches()).isEmpty();
    }

    private static final List<Lit> FIRED = List.of(
            Lit.between(new Step(4_000, 0.5), new Step(4_160, -0.5)),
            Lit.between(new Step(12_000, 0.5), new Step(12_080, -0.5)));

    @ParameterizedTest
    @CsvSource({"50.06, 50", "59.93, 60"})
    void humIsTakenOffWithItsHarmonics(double hz, double nominal) {
        float[] hums = blocks(
                3,
                i -> light(i, 0.5, 0.02)
                        + light(i, 1.5, 0.01)
                        + 0.03 * Math.cos(2 * Math.PI * hz * i * BLOCK + 1)
                        + 0.012 * Math.cos(2 * Math.PI * 3 * hz * i * BLOCK)
                        + 0.008 * Math.cos(2 * Math.PI * 5 * hz * i * BLOCK + 2));
        Hum hum = Hum.in(hums, BLOCK, FIRED, NOISE).orElseThrow();
        assertThat(hum.nominalHz()).isEqualTo(nominal);
        assertThat(hum.amplitude()).isCloseTo(0.03, within(0.003));
        float[] left = hum.without(hums);
        double squares = 0;
        for (int i = 3_000; i < 3_900; i++) {
            squares += left[i] * left[i] / 900.0;
        }
        assertThat(Math.sqrt(squares)).isLessThan(1.15 * NOISE);
        // the light itself stays as it was
        assertThat((double) left[4_080]).isCloseTo(0.5, within(0.02));
    }

    @Test
    void noiseAloneDoesNotHum() {
        assertThat(Hum.in(blocks(4, i -> light(i, 0.5, 0.02)), BLOCK, FIRED, NOISE))
                .isEmpty();
        double[] walks = new double[16_000];
        Random random = new Random(5);
        for (int i = 1; i < walks.length; i++) {
            walks[i] = 0.97 * walks[i - 1] + 0.004 * random.nextGaussian();
        }
        assertThat(Hum.in(blocks(6, i -> walks[i]), BLOCK, FIRED, NOISE)).isEmpty();
    }

    @Test
    void noiseThatWandersCountsMoreInLongMeans() {
        Random random = new Random(7);
        double[] white = new double[9_600];
        double[] wanders = new double[9_600];
        double slow = 0;
        for (int i = 0; i < white.length; i++) {
            white[i] = random.nextGaussian();
            slow = 0.995 * slow + 0.03 * random.nextGaussian();
            wanders[i] = white[i] + slow;
        }
        Dark.Stretch all = new Dark.Stretch(0, white.length);
        assertThat(Wander.of(white, 1, 48_000, all).most()).isBetween(1.0, 1.35);
        Wander wander = Wander.of(wanders, 1, 48_000, all);
        assertThat(wander.most()).isGreaterThan(2.5);
        assertThat(wander.over(0.0005)).isBetween(1.0, wander.over(0.004));
        assertThat(Wander.NONE.over(0.01)).isEqualTo(1);
    }

    private static Lit fired(double closesBy) {
        return Lit.between(new Step(100, 1), new Step(200, -closesBy));
    }

    @Test
    void anInputThatTurnsItselfDownClosesByLessThanItOpened() {
        assertThat(AutomaticLevel.fall(List.of(fired(0.4), fired(0.45), fired(0.42)), List.of()))
                .hasValueSatisfying(fall -> assertThat(fall).isCloseTo(0.58, within(0.01)));
        assertThat(AutomaticLevel.fall(List.of(fired(0.4), fired(1.1), fired(0.8)), List.of()))
                .isEmpty();
        assertThat(AutomaticLevel.fall(List.of(fired(0.4)), List.of())).isEmpty();
    }

    private static List<Lit> lit(Step... steps) {
        return LitStretches.of(List.of(steps), 16_000, BLOCK, Optional.empty());
    }

    @Test
    void whatComesBackWithinTensOfMillisecondsIsNoFiring() {
        List<Lit> lit = lit(
                new Step(4_000, 1),
                new Step(4_064, -1),
                new Step(4_120, 0.9),
                new Step(4_136, -0.9),
                new Step(12_000, 1),
                new Step(12_064, -1));
        assertThat(lit).extracting(Lit::from).containsExactly(4_000, 12_000);
        assertThat(lit).extracting(Lit::to).containsExactly(4_064, 12_064);
        assertThat(lit.getFirst().again()).isEqualTo(4_136);
    }

    @Test
    void aReboundWhoseWayBackWasNotSeenDoesNotReachToTheNextFiring() {
        List<Lit> lit = lit(
                new Step(4_000, 1),
                new Step(4_064, -1),
                new Step(4_120, 0.5),
                new Step(12_000, 1),
                new Step(12_064, -1));
        assertThat(lit).extracting(Lit::to).containsExactly(4_064, 12_064);
    }

    @Test
    void bladesThatHangHalfClosedCloseInTheEnd() {
        List<Lit> lit = lit(
                new Step(4_000, 1),
                new Step(4_400, -0.45),
                new Step(5_200, -0.55),
                new Step(12_000, 1),
                new Step(12_400, -1));
        assertThat(lit).extracting(Lit::to).containsExactly(5_200, 12_400);
    }

    @Test
    void anEdgePassesASensorAtTheSpeedBetweenSensors() {
        StandSetup setup = Recordings.GATE;
        // fourteen millimetres in five milliseconds: 2.8 m/s, and 1 mm takes 0.36 ms
        ChannelTrace first = trace(0, 4_000);
        ChannelTrace second = trace(1, 4_040);
        Passing passing =
                Passing.of(setup, first, List.of(first, second), BLOCK).orElseThrow();
        assertThat(passing.least()).isLessThan(0.000357);
        assertThat(passing.most()).isBetween(0.000357, 0.0006);
        assertThat(passing.surelyWide(0.001)).isTrue();
        assertThat(passing.surelyWide(0.0004)).isFalse();
        Passing alone = Passing.of(setup, first, List.of(first), BLOCK).orElseThrow();
        assertThat(alone.most()).isGreaterThan(passing.most());
        assertThat(Passing.of(StandSetup.leaf(), first, List.of(first), BLOCK)).isEmpty();
    }

    private static ChannelTrace trace(int channel, int from) {
        return new ChannelTrace(
                channel,
                List.of(Lit.between(new Step(from, 1), new Step(from + 40, -1))),
                1,
                NOISE,
                CoupledBy.DIRECT,
                Optional.empty(),
                new Knocks(List.of(), BLOCK),
                StandSetup.Kind.FOCAL_PLANE);
    }
}
