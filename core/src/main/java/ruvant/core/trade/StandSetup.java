package ruvant.core.trade;

import java.util.List;
import java.util.Optional;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Labelled;

/**
 * How a recording was made.
 *
 * @param sensors in the order of the recording's channels; empty where nothing is known of them
 * @param gateMm length of the gate along the travel, 5 to 250; empty where it is not known
 * @param nominalSeconds the speed that was set, as its engraving means; empty where it is not known or changes
 * @param cutoffHz of the input's coupling where it was measured before, 0.05 to 500; empty where it is to be estimated
 */
public record StandSetup(
        Kind kind,
        Coupling coupling,
        List<Sensor> sensors,
        Optional<Double> gateMm,
        Optional<Double> nominalSeconds,
        Optional<Double> cutoffHz) {
    private static final int MOST_SENSORS = 3;

    /** What was recorded. */
    public enum Kind implements Labelled {
        LEAF("leaf shutter, by light"),
        FOCAL_PLANE("focal plane, by light"),
        SOUND("by sound");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** What the input lets through: everything, only what changes, or not known. */
    public enum Coupling implements Labelled {
        AUTO("detected from the signal"),
        DC("passes everything"),
        AC("passes only changes");

        private final String label;

        Coupling(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * A diode at the gate.
     *
     * @param positionMm from where the leading curtain comes, -50 to 250
     * @param widthMm along the travel, above 0 to 20
     */
    public record Sensor(double positionMm, double widthMm) {
        public Sensor {
            Check.within("positionMm", positionMm, -50, 250, "mm");
            Check.within("widthMm", widthMm, 0.01, 20, "mm");
        }
    }

    public StandSetup {
        Check.chosen("kind", kind);
        coupling = Check.or(coupling, Coupling.AUTO);
        sensors = Check.some("sensors", sensors, MOST_SENSORS);
        gateMm = Check.or(gateMm, Optional.<Double>empty());
        nominalSeconds = Check.or(nominalSeconds, Optional.<Double>empty());
        cutoffHz = Check.or(cutoffHz, Optional.<Double>empty());
        cutoffHz.ifPresent(hz -> Check.within("cutoffHz", hz, 0.05, 500, "Hz"));
        gateMm.ifPresent(length -> Check.within("gateMm", length, 5, 250, "mm"));
        nominalSeconds.ifPresent(seconds -> Check.within("nominalSeconds", seconds, 1e-5, 120, "s"));
        if (sensors.stream().mapToDouble(Sensor::positionMm).distinct().count() < sensors.size()) {
            throw new FieldProblem(
                    "sensors", "Two sensors are at the same place.", "Give each its own position along the gate.");
        }
    }

    /** The same for a speed that was set. */
    public StandSetup at(double seconds) {
        return new StandSetup(kind, coupling, sensors, gateMm, Optional.of(seconds), cutoffHz);
    }

    /** Light behind a leaf shutter, nothing else known. */
    public static StandSetup leaf() {
        return new StandSetup(
                Kind.LEAF, Coupling.AUTO, List.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Light behind a focal-plane shutter. */
    public static StandSetup focalPlane(double gateMm, List<Sensor> sensors) {
        return new StandSetup(
                Kind.FOCAL_PLANE, Coupling.AUTO, sensors, Optional.of(gateMm), Optional.empty(), Optional.empty());
    }

    /** A microphone beside the shutter. */
    public static StandSetup sound() {
        return new StandSetup(
                Kind.SOUND, Coupling.AUTO, List.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
