package ruvant.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is taken from benches that were kept comes to the same as laying everything anew. */
class LayingTest {
    static IntStream seeds() {
        return IntStream.range(0, 40);
    }

    private static int[] byJob(Problem problem) {
        return Arrays.stream(problem.jobBlocks).flatMapToInt(Arrays::stream).toArray();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anOrderCostsTheSameHoweverItWasComeTo(int seed) {
        Random random = new Random(seed);
        Problem problem = new Problem(RandomBench.of(random, 2, 12, 60));
        Moves moves = new Moves(problem, new SplittableRandom(seed), byJob(problem));
        Laying laying = new Laying(problem);
        long cost = laying.lay(moves.order);
        for (int turn = 0; turn < 200; turn++) {
            boolean moved = random.nextBoolean() ? moves.block() : random.nextBoolean() ? moves.swap() : moves.job(0.5);
            int first = moved ? Arrays.mismatch(moves.tried, moves.order) : -1;
            if (first < 0) {
                continue;
            }
            int last = moves.tried.length - 1;
            while (moves.tried[last] == moves.order[last]) {
                last--;
            }
            long limit = cost + (random.nextBoolean() ? 0 : 200 * Score.FIRST);
            long its = laying.lay(moves.tried, last, cost, limit);
            long anew = new Laying(problem).lay(moves.tried);
            if (its != Laying.GIVEN_UP) {
                assertThat(its).isEqualTo(anew);
                laying.keep(first);
                moves.take();
                cost = its;
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noMovePutsABlockBeforeWhatItWaitsFor(int seed) {
        Random random = new Random(seed);
        Problem problem = new Problem(RandomBench.of(random, 2, 12, 60));
        Moves moves = new Moves(problem, new SplittableRandom(seed), byJob(problem));
        int[] place = new int[problem.blocks.length];
        for (int turn = 0; turn < 300; turn++) {
            boolean moved = random.nextBoolean() ? moves.block() : random.nextBoolean() ? moves.swap() : moves.job(0.5);
            if (!moved) {
                continue;
            }
            moves.take();
            assertThat(Arrays.stream(moves.order).distinct().count()).isEqualTo(place.length);
            for (int at = 0; at < place.length; at++) {
                place[moves.order[at]] = at;
            }
            for (int block : moves.order) {
                for (int before : problem.blocksBefore[block]) {
                    assertThat(place[before]).isLessThan(place[block]);
                }
            }
        }
    }
}
