package ruvant.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NamedTest {
    @Test
    void isTheSameUnderAnyWordsAndAnotherUnderAnyId() {
        Named cause = new Named("trainGummed", "retard train gummed");
        assertThat(new Named("trainGummed", "retard train gummed badly")).isEqualTo(cause);
        assertThat(Map.of(cause, 1)).containsKey(new Named("trainGummed", ""));
        assertThat(new Named("trainDeep", "retard train gummed")).isNotEqualTo(cause);
    }

    @ParameterizedTest
    @CsvSource({
        "opticalCleaner, opticalCleaner, optical cleaner",
        "retard train gummed, retard-train-gummed, retard train gummed",
        "Speed 1/125, speed-1/125, Speed 1/125",
        "'brake, lower', brake-lower, 'brake, lower'",
        "Verschluß träge, verschluß-träge, Verschluß träge",
    })
    void isToldByWhatWasSaidWhereNothingElseIsKnown(String said, String id, String words) {
        Named named = Named.of(said);
        assertThat(named.id()).isEqualTo(id);
        assertThat(named.words()).isEqualTo(words);
    }

    @Test
    void meansTheSameWhereOneWasToldByItsWordsAlone() {
        Named known = new Named("trainGummed", "Retard train gummed");
        assertThat(Named.of("retard train gummed").means(known)).isTrue();
        assertThat(known.means(Named.of("retard train gummed"))).isTrue();
        assertThat(new Named("own-1", "Retard train gummed").means(known)).isFalse();
        assertThat(Named.of("retard train bent").means(known)).isFalse();
    }

    @Test
    void hasAnIdEvenWhereItsWordsHaveNoLetters() {
        assertThat(List.of(Named.of("???").id(), Named.of("!!").id()))
                .doesNotHaveDuplicates()
                .doesNotContain("");
    }

    @Test
    void isRefusedUnderTheNameOfItsField() {
        assertThatThrownBy(() -> Named.in("suspect", Named.of("  ")))
                .isInstanceOfSatisfying(
                        FieldProblem.class,
                        problem -> assertThat(problem.field()).isEqualTo("suspect"));
    }
}
