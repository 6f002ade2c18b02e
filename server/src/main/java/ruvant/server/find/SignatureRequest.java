package ruvant.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import ruvant.core.signature.CurtainTravel;
import ruvant.core.signature.ShutterKind;
import ruvant.core.signature.SpeedFirings;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.server.formats.PartsMayBeMissing;

/**
 * Errors of a shutter's firings, whose pattern is asked for.
 *
 * @param family focalPlaneMechanical, focalPlaneElectronic or leaf
 */
@PartsMayBeMissing
record SignatureRequest(
        @Schema(allowableValues = {"focalPlaneMechanical", "focalPlaneElectronic", "leaf"})
        String family,

        List<Speed> speeds,
        @MayBeNull Travel curtains) {
    /**
     * One marked speed.
     *
     * @param sensors start, middle, end; null for one in the middle
     * @param errorEv for each sensor its error at each firing, stops, positive for slow; null where no light came. For
     *     one sensor the inner list may be left out by giving one list of one
     * @param lensDownErrorEv error of each firing with the lens down, stops: the mean over the sensors; empty or null for none
     * @param firstAfterRest whether the first firing came after a rest
     */
    record Speed(
            @MayBeNull String marked,
            double nominalSeconds,
            @MayBeNull List<String> sensors,
            List<List<Double>> errorEv,

            @Schema(description = "Error of each firing with the lens down, in EV: the mean over the sensors.")
            @MayBeNull
            List<Double> lensDownErrorEv,

            @MayBeNull Boolean firstAfterRest) {
        private SpeedFirings firings() {
            int given = errorEv == null ? 0 : errorEv.size();
            List<Double> places = sensors == null || sensors.isEmpty()
                    ? unnamed(given)
                    : sensors.stream().map(Speed::place).toList();
            return new SpeedFirings(
                    marked == null || marked.isBlank() ? nominalSeconds + " s" : marked,
                    nominalSeconds,
                    places,
                    errorEv,
                    lensDownErrorEv,
                    Boolean.TRUE.equals(firstAfterRest));
        }

        private static List<Double> unnamed(int sensors) {
            return switch (sensors) {
                case 2 -> List.of(START, END);
                case 3 -> List.of(START, MIDDLE, END);
                default -> List.of(MIDDLE);
            };
        }

        private static final double START = 0.1;
        private static final double MIDDLE = 0.5;
        private static final double END = 0.9;

        private static double place(String sensor) {
            return switch (sensor == null ? "" : sensor) {
                case "start" -> START;
                case "middle" -> MIDDLE;
                case "end" -> END;
                default ->
                    throw new FieldProblem(
                            "sensors", "There is no sensor “" + sensor + "”.", "Use start, middle or end.");
            };
        }
    }

    /** log2 of measured ÷ specified travel, where known. */
    record Travel(
            @MayBeNull Double leadingTravelLog2, @MayBeNull Double trailingTravelLog2) {}

    ShutterKind kind() {
        return ShutterKind.ofKey(family)
                .orElseThrow(() -> new FieldProblem(
                        "family",
                        "“" + family + "” is not a kind of shutter whose pattern is known.",
                        "Use focalPlaneMechanical, focalPlaneElectronic or leaf."));
    }

    List<SpeedFirings> firings() {
        if (speeds != null && speeds.contains(null)) {
            throw new FieldProblem("speeds", "One of the speeds is empty.", "Give its firings, or leave it out.");
        }
        return speeds == null ? List.of() : speeds.stream().map(Speed::firings).toList();
    }

    CurtainTravel travel() {
        return curtains == null
                ? CurtainTravel.UNKNOWN
                : new CurtainTravel(
                        Optional.ofNullable(curtains.leadingTravelLog2()),
                        Optional.ofNullable(curtains.trailingTravelLog2()));
    }
}
