package ruvant.core.practice.stand;

/**
 * A leaf shutter: blades that open along a power of time, stay, and close; perhaps stop on the way open, perhaps rebound.
 *
 * @param effectiveSeconds area under the transmission, above 0
 * @param openingSeconds from shut to wide open, above 0
 * @param closingSeconds from wide open to shut, above 0
 * @param openingPower 1 for a straight ramp, 2 for blades that gather speed
 * @param closingPower likewise for closing
 * @param hesitation part of the opening at which the blades stop for a while, 0 for none
 * @param hesitationSeconds for how long
 * @param rebound height of the rebound after closing, as part of the full opening; 0 for none
 * @param reboundAfterSeconds from shut to the rebound
 * @param reboundSeconds how long the rebound lets light through
 */
public record LeafMotion(
        double effectiveSeconds,
        double openingSeconds,
        double closingSeconds,
        double openingPower,
        double closingPower,
        double hesitation,
        double hesitationSeconds,
        double rebound,
        double reboundAfterSeconds,
        double reboundSeconds)
        implements Motion {
    /** A plain firing: no stop on the way, no rebound. */
    public static LeafMotion plain(double effectiveSeconds, double rampSeconds) {
        return new LeafMotion(effectiveSeconds, rampSeconds, rampSeconds, 1.3, 1.3, 0, 0, 0, 0, 0);
    }

    /** Whether the blades have to turn back before they are wide open. */
    public boolean opensFully() {
        return closeBegins() >= openingSeconds + hesitationSeconds;
    }

    private double closeBegins() {
        // area of the opening counts from its middle, ∫u^p = 1/(p+1)
        double openMiddle = opening() - areaOfOpening();
        double closeMiddle = openMiddle + effectiveSeconds;
        return closeMiddle - closingSeconds * closingPower / (closingPower + 1);
    }

    private double opening() {
        return openingSeconds + hesitationSeconds;
    }

    private double areaOfOpening() {
        return openingSeconds / (openingPower + 1) + hesitation * hesitationSeconds;
    }

    private double opened(double seconds) {
        double stopsAt = openingSeconds * Math.pow(hesitation, 1 / openingPower);
        double moving = hesitation > 0 && seconds > stopsAt ? Math.max(stopsAt, seconds - hesitationSeconds) : seconds;
        return Math.pow(Math.clamp(moving / openingSeconds, 0, 1), openingPower);
    }

    private double closed(double seconds) {
        return Math.pow(Math.clamp((seconds - closeBegins()) / closingSeconds, 0, 1), closingPower);
    }

    @Override
    public double transmission(int sensor, double seconds) {
        double light = Math.max(0, opened(seconds) - closed(seconds));
        double since = seconds - closeBegins() - closingSeconds - reboundAfterSeconds;
        if (rebound > 0 && since > 0 && since < reboundSeconds) {
            light += rebound * Math.sin(Math.PI * since / reboundSeconds);
        }
        return light;
    }

    @Override
    public double endSeconds() {
        return Math.max(opening(), closeBegins() + closingSeconds) + reboundAfterSeconds + reboundSeconds;
    }

    @Override
    public double openSeconds(int sensor) {
        return opening() - areaOfOpening();
    }

    @Override
    public double closeSeconds(int sensor) {
        return openSeconds(sensor) + effectiveSeconds;
    }
}
