package ruvant.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PatternRangesTest {
    private static final PatternRanges SEEN = PatternRanges.of(List.of(
            new PatternRanges.Seen("1st pattern", "A 1204"),
            new PatternRanges.Seen("1st Pattern", "1900"),
            new PatternRanges.Seen("2nd pattern", "No. 2400"),
            new PatternRanges.Seen("2nd pattern", "3100-B"),
            new PatternRanges.Seen("late", "3000"),
            new PatternRanges.Seen("late", "5000"),
            new PatternRanges.Seen("", "9999"),
            new PatternRanges.Seen("late", "worn away")));

    @ParameterizedTest
    @CsvSource({
        "1500, 1st pattern, true",
        "A1204, 1st pattern, true",
        "2600, 2nd pattern, true",
        "3050, '', false",
        "4000, late, true",
        "2100, 1st pattern, false",
        "8000, late, false",
        "12, 1st pattern, false",
        "none, '', false",
        "'', '', false",
        "99999999999999999999, '', false"
    })
    void aNumberTellsItsPattern(String serial, String pattern, boolean inside) {
        PatternRanges.NumberSays guess = SEEN.guess(serial);
        assertThat(guess.pattern()).isEqualTo(pattern);
        assertThat(guess.inside()).isEqualTo(inside);
    }

    @Test
    void saysWhy() {
        assertThat(SEEN.guess("1500").why()).isEqualTo("2 of that pattern were numbered 1204 to 1900");
        assertThat(SEEN.guess("2100").why()).isEqualTo("the nearest number seen is 1900");
        assertThat(SEEN.guess("3050").why()).contains("overlap");
        assertThat(SEEN.ranges()).extracting(PatternRanges.Range::cameras).containsExactly(2, 2, 2);
    }

    @Test
    void ofNothingNothingIsKnown() {
        assertThat(PatternRanges.of(List.of()).guess("1500")).isEqualTo(new PatternRanges.NumberSays("", false, ""));
    }
}
