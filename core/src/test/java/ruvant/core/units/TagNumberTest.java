package ruvant.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TagNumberTest {
    @ParameterizedTest
    @CsvSource({"1, R-0001", "412, R-0412", "9999, R-9999", "10000, R-10000", "9999999, R-9999999"})
    void isPrintedWithFourFiguresAtLeast(int number, String printed) {
        assertThat(new TagNumber(number)).hasToString(printed);
        assertThat(TagNumber.parse(printed)).isEqualTo(new TagNumber(number));
        assertThat(TagNumber.isTag(printed)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"R-0412", "r412", " 412 ", "R0412", "0412"})
    void isReadAsPeopleWriteIt(String written) {
        assertThat(TagNumber.parse(written).number()).isEqualTo(412);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "R-", "R-0", "S-12", "R-12a", "10000000", "-3"})
    void whatIsNoTagIsRefusedInWords(String written) {
        assertThatThrownBy(() -> TagNumber.parse(written))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("not a tag number");
    }

    @Test
    void isPrintedAlikeEverywhere() {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.forLanguageTag("ar-EG-u-nu-arab"));
            assertThat(new TagNumber(7)).hasToString("R-0007");
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void tagsStandInTheOrderOfTheirNumbers() {
        assertThat(new TagNumber(9)).isLessThan(new TagNumber(10)).isGreaterThan(new TagNumber(1));
    }
}
