package ruvant.core.practice.stand;

/**
 * What becomes of the light's signal on its way into the computer.
 *
 * @param rateHz samples a second
 * @param cutoffHz of the coupling, 0 for none
 * @param secondCutoffHz of a second stage, 0 for none
 * @param snrDb plateau over noise (standard deviation), decibels
 * @param plateau height of the plateau as a part of full scale
 * @param offset of the whole, as a part of full scale
 * @param inverted whether light goes down
 * @param clipAt as a part of the plateau above which the signal is cut, 0 for never
 * @param humHz of hum from the mains
 * @param humDepth amplitude of the hum as a part of the plateau
 * @param bits of each sample, 0 for floating point
 */
public record StandInput(
        double rateHz,
        double cutoffHz,
        double secondCutoffHz,
        double snrDb,
        double plateau,
        double offset,
        boolean inverted,
        double clipAt,
        double humHz,
        double humDepth,
        int bits) {
    /** A clean input without coupling. */
    public static StandInput direct(double rateHz, double snrDb) {
        return new StandInput(rateHz, 0, 0, snrDb, 0.5, 0, false, 0, 50, 0, 16);
    }

    /** The usual sound input, which lets nothing steady through. */
    public static StandInput coupled(double rateHz, double snrDb, double cutoffHz) {
        return new StandInput(rateHz, cutoffHz, 0, snrDb, 0.5, 0, false, 0, 50, 0, 16);
    }

    /** The same with a second stage of coupling. */
    public StandInput withSecond(double hz) {
        return new StandInput(rateHz, cutoffHz, hz, snrDb, plateau, offset, inverted, clipAt, humHz, humDepth, bits);
    }

    /** The same the other way up. */
    public StandInput upsideDown() {
        return new StandInput(
                rateHz, cutoffHz, secondCutoffHz, snrDb, plateau, offset, !inverted, clipAt, humHz, humDepth, bits);
    }

    /** The same, cut above a part of the plateau. */
    public StandInput clippedAt(double part) {
        return new StandInput(
                rateHz, cutoffHz, secondCutoffHz, snrDb, plateau, offset, inverted, part, humHz, humDepth, bits);
    }

    /** The same off the middle. */
    public StandInput withOffset(double part) {
        return new StandInput(
                rateHz, cutoffHz, secondCutoffHz, snrDb, plateau, part, inverted, clipAt, humHz, humDepth, bits);
    }

    /** The same with hum of the mains. */
    public StandInput withHum(double hz, double depth) {
        return new StandInput(
                rateHz, cutoffHz, secondCutoffHz, snrDb, plateau, offset, inverted, clipAt, hz, depth, bits);
    }
}
