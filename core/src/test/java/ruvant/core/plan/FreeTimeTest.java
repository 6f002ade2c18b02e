package ruvant.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Held against a plain row of minutes: each free or not, and which window it is in. */
class FreeTimeTest {
    private static final int LAST = 3_000;

    private static final class Minutes {
        private final BitSet free = new BitSet();
        private final List<PlanCase.Span> windows;

        private Minutes(List<PlanCase.Span> windows) {
            this.windows = windows;
            windows.forEach(window -> free.set(window.start(), window.end()));
        }

        private boolean fits(int from, int minutes) {
            return free.nextClearBit(from) >= from + minutes
                    && windows.stream().anyMatch(one -> one.start() <= from && from + minutes <= one.end());
        }

        private int earliest(int from, int minutes) {
            return IntStream.rangeClosed(Math.max(0, from), LAST)
                    .filter(start -> fits(start, minutes))
                    .findFirst()
                    .orElse(Problem.NEVER);
        }
    }

    private static List<PlanCase.Span> windows(Random random) {
        List<PlanCase.Span> windows = new ArrayList<>();
        int at = random.nextInt(200);
        while (at < LAST - 300) {
            int end = at + 1 + random.nextInt(250);
            windows.add(new PlanCase.Span(at, end));
            // some windows touch and are two all the same
            at = end + (random.nextInt(4) == 0 ? 0 : random.nextInt(300));
        }
        return windows;
    }

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void isFreeWhenThePlainRowOfMinutesIs(int seed) {
        Random random = new Random(seed);
        List<PlanCase.Span> windows = windows(random);
        FreeTime free = new FreeTime(windows);
        FreeTime copy = new FreeTime(windows);
        Minutes plain = new Minutes(windows);
        List<PlanCase.Span> taken = new ArrayList<>();
        for (int turn = 0; turn < 300; turn++) {
            int from = random.nextInt(LAST + 100) - 50;
            int minutes = 1 + random.nextInt(random.nextBoolean() ? 12 : 120);
            int start = free.earliest(from, minutes);
            assertThat(start).isEqualTo(plain.earliest(from, minutes));
            assertThat(free.fits(Math.max(0, from), minutes)).isEqualTo(plain.fits(Math.max(0, from), minutes));
            if (start < Problem.NEVER && random.nextInt(3) > 0) {
                free.take(start, start + minutes);
                plain.free.clear(start, start + minutes);
                taken.add(new PlanCase.Span(start, start + minutes));
            } else if (!taken.isEmpty()) {
                PlanCase.Span back = taken.remove(random.nextInt(taken.size()));
                free.give(back.start(), back.end());
                plain.free.set(back.start(), back.end());
            }
            if (random.nextInt(10) == 0) {
                copy.set(free);
                assertThat(copy.earliest(from, minutes)).isEqualTo(plain.earliest(from, minutes));
            }
        }
    }

    @Test
    void whatHasStartedTakesItsTimeEvenAcrossTheBreak() {
        FreeTime free = new FreeTime(List.of(new PlanCase.Span(100, 200), new PlanCase.Span(250, 400)));
        free.block(150, 300);
        assertThat(free.earliest(0, 50)).isEqualTo(100);
        assertThat(free.earliest(101, 50)).isEqualTo(300);
        free.block(0, 1_000);
        assertThat(free.earliest(0, 1)).isEqualTo(Problem.NEVER);
    }

    @Test
    void nobodyWhoNeverWorksIsEverFree() {
        FreeTime never = new FreeTime(List.of());
        assertThat(never.earliest(0, 1)).isEqualTo(Problem.NEVER);
        assertThat(never.fits(0, 1)).isFalse();
    }
}
