package ruvant.core.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.money.Measure;
import ruvant.core.money.Party;
import ruvant.core.money.PriceLine;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;

class TypedDraftTest {
    private static final CurrencyHere EUR = new CurrencyHere("EUR", "en-IE");

    private static TypedDraft typed(String discount, TypedDraft.Line... lines) {
        return new TypedDraft(
                PaperKind.BILL, null, "", Party.named("Amara Okonjo"), List.of(lines), discount, null, null);
    }

    private static TypedDraft.Line hours(String quantity, String price, String discount) {
        return new TypedDraft.Line("work", quantity, Measure.HOUR, price, discount, "");
    }

    @ParameterizedTest
    @CsvSource({
        "1:45, 1750, 8400",
        "1.75, 1750, 8400",
        "'1,75', 1750, 8400",
        "0:01, 17, 82",
        "2, 2000, 9600",
        "'', 1000, 4800"
    })
    void hoursAreTypedAsAClockOrAsAFigure(String quantity, long thousandths, long minor) {
        PriceLine line =
                typed("", hours(quantity, "48", "")).read(EUR, "vat").lines().getFirst();
        assertThat(line.thousandths()).isEqualTo(thousandths);
        assertThat(line.amountMinor()).isEqualTo(minor);
        assertThat(line.tax()).isEqualTo("vat");
    }

    @Test
    void discountsAreAmountsOrPercentages() {
        Draft draft = typed("2,5 %", hours("1", "48", "10 %"), hours("1", "20.00", "3.50"))
                .read(EUR, "vat");
        assertThat(draft.lines()).extracting(PriceLine::discountMinor).containsExactly(480L, 350L);
        assertThat(draft.discountHundredths()).isEqualTo(250);
        assertThat(typed("5", hours("1", "48", "")).read(EUR, "vat").discountMinor())
                .isEqualTo(500);
    }

    @Test
    void linesThatAreEmptyAreLeftOutAndOthersNameTheirField() {
        TypedDraft.Line empty = new TypedDraft.Line(" ", "1", Measure.PIECE, "", "", "");
        assertThat(typed("", empty, hours("1", "48", "")).read(EUR, "vat").lines())
                .hasSize(1);
        assertField("lines.1.price", typed("", empty, hours("1", "dear", "")));
        assertField("lines.0.quantity", typed("", hours("none", "48", "")));
        assertField("lines.0.quantity", typed("", hours("0", "48", "")));
        assertField("lines.0.discount", typed("", hours("1", "48", "48.01")));
        assertField("lines.0.words", typed("", new TypedDraft.Line("", "1", Measure.PIECE, "5", "", "")));
        assertField("discount", typed("much", hours("1", "48", "")));
    }

    private static void assertField(String field, TypedDraft draft) {
        assertThatThrownBy(() -> draft.read(EUR, "vat"))
                .isInstanceOfSatisfying(
                        FieldProblem.class,
                        problem -> assertThat(problem.field()).isEqualTo(field));
    }

    @Test
    void aDraftIsTypedAgainAsItWas() {
        Draft draft = typed(
                        "1.50",
                        hours("1:45", "48", "3.50"),
                        new TypedDraft.Line("spring", "2", Measure.PIECE, "1250", "", "low"))
                .read(EUR, "vat");
        assertThat(TypedDraft.of(draft, EUR).read(EUR, "other")).isEqualTo(draft);
    }
}
