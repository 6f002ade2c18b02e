package ruvant.core.practice.stand;

/**
 * The light on the stand.
 *
 * @param rippleHz of a mains lamp, 100 or 120; of no account where the depth is 0
 * @param rippleDepth amplitude of the ripple as a part of the mean light, 0 to 1
 * @param secondHarmonic amplitude at twice the frequency, as a part of the depth
 * @param phase of the ripple when the recording begins, radians
 * @param driftPerSecond by which part the light grows in a second
 */
public record StandLamp(
        double rippleHz, double rippleDepth, double secondHarmonic, double phase, double driftPerSecond) {
    /** A battery lamp. */
    public static final StandLamp STEADY = new StandLamp(100, 0, 0, 0, 0);

    double level(double seconds) {
        double turn = 2 * Math.PI * rippleHz * seconds + phase;
        return (1 + driftPerSecond * seconds)
                * (1 + rippleDepth * (Math.cos(turn) + secondHarmonic * Math.cos(2 * turn + 1)));
    }
}
