package ruvant.server.measure;

import java.util.Arrays;

/** Columns of figures that grow row by row, without an object for each figure. */
final class ColumnsOfFigures {
    private static final int AT_FIRST = 4_096;

    private double[][] columns = new double[0][];
    private int rows;

    /** Sets how many columns there are; nothing was put yet. */
    void begin(int count) {
        columns = new double[count][AT_FIRST];
    }

    /** How many columns there are, 0 before they begin. */
    int columns() {
        return columns.length;
    }

    /** Puts a figure into the row under way. */
    void put(int column, double figure) {
        if (rows == columns[column].length) {
            columns[column] = Arrays.copyOf(columns[column], 2 * rows);
        }
        columns[column][rows] = figure;
    }

    /** Ends the row under way. */
    void next() {
        rows++;
    }

    /** A column as far as its rows have ended. */
    double[] column(int at) {
        return Arrays.copyOf(columns[at], rows);
    }
}
