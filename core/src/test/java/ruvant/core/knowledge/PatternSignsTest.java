package ruvant.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PatternSignsTest {
    private static PatternSigns.Seen seen(String pattern, String serial, String... features) {
        return new PatternSigns.Seen(pattern, serial, List.of(features));
    }

    private static final PatternSigns SEEN = PatternSigns.of(List.of(
            seen("1st pattern", "A 1204"),
            seen("1st Pattern", "1900"),
            seen("2nd pattern", "No. 2400"),
            seen("2nd pattern", "3100-B"),
            seen("late", "3000"),
            seen("late", "5000"),
            seen("", "9999"),
            seen("late", "worn away")));

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
    void aNumberTellsItsPattern(String serial, String pattern, boolean sure) {
        PatternSigns.PatternSays guess = SEEN.guess(serial, List.of());
        assertThat(guess.pattern()).isEqualTo(pattern);
        assertThat(guess.sure()).isEqualTo(sure);
    }

    @Test
    void saysWhy() {
        assertThat(SEEN.guess("1500", List.of()).why()).isEqualTo("2 of that pattern were numbered 1204 to 1900");
        assertThat(SEEN.guess("2100", List.of()).why()).isEqualTo("the nearest number seen is 1900");
        assertThat(SEEN.guess("3050", List.of()).why()).contains("overlap");
        assertThat(SEEN.ranges()).extracting(SerialRange::cameras).containsExactly(2, 2, 2);
    }

    @Test
    void ofNothingNothingIsKnown() {
        assertThat(PatternSigns.of(List.of()).guess("1500", List.of()))
                .isEqualTo(new PatternSigns.PatternSays("", false, ""));
    }

    private static final PatternSigns WITH_FEATURES = PatternSigns.of(List.of(
            seen("1st pattern", "1204", "distance scale engraved", "black dial"),
            seen("1st pattern", "1900", "Distance scale engraved"),
            seen("2nd pattern", "2400", "distance scale printed", "black dial"),
            seen("2nd pattern", "3100", "distance scale printed"),
            seen("", "9999", "chrome rim")));

    @Test
    void aFeatureOfOnePatternOnlyTellsIt() {
        PatternSigns.PatternSays says = WITH_FEATURES.guess("", List.of("Distance Scale engraved"));
        assertThat(says.pattern()).isEqualTo("1st pattern");
        assertThat(says.sure()).isTrue();
        assertThat(says.why()).isEqualTo("“distance scale engraved” was noted on 2 of 1st pattern, on no other");
    }

    @Test
    void aFeatureOfBothOrOfNoneTellsNothing() {
        assertThat(WITH_FEATURES.guess("", List.of("black dial", "chrome rim", "never seen")))
                .isEqualTo(new PatternSigns.PatternSays("", false, ""));
        assertThat(WITH_FEATURES.features())
                .extracting(PatternSigns.Feature::tells)
                .containsExactly(true, true, false, false);
    }

    @Test
    void featureAndNumberTogetherGiveBothReasons() {
        assertThat(WITH_FEATURES
                        .guess("1500", List.of("distance scale engraved"))
                        .why())
                .contains("on no other; 2 of that pattern were numbered 1204 to 1900");
    }

    @Test
    void whereTheyGainsayEachOtherNothingIsGuessed() {
        PatternSigns.PatternSays says = WITH_FEATURES.guess("1500", List.of("distance scale printed"));
        assertThat(says.pattern()).isEmpty();
        assertThat(says.why()).contains("1st pattern: check again");
        assertThat(WITH_FEATURES
                        .guess("", List.of("distance scale printed", "distance scale engraved"))
                        .why())
                .contains("parts of two patterns");
    }

    @Test
    void aFeatureOutweighsANumberThatLiesOnlyNearby() {
        assertThat(WITH_FEATURES
                        .guess("2100", List.of("distance scale printed"))
                        .pattern())
                .isEqualTo("2nd pattern");
    }
}
