package ruvant.core.treat.wiring;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.trade.ProbeKind;
import ruvant.core.treat.TreatEntry;

/** What a reading of a multimeter says, by itself and beside others of the same two places. */
public final class ReadingSays {
    /** A wire or a clean contact stays below; leads of a meter have as much themselves. */
    private static final double SOUND_OHMS = 1;

    private static final double POOR_OHMS = 20;

    /** A cell may give in by so much under a camera's small load. */
    private static final double SOUND_SAG = 0.1;

    private static final double NOTHING_VOLTS = 0.02;

    private ReadingSays() {}

    /** How a reading is to be taken. */
    public enum Verdict {
        SOUND,
        DOUBTFUL,
        BAD
    }

    /** A verdict in words. */
    public record Meaning(Verdict verdict, String words) {}

    /**
     * What one reading says.
     *
     * @param readings all readings of the camera, this one among them, the oldest first
     */
    public static Meaning of(TreatEntry.Probed reading, List<TreatEntry.Probed> readings) {
        return switch (reading.meter()) {
            case CONTINUITY -> continuity(reading);
            case VOLTAGE ->
                loaded(reading, readings, ProbeKind.LOADED)
                        .map(under -> sag(reading.value(), under))
                        .orElseGet(() -> nothingDrawn(reading.value()));
            case LOADED ->
                loaded(reading, readings, ProbeKind.VOLTAGE)
                        .map(free -> sag(free, reading.value()))
                        .orElseGet(() -> underLoad(reading.value()));
        };
    }

    private static Meaning continuity(TreatEntry.Probed reading) {
        if (reading.value() == null) {
            return new Meaning(Verdict.BAD, "open: broken, or a switch that does not close");
        }
        if (reading.value() <= SOUND_OHMS) {
            return new Meaning(Verdict.SOUND, "joined");
        }
        return reading.value() <= POOR_OHMS
                ? new Meaning(Verdict.DOUBTFUL, "a bad joint: corroded, loose, or held by a single strand")
                : new Meaning(Verdict.DOUBTFUL, "resistance: normal across a coil or a meter, wrong along a wire");
    }

    private static Meaning nothingDrawn(double volts) {
        return Math.abs(volts) < NOTHING_VOLTS
                ? new Meaning(Verdict.BAD, "no voltage arrives")
                : new Meaning(Verdict.DOUBTFUL, "says little until it is also read under load");
    }

    /** Across the cell it should stand, along a wire there should be none: one reading alone cannot tell which it is. */
    private static Meaning underLoad(double volts) {
        return Math.abs(volts) < NOTHING_VOLTS
                ? new Meaning(Verdict.SOUND, "no voltage is lost between these two")
                : new Meaning(Verdict.DOUBTFUL, "the voltage between these two while current flows");
    }

    private static Meaning sag(double free, double under) {
        double lost = free - under;
        if (Math.abs(free) < NOTHING_VOLTS) {
            return Math.abs(under) < NOTHING_VOLTS
                    ? new Meaning(Verdict.SOUND, "no voltage is lost between these two")
                    : new Meaning(Verdict.BAD, volts(under) + " is lost between these two under load");
        }
        return Math.abs(lost) <= SOUND_SAG * Math.abs(free)
                ? new Meaning(Verdict.SOUND, "holds under load")
                : new Meaning(
                        Verdict.BAD,
                        "drops by " + volts(lost) + " under load: a tired cell, or a contact on the way that resists");
    }

    private static String volts(double volts) {
        return String.format(Locale.ROOT, "%.2f V", Math.abs(volts));
    }

    /** The newest reading of the other kind at the same two places. */
    private static Optional<Double> loaded(
            TreatEntry.Probed reading, List<TreatEntry.Probed> readings, ProbeKind other) {
        return readings.stream()
                .filter(one -> one.meter() == other
                        && one.from().equalsIgnoreCase(reading.from())
                        && one.to().equalsIgnoreCase(reading.to()))
                .reduce((earlier, later) -> later)
                .map(TreatEntry.Probed::value);
    }
}
