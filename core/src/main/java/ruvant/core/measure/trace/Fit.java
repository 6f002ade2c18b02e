package ruvant.core.measure.trace;

import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;

/** Least squares with few unknowns and many rows, gathered row by row. */
final class Fit {
    private final int unknowns;
    private final double[][] normal;
    private final double[] right;
    private double squares;
    private double rows;

    Fit(int unknowns) {
        this.unknowns = unknowns;
        this.normal = new double[unknowns][unknowns];
        this.right = new double[unknowns];
    }

    void add(double[] row, double value) {
        for (int i = 0; i < unknowns; i++) {
            double one = row[i];
            for (int j = i; j < unknowns; j++) {
                normal[i][j] += one * row[j];
            }
            right[i] += one * value;
        }
        squares += value * value;
        rows++;
    }

    double rows() {
        return rows;
    }

    /**
     * What the rows say.
     *
     * @param values of the unknowns
     * @param inverse of the normal matrix; times the variance of a row it is the covariance of the unknowns
     * @param squares what is left over, summed
     */
    record Solved(double[] values, RealMatrix inverse, double squares) {
        /** Variance of a combination of the unknowns, for rows of variance 1. */
        double variance(double[] row) {
            return Math.max(
                    0,
                    inverse.preMultiply(new ArrayRealVector(row, false)).dotProduct(new ArrayRealVector(row, false)));
        }

        double at(double[] row) {
            double sum = 0;
            for (int i = 0; i < row.length; i++) {
                sum += row[i] * values[i];
            }
            return sum;
        }
    }

    /** Solves; a column that says nothing of its own is held near zero. */
    Solved solve() {
        RealMatrix matrix = MatrixUtils.createRealMatrix(unknowns, unknowns);
        double[] scale = new double[unknowns];
        for (int i = 0; i < unknowns; i++) {
            scale[i] = normal[i][i] > 0 ? 1 / Math.sqrt(normal[i][i]) : 1;
        }
        for (int i = 0; i < unknowns; i++) {
            for (int j = i; j < unknowns; j++) {
                double value = normal[i][j] * scale[i] * scale[j] + (i == j ? 1e-12 : 0);
                matrix.setEntry(i, j, value);
                matrix.setEntry(j, i, value);
            }
            if (normal[i][i] <= 0) {
                matrix.setEntry(i, i, 1);
            }
        }
        DecompositionSolver solver = new QRDecomposition(matrix).getSolver();
        RealMatrix inverse = solver.getInverse();
        double[] values = new double[unknowns];
        double explained = 0;
        for (int i = 0; i < unknowns; i++) {
            for (int j = 0; j < unknowns; j++) {
                inverse.setEntry(i, j, inverse.getEntry(i, j) * scale[i] * scale[j]);
                values[i] += inverse.getEntry(i, j) * right[j];
            }
            explained += values[i] * right[i];
        }
        return new Solved(values, inverse, Math.max(0, squares - explained));
    }
}
