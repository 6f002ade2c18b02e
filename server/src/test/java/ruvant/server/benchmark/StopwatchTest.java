package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class StopwatchTest {
    @Test
    void bothWaysAreGoneTurnByTurnAndTheFirstFewAreNotCounted() throws Exception {
        List<String> ran = new ArrayList<>();
        Stopwatch.Pair pair = Stopwatch.beside(2, 3, i -> ran.add("ours " + i), i -> ran.add("bare " + i));
        assertThat(ran)
                .containsExactly(
                        "ours 0", "bare 0", "ours 1", "bare 1", "ours 2", "bare 2", "ours 3", "bare 3", "ours 4",
                        "bare 4");
        assertThat(pair.ours().ms()).hasSize(3).isSorted();
        assertThat(pair.bare().ms()).hasSize(3).isSorted();
    }

    @Test
    void aShareOfTheTimesIsTakenFromThemInTheirOrder() {
        Stopwatch.Times times = new Stopwatch.Times(new double[] {1, 2, 3, 4, 5, 6, 7, 8, 9, 10});
        assertThat(times.p(0)).isEqualTo(1);
        assertThat(times.p(0.5)).isEqualTo(6);
        assertThat(times.p(0.95)).isEqualTo(10);
        assertThat(times.p(1)).isEqualTo(10);
    }
}
