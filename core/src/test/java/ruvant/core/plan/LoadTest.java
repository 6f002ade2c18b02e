package ruvant.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Held against counting what lies there minute by minute. */
class LoadTest {
    private static final int LAST = 2_000;

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    private static int earliest(int[] used, int capacity, int from, int minutes) {
        return IntStream.rangeClosed(from, LAST)
                .filter(start -> IntStream.range(start, start + minutes).allMatch(at -> used[at] < capacity))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void hasRoomWhenCountingMinuteByMinuteSaysSo(int seed) {
        Random random = new Random(seed);
        int capacity = 1 + random.nextInt(4);
        Load load = new Load(capacity);
        Load copy = new Load(capacity);
        int[] used = new int[LAST * 3];
        List<int[]> lies = new ArrayList<>();
        for (int turn = 0; turn < 200; turn++) {
            int from = random.nextInt(400);
            int minutes = 1 + random.nextInt(90);
            int start = load.earliest(from, minutes);
            assertThat(start).isEqualTo(earliest(used, capacity, from, minutes));
            if (random.nextInt(5) > 1 && start < LAST - 100) {
                load.take(start, start + minutes);
                IntStream.range(start, start + minutes).forEach(at -> used[at]++);
                lies.add(new int[] {start, start + minutes});
            } else if (!lies.isEmpty()) {
                int[] back = lies.remove(random.nextInt(lies.size()));
                load.give(back[0], back[1]);
                IntStream.range(back[0], back[1]).forEach(at -> used[at]--);
            }
            copy.set(load);
            assertThat(copy.earliest(from, minutes)).isEqualTo(earliest(used, capacity, from, minutes));
        }
    }

    @Test
    void aStationThatHoldsNothingNeverHasRoom() {
        assertThat(new Load(0).earliest(0, 1)).isEqualTo(Problem.NEVER);
    }
}
