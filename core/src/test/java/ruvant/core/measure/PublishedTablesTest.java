package ruvant.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.prove.Streak;

/** The figures that stand in any book of statistical tables. */
class PublishedTablesTest {
    @ParameterizedTest
    @CsvSource({"3, 0.051, 7.378", "5, 0.484, 11.143", "6, 0.831, 12.833", "10, 2.700, 19.023", "21, 9.591, 34.170"})
    void intervalsOfAScatterAreByChiSquare(int firings, double low, double high) {
        RunStatistics.Interval scatter = new RunStatistics(firings, 0, 0.1).scatterEv(0.95);

        assertThat(scatter.lowEv()).isCloseTo(0.1 * Math.sqrt((firings - 1) / high), within(0.0001));
        assertThat(scatter.highEv()).isCloseTo(0.1 * Math.sqrt((firings - 1) / low), within(0.005));
    }

    @ParameterizedTest
    @CsvSource({"36, 0, 0.080", "59, 0, 0.0495", "20, 0, 0.139", "20, 1, 0.216", "50, 2, 0.121", "100, 5, 0.102"})
    void boundsOfAMissRateAreExactBinomial(int firings, int misses, double bound) {
        assertThat(new Streak(0, 36, firings, misses).missRateBound()).isCloseTo(bound, within(0.001));
    }

    @ParameterizedTest
    @CsvSource({
        // allowed 0.30: in while |mean| + t·s/√n stays under it, out when the interval lies beyond
        "5, 0.10, 0.05, IN",
        "5, 0.21, 0.05, IN",
        "5, 0.22, 0.05, NOT_YET_KNOWN",
        "5, 0.38, 0.05, NOT_YET_KNOWN",
        "5, 0.39, 0.05, OUT",
        "10, 0.25, 0.05, IN",
        "10, 0.35, 0.05, OUT"
    })
    void verdictsFollowFromTheTables(int firings, double bias, double scatter, SpeedVerdict.Kind kind) {
        assertThat(SpeedVerdict.of(new RunStatistics(firings, bias, scatter), 0.30)
                        .kind())
                .isEqualTo(kind);
    }
}
