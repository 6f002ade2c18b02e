package ruvant.server.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.units.FieldProblem;

class CsvRowsTest {
    private static List<String> read(String table) {
        return CsvRows.read(table, List.of("name", "count"), row -> row.text("name") + ":" + row.whole("count"));
    }

    @Test
    void whatIsWrittenIsReadAgainCommasQuotesAndLinesIncluded() {
        List<List<Object>> rows = List.of(List.of("ball, \"small\"", 3), List.of("two\nlines", 0), List.of("größe", 7));
        String table = CsvRows.written(List.of("name", "count"), rows, Function.identity());
        assertThat(read(table)).containsExactly("ball, \"small\":3", "two\nlines:0", "größe:7");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "name,count\r\nball,3\r\n",
                "\uFEFFname,count\nball,3",
                "NAME , Count \n ball , 3 \n\n",
                "count,extra,name\n3,whatever,ball"
            })
    void columnsAreToldByTheirNamesHoweverTheTableWasSaved(String table) {
        assertThat(read(table)).containsExactly("ball:3");
    }

    @Test
    void whatASpreadsheetWouldRunIsDefusedAndComesBackTheSame() {
        List<List<Object>> rows = List.of(
                List.of("=HYPERLINK(\"http://x\")", 1),
                List.of("+49 30", 2),
                List.of("-1+2", 3),
                List.of("@sum", 4),
                List.of("'=already", 5),
                List.of("it's plain", -6));
        String table = CsvRows.written(List.of("name", "count"), rows, Function.identity());
        assertThat(table)
                .contains("\"'=HYPERLINK")
                .contains("'+49 30")
                .contains("''=already")
                .contains("it's plain,-6");
        assertThat(read(table))
                .containsExactly(
                        "=HYPERLINK(\"http://x\"):1", "+49 30:2", "-1+2:3", "@sum:4", "'=already:5", "it's plain:-6");
    }

    @ParameterizedTest
    @ValueSource(strings = {"4294967297", "1e9", "2.5", "0x10", "NaN", "Infinity", "99999999999999999999"})
    void aFigureThatDoesNotFitIsRefusedWithItsRowAndColumn(String figure) {
        assertThatThrownBy(() -> read("name,count\nball,1\nspring," + figure))
                .isInstanceOf(FieldProblem.class)
                .hasMessageStartingWith("Row 3:")
                .hasMessageContaining("“count”");
    }

    @Test
    void aTableIsReadInTheEncodingInWhichItWasSaved() {
        String table = "name,count\nFührungsöse – ½,3";
        for (String charset : List.of("UTF-8", "UTF-16", "windows-1252")) {
            assertThat(read(CsvText.of(table.getBytes(Charset.forName(charset)))))
                    .as(charset)
                    .containsExactly("Führungsöse – ½:3");
        }
        byte[] none = {'n', 'a', (byte) 0x81, (byte) 0x8d, 0, 1};
        assertThatThrownBy(() -> CsvText.of(none)).isInstanceOf(FieldProblem.class);
    }

    @Test
    void anEmptyFigureIsNoneAndADecimalCommaIsFine() {
        List<Double> sizes = CsvRows.read("name,mm\na,\nb,\"1,4\"\nc,3.0", List.of("name"), row -> row.figure("mm"));
        assertThat(sizes).containsExactly(null, 1.4, 3.0);
    }

    @Test
    void aMissingColumnIsNamedWithWhatIsNeeded() {
        assertThatThrownBy(() -> read("name\nball"))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("no column “count”");
    }

    @Test
    void aRowThatCannotBeReadIsNamedAndNothingIsTaken() {
        assertThatThrownBy(() -> read("name,count\nball,3\nspring,many"))
                .isInstanceOfSatisfying(FieldProblem.class, problem -> {
                    assertThat(problem.getMessage()).startsWith("Row 3:").contains("“many”");
                    assertThat(problem.remedy()).contains("Nothing was imported");
                });
    }

    @Test
    void aTableThatBreaksOffIsNoTable() {
        assertThatThrownBy(() -> read("name,count\n\"ball,3"))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("not a CSV table");
    }

    @Test
    void aTableWithoutRowsIsEmpty() {
        assertThat(read("name,count\n")).isEmpty();
    }
}
