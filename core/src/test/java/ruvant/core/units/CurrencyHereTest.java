package ruvant.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Currency;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CurrencyHereTest {
    @ParameterizedTest
    @CsvSource({"EUR,2,12.50,1250", "JPY,0,1 250,1250", "KWD,3,1.234,1234", "CHF,2,1 250.05,125005"})
    void readsAmountsInTheDigitsOfItsCurrency(String currency, int digits, String typed, long minor) {
        CurrencyHere here = new CurrencyHere(currency, "en-IE");
        assertThat(here.digits()).isEqualTo(digits);
        assertThat(here.read(typed)).isEqualTo(new Money(minor, currency));
    }

    @Test
    void saysThatACurrencyWithoutASmallerUnitHasNone() {
        assertThatThrownBy(() -> new CurrencyHere("JPY", "ja-JP").read("12.50"))
                .isInstanceOfSatisfying(
                        FieldProblem.class,
                        problem -> assertThat(problem.field()).isEqualTo("amount"))
                .hasMessageContaining("JPY has no smaller unit");
    }

    @Test
    void writesCodesAsTheyAreWritten() {
        assertThat(new CurrencyHere("usd", "en-us")).isEqualTo(new CurrencyHere("USD", "en-US"));
    }

    @ParameterizedTest
    @CsvSource({"EURO,en-IE,currency", "XYZ,en-IE,currency", "EUR,somewhere else,locale", "EUR,en_IE!,locale"})
    void refusesWhatIsNoCurrencyAndNoPlace(String currency, String locale, String field) {
        assertThatThrownBy(() -> new CurrencyHere(currency, locale))
                .isInstanceOfSatisfying(
                        FieldProblem.class,
                        problem -> assertThat(problem.field()).isEqualTo(field));
    }

    @Test
    void offersOnlyWhatCanBeCounted() {
        assertThat(CurrencyHere.known())
                .contains(Currency.getInstance("EUR"), Currency.getInstance("JPY"))
                .doesNotContain(Currency.getInstance("XAU"))
                .isSortedAccordingTo((a, b) -> a.getCurrencyCode().compareTo(b.getCurrencyCode()));
    }
}
