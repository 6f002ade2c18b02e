package ruvant.core.signature;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;

/**
 * What was fired at one marked speed.
 *
 * @param nominalSeconds what the engraving means, above 0 and at most 120
 * @param places of the sensors, as parts of the gate along the travel, 0 to 1; one of them for a leaf shutter
 * @param errorsEv for each sensor its error at each firing, stops; as many firings for each, null where no light came
 * @param lensDownEv errors of firings with the lens down, mean over the sensors; empty for none
 * @param firstAfterRest whether the first firing came after a rest
 */
public record SpeedFirings(
        String marked,
        double nominalSeconds,
        List<Double> places,
        List<List<Double>> errorsEv,
        List<Double> lensDownEv,
        boolean firstAfterRest) {
    /** Less light than this many stops below nominal is taken for none. */
    static final double NO_LIGHT_EV = -5;

    public SpeedFirings {
        marked = Check.name("marked", marked);
        Check.within("nominalSeconds", nominalSeconds, 1e-5, 120, "s");
        places = Check.some("sensors", places, 3);
        places.forEach(place -> Check.within("sensor", place, 0, 1, "of the gate"));
        errorsEv = errorsEv == null
                ? List.of()
                : errorsEv.stream().map(SpeedFirings::withLight).toList();
        lensDownEv = withLight(lensDownEv == null ? List.of() : lensDownEv);
        if (places.isEmpty() || errorsEv.size() != places.size()) {
            throw new FieldProblem(
                    "errorEv",
                    "Speed " + marked + " has " + places.size() + " sensors and errors for " + errorsEv.size() + ".",
                    "Enter one list of errors for each sensor.");
        }
        int firings = errorsEv.getFirst().size();
        if (firings == 0 || firings > 200 || errorsEv.stream().anyMatch(one -> one.size() != firings)) {
            throw new FieldProblem(
                    "errorEv",
                    "Speed " + marked + " has no firings, too many, or not as many for each sensor.",
                    "Enter 1 to 200 firings, the same number for each sensor.");
        }
    }

    private static List<Double> withLight(List<Double> errors) {
        return errors.stream().map(SpeedFirings::withLight).toList();
    }

    private static Double withLight(Double errorEv) {
        double error = errorEv == null || errorEv == Double.NEGATIVE_INFINITY ? NO_LIGHT_EV : errorEv;
        return Math.max(NO_LIGHT_EV, Check.within("errorEv", error, -100, 30, "EV"));
    }

    /** Firings made. */
    public int firings() {
        return errorsEv.getFirst().size();
    }

    /** Each firing's error, the mean over the sensors, on a scale of stops. */
    double[] levels(DoubleUnaryOperator scale) {
        double[] levels = new double[firings()];
        for (List<Double> sensor : errorsEv) {
            for (int i = 0; i < levels.length; i++) {
                levels[i] += scale.applyAsDouble(sensor.get(i)) / errorsEv.size();
            }
        }
        return levels;
    }
}
