package ruvant.core.practice.stand;

/**
 * What becomes of the light's signal on its way into the computer.
 *
 * @param rateHz samples a second
 * @param snrDb plateau over noise (standard deviation), decibels
 * @param bits of each sample, 0 for floating point
 */
public record StandInput(double rateHz, Coupling coupling, double snrDb, Scale scale, Hum hum, int bits) {
    private static final Scale USUAL = new Scale(0.5, 0, false, 0);
    private static final Hum NO_HUM = new Hum(50, 0);
    private static final int USUAL_BITS = 16;

    /**
     * What lets nothing steady through.
     *
     * @param cutoffHz of the first stage, 0 for none
     * @param secondCutoffHz of a second stage, 0 for none
     */
    public record Coupling(double cutoffHz, double secondCutoffHz) {}

    /**
     * How the signal lies in what can be sampled.
     *
     * @param plateau height of the plateau as a part of full scale
     * @param offset of the whole, as a part of full scale
     * @param inverted whether light goes down
     * @param clipAt as a part of the plateau above which the signal is cut, 0 for never
     */
    public record Scale(double plateau, double offset, boolean inverted, double clipAt) {}

    /**
     * Hum of the mains.
     *
     * @param depth its amplitude as a part of the plateau
     */
    public record Hum(double hz, double depth) {}

    /** A clean input without coupling. */
    public static StandInput direct(double rateHz, double snrDb) {
        return coupled(rateHz, snrDb, 0);
    }

    /** The usual sound input, which lets nothing steady through. */
    public static StandInput coupled(double rateHz, double snrDb, double cutoffHz) {
        return new StandInput(rateHz, new Coupling(cutoffHz, 0), snrDb, USUAL, NO_HUM, USUAL_BITS);
    }

    /** The same with a second stage of coupling. */
    public StandInput withSecond(double hz) {
        return new StandInput(rateHz, new Coupling(coupling.cutoffHz(), hz), snrDb, scale, hum, bits);
    }

    /** The same the other way up. */
    public StandInput upsideDown() {
        return with(new Scale(scale.plateau(), scale.offset(), !scale.inverted(), scale.clipAt()));
    }

    /** The same, cut above a part of the plateau. */
    public StandInput clippedAt(double part) {
        return with(new Scale(scale.plateau(), scale.offset(), scale.inverted(), part));
    }

    /** The same off the middle. */
    public StandInput withOffset(double part) {
        return with(new Scale(scale.plateau(), part, scale.inverted(), scale.clipAt()));
    }

    /** The same with hum of the mains. */
    public StandInput withHum(double hz, double depth) {
        return new StandInput(rateHz, coupling, snrDb, scale, new Hum(hz, depth), bits);
    }

    /** The same with samples of other width. */
    public StandInput withBits(int width) {
        return new StandInput(rateHz, coupling, snrDb, scale, hum, width);
    }

    private StandInput with(Scale other) {
        return new StandInput(rateHz, coupling, snrDb, other, hum, bits);
    }
}
