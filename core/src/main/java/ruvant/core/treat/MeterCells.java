package ruvant.core.treat;

import java.util.Comparator;
import java.util.List;
import ruvant.core.trade.TradeLists;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What becomes of a meter whose cell is no longer made, with each cell that is. A bridge circuit does not care for the
 * voltage; a needle that hangs on the light cell alone reads with it, by as many stops as its slope says.
 */
public final class MeterCells {
    /** A light cell's resistance goes with light to this power; so a voltage reads as light to its inverse. */
    private static final double USUAL_GAMMA = 0.8;

    private static final double THIRD = 1.0 / 3;

    private MeterCells() {}

    /**
     * How a meter takes a voltage.
     *
     * @param stopsPerDoubling how many stops more it reads where the voltage doubles; 0 for a bridge
     */
    public record Circuit(double stopsPerDoubling) {
        public Circuit {
            Check.within("stopsPerDoubling", stopsPerDoubling, -4, 4, "EV");
        }

        /** One that does not care. */
        public static final Circuit BRIDGE = new Circuit(0);

        /** A needle on a light cell: twice the current is read as 2 to the power of 1/γ as much light. */
        public static final Circuit NEEDLE = new Circuit(1 / USUAL_GAMMA);

        /**
         * As two readings of the same light tell.
         *
         * @param volts first voltage, 0.5 to 10
         * @param readingEv what it read then
         * @throws FieldProblem where the voltages are too near to tell anything
         */
        public static Circuit measured(double volts, double readingEv, double otherVolts, double otherReadingEv) {
            Check.within("volts", volts, 0.5, 10, "V");
            Check.within("otherVolts", otherVolts, 0.5, 10, "V");
            double doublings = log2(otherVolts / volts);
            if (Math.abs(doublings) < 0.05) {
                throw new FieldProblem(
                        "volts", "The two voltages are too close together.", "Use two that differ by at least 0.1 V.");
            }
            return new Circuit((otherReadingEv - readingEv) / doublings);
        }
    }

    /**
     * What a cell would do.
     *
     * @param freshEv error when it is new, stops, positive where it reads too much light
     * @param spentEv error when it is spent
     * @param thirds by how many thirds of a stop the film-speed dial is set higher, to take most of that back; lower where
     *     below 0
     * @param leftEv largest error over its life after that
     */
    public record CellOutlook(TradeLists.MeterCell cell, double freshEv, double spentEv, int thirds, double leftEv) {}

    /** All cells for a meter, that with the least error left first. */
    public static List<CellOutlook> outlooks(double madeForVolts, Circuit circuit, List<TradeLists.MeterCell> cells) {
        Check.within("madeForVolts", madeForVolts, 0.5, 30, "V");
        return cells.stream()
                .map(cell -> outlook(cell, madeForVolts, circuit))
                .sorted(Comparator.comparingDouble(CellOutlook::leftEv))
                .toList();
    }

    private static CellOutlook outlook(TradeLists.MeterCell cell, double madeFor, Circuit circuit) {
        double fresh = circuit.stopsPerDoubling() * log2(cell.freshVolts() / madeFor);
        double spent = circuit.stopsPerDoubling() * log2(cell.spentVolts() / madeFor);
        int thirds = (int) -Math.round((fresh + spent) / 2 / THIRD);
        double taken = thirds * THIRD;
        return new CellOutlook(cell, fresh, spent, thirds, Math.max(Math.abs(fresh + taken), Math.abs(spent + taken)));
    }

    private static double log2(double value) {
        return Math.log(value) / Math.log(2);
    }
}
