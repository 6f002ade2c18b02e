package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;

/**
 * How both curtains ran over the gate, as far as the sensors tell, drawn on to the gate's ends.
 *
 * @param leading the one that opens
 * @param trailing the one that closes
 * @param gateMm length of the gate along the travel
 * @param places exposure at even steps from the start of the gate to its end
 * @param taperEv exposure at the end over that at the start, stops
 * @param taperUncertaintyEv one standard deviation of it
 * @param syncMarginSeconds from the leading curtain's arrival to the trailing one's start; below zero while the gate is
 *     never wholly open
 * @param narrowestSlitMm the narrowest the slit gets within the gate
 * @param contactSeconds from the leading curtain's arrival to the closing of the flash contact, where that was recorded
 */
public record Curtains(
        Run leading,
        Run trailing,
        double gateMm,
        List<AtPlace> places,
        double taperEv,
        double taperUncertaintyEv,
        double syncMarginSeconds,
        double narrowestSlitMm,
        Optional<Double> contactSeconds) {
    /**
     * One curtain.
     *
     * @param travelSeconds over the whole gate
     * @param uncertaintySeconds one standard deviation
     * @param startSpeed mm a second where the gate begins
     * @param endSpeed where it ends
     * @param acceleration mm/s², 0 where two sensors cannot tell
     */
    public record Run(
            double travelSeconds, double uncertaintySeconds, double startSpeed, double endSpeed, double acceleration) {}

    /**
     * What happens at a place of the gate.
     *
     * @param openSeconds when the leading curtain passes, from its passing the start of the gate
     * @param slitMm how wide the slit is when it passes
     */
    public record AtPlace(double placeMm, double exposureSeconds, double slitMm, double openSeconds) {}
}
