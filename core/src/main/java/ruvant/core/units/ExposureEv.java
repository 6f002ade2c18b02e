package ruvant.core.units;

/**
 * An exposure error in stops: {@code log2(measured / nominal)}. Positive means too long, so slow.
 *
 * @param value stops, within ±30
 */
public record ExposureEv(double value) {
    public ExposureEv {
        Check.within("exposureError", value, -30, 30, "EV");
    }

    /**
     * @param measuredSeconds above 0
     * @param nominalSeconds above 0
     */
    public static ExposureEv of(double measuredSeconds, double nominalSeconds) {
        return new ExposureEv(Math.log(measuredSeconds / nominalSeconds) / Math.log(2));
    }

    /** The same error as measured ÷ nominal − 1, in percent. */
    public double percent() {
        return (Math.pow(2, value) - 1) * 100;
    }
}
