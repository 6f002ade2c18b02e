package ruvant.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UnitsTest {
    @ParameterizedTest
    @CsvSource({"R-0412, 412", "r412, 412", "412, 412", "R-12345, 12345", " R-0001 , 1"})
    void readsATagAsPeopleWriteIt(String written, int number) {
        assertThat(TagNumber.parse(written)).isEqualTo(new TagNumber(number));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "R-", "R-0", "0", "R-12x", "X-12", "99999999"})
    void refusesWhatIsNoTag(String written) {
        assertThatThrownBy(() -> TagNumber.parse(written))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("tag");
    }

    @Test
    void tagsPrintWithFourDigitsAndMore() {
        assertThat(new TagNumber(7)).hasToString("R-0007");
        assertThat(new TagNumber(123_456)).hasToString("R-123456");
    }

    @ParameterizedTest
    @CsvSource({"B3, C4, true", "B3, B4, true", "B3, B3, false", "B3, B5, false", "A1, C1, false"})
    void wellsAdjoinAlsoCornerwise(String one, String other, boolean adjoin) {
        assertThat(WellName.parse(one).adjoins(WellName.parse(other))).isEqualTo(adjoin);
        assertThat(WellName.parse(other).adjoins(WellName.parse(one))).isEqualTo(adjoin);
    }

    @ParameterizedTest
    @CsvSource({
        // measured, nominal, stops, percent
        "0.5, 0.25, 1, 100",
        "0.25, 0.5, -1, -50",
        "0.0166667, 0.015625, 0.0931, 6.667",
        "0.001, 0.0009765625, 0.0342, 2.4",
        "1, 1, 0, 0"
    })
    void errorsInStopsAndPercentAgree(double measured, double nominal, double stops, double percent) {
        ExposureEv error = ExposureEv.of(measured, nominal);
        assertThat(error.value()).isCloseTo(stops, within(1e-4));
        assertThat(error.percent()).isCloseTo(percent, within(0.01));
    }

    @Test
    void anExposureThatIsNoNumberIsRefused() {
        assertThatThrownBy(() -> ExposureEv.of(0, 1)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> ExposureEv.of(-1, 1)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> new ExposureEv(Double.NaN)).isInstanceOf(FieldProblem.class);
    }

    @Test
    void namesAreTidiedAndLimited() {
        assertThat(Check.name("part", "  front\t plate \u0007")).isEqualTo("front plate");
        assertThatThrownBy(() -> Check.name("part", " \n "))
                .isInstanceOf(FieldProblem.class)
                .hasMessage("The part is empty.");
        assertThatThrownBy(() -> Check.name("owner", "x".repeat(121)))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("121")
                .hasMessageContaining("120");
        assertThat(Check.name("owner", "نور 📷 דנה")).isEqualTo("نور 📷 דנה");
    }

    @Test
    void aRemarkOfTenThousandCharactersIsRefusedWithItsLength() {
        assertThatThrownBy(() -> Check.optionalRemark("remark", "x".repeat(10_000)))
                .isInstanceOfSatisfying(FieldProblem.class, problem -> {
                    assertThat(problem.getMessage()).contains("10000", "4000");
                    assertThat(problem.remedy()).contains("note");
                });
    }

    @Test
    void partsOfOneNameAreOnePart() {
        assertThat(PartName.of("The Front  Plate")).isEqualTo(PartName.of("front plate"));
        assertThat(PartName.of("front plate")).hasSameHashCodeAs(PartName.of("a front plate"));
        assertThat(PartName.of("front plate")).isNotEqualTo(PartName.of("front plates"));
    }

    @Test
    void moneyIsWholeMinorUnits() {
        assertThat(new Money(8500, "EUR")).hasToString("85.00 EUR");
        assertThat(new Money(8500, "JPY")).hasToString("8500 JPY");
        assertThatThrownBy(() -> new Money(-1, "EUR")).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> new Money(1, "EURO"))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("EURO");
    }

    @Test
    void whatNoPaperCanCarryIsLeftOutOfWhatIsTyped() {
        String typed = "ring\u0000 \uD83D loose\uFFFE,\nhere\uDC00 \uD83D\uDCF7";
        assertThat(Check.remark("remark", typed)).isEqualTo("ring  loose,\nhere \uD83D\uDCF7");
        assertThat(Check.name("part", typed)).isEqualTo("ring loose, here \uD83D\uDCF7");
    }
}
