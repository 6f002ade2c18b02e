package ruvant.core.parts;

import java.util.Arrays;

/** The cheapest way to give each row a column of its own (Hungarian method with potentials, O(rows² · columns)). */
final class Assignment {
    private Assignment() {}

    /**
     * Assigns.
     *
     * @param cost for each row and column; no more rows than columns
     * @return the column of each row
     */
    static int[] of(double[][] cost) {
        int rows = cost.length;
        int columns = rows == 0 ? 0 : cost[0].length;
        double[] ofRow = new double[rows + 1];
        double[] ofColumn = new double[columns + 1];
        int[] rowOf = new int[columns + 1];
        int[] before = new int[columns + 1];
        for (int row = 1; row <= rows; row++) {
            rowOf[0] = row;
            int at = 0;
            double[] least = new double[columns + 1];
            Arrays.fill(least, Double.POSITIVE_INFINITY);
            boolean[] done = new boolean[columns + 1];
            while (rowOf[at] != 0) {
                done[at] = true;
                int current = rowOf[at];
                double step = Double.POSITIVE_INFINITY;
                int next = 0;
                for (int column = 1; column <= columns; column++) {
                    if (!done[column]) {
                        double reduced = cost[current - 1][column - 1] - ofRow[current] - ofColumn[column];
                        if (reduced < least[column]) {
                            least[column] = reduced;
                            before[column] = at;
                        }
                        if (least[column] < step) {
                            step = least[column];
                            next = column;
                        }
                    }
                }
                for (int column = 0; column <= columns; column++) {
                    if (done[column]) {
                        ofRow[rowOf[column]] += step;
                        ofColumn[column] -= step;
                    } else {
                        least[column] -= step;
                    }
                }
                at = next;
            }
            while (at != 0) {
                rowOf[at] = rowOf[before[at]];
                at = before[at];
            }
        }
        int[] columnOf = new int[rows];
        for (int column = 1; column <= columns; column++) {
            if (rowOf[column] != 0) {
                columnOf[rowOf[column] - 1] = column - 1;
            }
        }
        return columnOf;
    }
}
