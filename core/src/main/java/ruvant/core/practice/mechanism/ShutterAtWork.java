package ruvant.core.practice.mechanism;

import java.util.List;

/** A shutter that can be fired, whatever is wrong with it. */
public interface ShutterAtWork {
    /** How a firing is made. */
    record How(boolean lensDown, boolean rested) {
        /** Level, in a series. */
        public static final How USUAL = new How(false, false);
    }

    /**
     * Fires it once.
     *
     * @param speed its place on the dial, from 0 for the slowest
     * @param places parts of the gate at which exposure is asked for; the blades of a leaf shutter have one
     * @return exposure at each place in seconds, 0 where no light comes
     */
    List<Double> fire(int speed, List<Double> places, How how);

    /** Travel of leading and trailing curtain at the last firing, as log2 of what was made; NaN for none. */
    double[] lastTravelLog2();
}
