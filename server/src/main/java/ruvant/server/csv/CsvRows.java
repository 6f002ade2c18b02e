package ruvant.server.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import ruvant.core.units.FieldProblem;

/** Tables as text with commas; a row that cannot be read is named by its line. */
public final class CsvRows {
    private CsvRows() {}

    /** A table: its header, and the cells of each row. */
    public static <T> String written(List<String> header, List<T> rows, Function<T, List<Object>> cells) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(header.toArray(String[]::new))
                .get();
        try (CSVPrinter csv = new CSVPrinter(text, format)) {
            for (T row : rows) {
                csv.printRecord(cells.apply(row).stream().map(Defused::written).toList());
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
        return text.toString();
    }

    /** @throws FieldProblem naming the row, and the column where a figure is none */
    public static <T> List<T> read(String csv, List<String> needed, Function<Row, T> reading) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<T> read = new ArrayList<>();
        // spreadsheets put a mark of the order of bytes before the first column
        try (CSVParser parser = CSVParser.parse(new StringReader(csv.replace("\uFEFF", "")), format)) {
            for (String column : needed) {
                if (parser.getHeaderNames().stream().noneMatch(column::equalsIgnoreCase)) {
                    throw new FieldProblem(
                            "file",
                            "The table has no column “" + column + "”.",
                            "The first row must name the columns: " + String.join(", ", needed) + ".");
                }
            }
            for (CSVRecord one : parser) {
                read.add(row(one, reading));
            }
        } catch (FieldProblem problem) {
            throw problem;
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException problem) {
            throw new FieldProblem(
                    "file", "That is not a CSV table: " + problem.getMessage(), "Save it as CSV and try again.");
        }
        return read;
    }

    private static <T> T row(CSVRecord one, Function<Row, T> reading) {
        try {
            return reading.apply(new Row(one));
        } catch (FieldProblem problem) {
            throw new FieldProblem(
                    "file",
                    "Row " + (one.getRecordNumber() + 1) + ": " + problem.getMessage(),
                    problem.remedy() + " Nothing was imported.");
        }
    }

    /** One row, by the names of its columns; a column that is not there is empty. */
    public record Row(CSVRecord cells) {
        public String text(String column) {
            return cells.isMapped(column) && cells.isSet(column) ? Defused.read(cells.get(column)) : "";
        }

        /** A whole number within what a count or an amount can be; 0 where the cell is empty. */
        public int whole(String column) {
            double figure = figure(column, 0);
            if (figure != Math.rint(figure) || Math.abs(figure) > Integer.MAX_VALUE) {
                throw new FieldProblem(
                        column,
                        "“" + text(column) + "” under “" + column + "” is not a whole number up to " + Integer.MAX_VALUE
                                + ".",
                        "Correct the cell.");
            }
            return (int) figure;
        }

        public Double figure(String column) {
            return text(column).isEmpty() ? null : figure(column, 0);
        }

        private double figure(String column, double otherwise) {
            String typed = text(column).replace(',', '.');
            if (typed.isEmpty()) {
                return otherwise;
            }
            if (typed.matches("[+-]?\\d{1,15}(\\.\\d{1,15})?")) {
                return Double.parseDouble(typed);
            } else {
                throw new FieldProblem(
                        column, "“" + text(column) + "” under “" + column + "” is not a number.", "Use numbers only.");
            }
        }
    }
}
