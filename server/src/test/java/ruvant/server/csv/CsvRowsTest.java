package ruvant.server.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
