package ruvant.server.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.practice.faults.Search;
import tools.jackson.databind.json.JsonMapper;

/** The next look on faults that were set aside: few, so that the bounds are wider than the figures of the benchmark. */
class UnseenSearchTest {
    private static final FaultKnowledge KNOWN = known();

    private static FaultKnowledge known() {
        try (InputStream in = FaultKnowledge.class.getResourceAsStream("faults.json")) {
            return JsonMapper.builderWithJackson2Defaults().build().readValue(in, FaultKnowledge.class);
        } catch (IOException problem) {
            throw new AssertionError(problem);
        }
    }

    @Test
    void theAdvisedWayIsFarShorterThanTheChecklist() {
        assertThat(minutes(Search.Way.ADVISED)).isLessThan(0.7 * minutes(Search.Way.CHECKLIST));
    }

    @Test
    void aCameraShowsTheSameHoweverOftenItIsLookedAt() {
        UnseenSearch camera = new UnseenSearch(KNOWN, 4_711);
        for (FaultKnowledge.Look look : KNOWN.looksOf(camera.family())) {
            assertThat(camera.look(look)).isEqualTo(camera.look(look));
            assertThat(new UnseenSearch(KNOWN, 4_711).look(look)).isEqualTo(camera.look(look));
        }
        assertThat(camera.asItComesIn().symptoms()).isNotEmpty();
        assertThat(KNOWN.causesOf(camera.family()).stream().filter(camera::has)).hasSizeBetween(1, 2);
    }

    private static double minutes(Search.Way way) {
        List<Search.Ended> ended = UnseenSearch.over(KNOWN, way, 90_001, 40);
        return ended.stream().mapToDouble(Search.Ended::minutes).average().orElseThrow();
    }
}
