package ruvant.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A range that begins or ends at a mark holds the marks of other series beside it, and not the next one of its own. */
class RangeMarkTest {
    private static RangeMark mark(String label) {
        return RangeMark.all().stream()
                .filter(one -> one.label().equals(label))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"1/30, 25", "1/30, 32", "1/60, 50", "1/125, 100", "1/250, 300", "1/8, 10", "1/4, 5"})
    void marksOfOtherSeriesLieWithin(String label, double part) {
        assertThat(1 / part)
                .isGreaterThanOrEqualTo(mark(label).fromSeconds())
                .isLessThan(mark(label).toSeconds());
    }

    @Test
    void noMarkReachesItsNeighbour() {
        List<RangeMark> all = RangeMark.all();
        for (int i = 1; i < all.size(); i++) {
            assertThat(all.get(i).seconds()).isGreaterThan(all.get(i - 1).toSeconds());
            assertThat(all.get(i - 1).seconds()).isLessThan(all.get(i).fromSeconds());
        }
    }
}
