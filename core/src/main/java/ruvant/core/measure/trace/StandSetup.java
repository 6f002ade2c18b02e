package ruvant.core.measure.trace;

import java.util.List;
import java.util.Optional;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * How a recording was made.
 *
 * @param sensors in the order of the recording's channels; empty where nothing is known of them
 * @param gateMm length of the gate along the travel, 5 to 250; empty where it is not known
 * @param nominalSeconds the speed that was set, as its engraving means; empty where it is not known or changes
 */
public record StandSetup(
        Kind kind, Coupling coupling, List<Sensor> sensors, Optional<Double> gateMm, Optional<Double> nominalSeconds) {
    private static final int MOST_SENSORS = 3;

    /** What was recorded. */
    public enum Kind {
        LEAF,
        FOCAL_PLANE,
        SOUND
    }

    /** What the input lets through: everything, only what changes, or not known. */
    public enum Coupling {
        AUTO,
        DC,
        AC
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
        gateMm.ifPresent(length -> Check.within("gateMm", length, 5, 250, "mm"));
        nominalSeconds.ifPresent(seconds -> Check.within("nominalSeconds", seconds, 1e-5, 120, "s"));
        if (sensors.stream().mapToDouble(Sensor::positionMm).distinct().count() < sensors.size()) {
            throw new FieldProblem(
                    "sensors", "Two sensors are at the same place.", "Give each its own position along the gate.");
        }
    }

    /** Light behind a leaf shutter, nothing else known. */
    public static StandSetup leaf() {
        return new StandSetup(Kind.LEAF, Coupling.AUTO, List.of(), Optional.empty(), Optional.empty());
    }

    /** Light behind a focal-plane shutter. */
    public static StandSetup focalPlane(double gateMm, List<Sensor> sensors) {
        return new StandSetup(Kind.FOCAL_PLANE, Coupling.AUTO, sensors, Optional.of(gateMm), Optional.empty());
    }

    /** A microphone beside the shutter. */
    public static StandSetup sound() {
        return new StandSetup(Kind.SOUND, Coupling.AUTO, List.of(), Optional.empty(), Optional.empty());
    }
}
