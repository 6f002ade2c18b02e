package ruvant.core.treat.wiring;

import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import ruvant.core.trade.ProbeKind;

/**
 * Stands in for a multimeter at a simulated circuit, solved by nodal analysis (Kirchhoff: at each point the currents sum to
 * zero). Continuity is measured with the cell out and switches closed, voltage with switches open, and under load with
 * them closed.
 */
public final class Multimeter {
    /** From here on the meter shows "open". */
    public static final double OPEN_OHMS = 1e7;

    /** Leaks that any insulation has, so that a point that hangs free has some voltage. */
    private static final double LEAK_SIEMENS = 1e-11;

    private static final double METER_OHMS = 1e7;
    private static final double TEST_AMPERES = 1e-3;

    private Multimeter() {}

    /**
     * What it shows with the red probe at one point and the black at another.
     *
     * @return ohms or volts by what it is set to; empty for open
     * @throws ruvant.core.units.FieldProblem if the circuit has no such point
     */
    public static Optional<Double> reads(Circuit circuit, ProbeKind kind, String red, String black) {
        int from = circuit.point("from", red);
        int to = circuit.point("to", black);
        int points = circuit.points().size();
        RealMatrix conductances = new Array2DRowRealMatrix(points, points);
        RealVector currents = new ArrayRealVector(points);
        for (int i = 0; i < points; i++) {
            conductances.addToEntry(i, i, LEAK_SIEMENS);
        }
        boolean ohms = kind == ProbeKind.CONTINUITY;
        for (Circuit.Piece piece : circuit.pieces()) {
            boolean out = ohms && piece.kind() == Circuit.Kind.CELL
                    || kind == ProbeKind.VOLTAGE && piece.kind() == Circuit.Kind.SWITCH;
            if (!out) {
                join(conductances, piece.from(), piece.to(), 1 / Math.max(piece.ohms(), 1e-6));
                push(currents, piece.from(), piece.to(), piece.volts() / Math.max(piece.ohms(), 1e-6));
            }
        }
        if (ohms) {
            push(currents, to, from, TEST_AMPERES);
        } else {
            join(conductances, from, to, 1 / METER_OHMS);
        }
        RealVector volts = new LUDecomposition(conductances).getSolver().solve(currents);
        double across = volts.getEntry(from) - volts.getEntry(to);
        if (!ohms) {
            return Optional.of(rounded(across, 1e3));
        }
        double resists = across / TEST_AMPERES;
        return resists >= OPEN_OHMS ? Optional.empty() : Optional.of(rounded(resists, 1e2));
    }

    private static void join(RealMatrix conductances, int one, int other, double siemens) {
        conductances.addToEntry(one, one, siemens);
        conductances.addToEntry(other, other, siemens);
        conductances.addToEntry(one, other, -siemens);
        conductances.addToEntry(other, one, -siemens);
    }

    private static void push(RealVector currents, int from, int to, double amperes) {
        currents.addToEntry(from, -amperes);
        currents.addToEntry(to, amperes);
    }

    /** As the display rounds it. */
    private static double rounded(double value, double steps) {
        return Math.rint(value * steps) / steps;
    }
}
