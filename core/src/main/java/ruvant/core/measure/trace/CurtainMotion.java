package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** From the times at two or three sensors to how both curtains ran. */
final class CurtainMotion {
    /** Every 3 mm of a gate of 36 mm, which is finer than any slit that can be told from two or three sensors. */
    private static final int PLACES = 13;

    private CurtainMotion() {}

    /** Both edges at one sensor. */
    record AtSensor(double placeMm, double openSeconds, double closeSeconds, double edgeUncertainty) {}

    static Optional<Curtains> of(List<AtSensor> sensors, double gateMm, Optional<Double> contactAt) {
        if (sensors.size() < 2) {
            return Optional.empty();
        }
        double[] places = sensors.stream().mapToDouble(AtSensor::placeMm).toArray();
        double[] opens = sensors.stream().mapToDouble(AtSensor::openSeconds).toArray();
        double[] closes = sensors.stream().mapToDouble(AtSensor::closeSeconds).toArray();
        if (!inOrder(places, opens) || !inOrder(places, closes)) {
            return Optional.empty();
        }
        CurtainPath leading = CurtainPath.through(places, opens);
        CurtainPath trailing = CurtainPath.through(places, closes);
        double[] errors =
                sensors.stream().mapToDouble(AtSensor::edgeUncertainty).toArray();
        List<Curtains.AtPlace> across = new ArrayList<>();
        double narrowest = Double.MAX_VALUE;
        for (int i = 0; i < PLACES; i++) {
            double place = gateMm * i / (PLACES - 1);
            double closed = trailing.secondsAt(place);
            double slit = Math.abs(leading.placeAt(closed) - place);
            narrowest = Math.min(narrowest, slit);
            double opened = leading.secondsAt(place);
            across.add(new Curtains.AtPlace(place, closed - opened, slit, opened - start(leading, gateMm)));
        }
        return Optional.of(new Curtains(
                run(leading, places, opens, errors, gateMm),
                run(trailing, places, closes, errors, gateMm),
                gateMm,
                across,
                taper(leading, trailing, gateMm),
                taperUncertainty(places, opens, closes, errors, gateMm),
                start(trailing, gateMm) - end(leading, gateMm),
                narrowest,
                contactAt.map(at -> at - end(leading, gateMm))));
    }

    /** Both curtains run the same way, whichever end of the gate the places are counted from. */
    private static boolean inOrder(double[] places, double[] seconds) {
        double way = Math.signum((seconds[1] - seconds[0]) * (places[1] - places[0]));
        for (int i = 1; i < places.length; i++) {
            double step = (seconds[i] - seconds[i - 1]) * (places[i] - places[i - 1]);
            if (Math.signum(step) != way || step == 0) {
                return false;
            }
        }
        return true;
    }

    private static double start(CurtainPath path, double gateMm) {
        return Math.min(path.secondsAt(0), path.secondsAt(gateMm));
    }

    private static double end(CurtainPath path, double gateMm) {
        return Math.max(path.secondsAt(0), path.secondsAt(gateMm));
    }

    private static double travel(CurtainPath path, double gateMm) {
        return end(path, gateMm) - start(path, gateMm);
    }

    private static Curtains.Run run(
            CurtainPath path, double[] places, double[] seconds, double[] errors, double gateMm) {
        double variance = 0;
        for (int i = 0; i < seconds.length; i++) {
            double shift = shifted(seconds, i, errors[i], moved -> travel(CurtainPath.through(places, moved), gateMm))
                    - travel(path, gateMm);
            variance += shift * shift;
        }
        return new Curtains.Run(
                travel(path, gateMm),
                Math.sqrt(variance),
                Math.abs(path.speedAt(start(path, gateMm))),
                Math.abs(path.speedAt(end(path, gateMm))),
                path.acceleration());
    }

    private static double taper(CurtainPath leading, CurtainPath trailing, double gateMm) {
        boolean forwards = leading.secondsAt(gateMm) > leading.secondsAt(0);
        double first = forwards ? 0 : gateMm;
        double last = gateMm - first;
        double atStart = trailing.secondsAt(first) - leading.secondsAt(first);
        double atEnd = trailing.secondsAt(last) - leading.secondsAt(last);
        // where the curtains meet nothing is left to compare: as if a thousandth were
        double least = 1e-3 * Math.max(Math.abs(atStart), Math.abs(atEnd));
        return Math.log(Math.max(least, atEnd) / Math.max(least, atStart)) / Math.log(2);
    }

    private static double taperUncertainty(
            double[] places, double[] opens, double[] closes, double[] errors, double gateMm) {
        CurtainPath leading = CurtainPath.through(places, opens);
        CurtainPath trailing = CurtainPath.through(places, closes);
        double found = taper(leading, trailing, gateMm);
        double variance = 0;
        for (int i = 0; i < places.length; i++) {
            double byOpen =
                    shifted(opens, i, errors[i], moved -> taper(CurtainPath.through(places, moved), trailing, gateMm));
            double byClose =
                    shifted(closes, i, errors[i], moved -> taper(leading, CurtainPath.through(places, moved), gateMm));
            variance += (byOpen - found) * (byOpen - found) + (byClose - found) * (byClose - found);
        }
        return Math.sqrt(variance);
    }

    private static double shifted(double[] seconds, int which, double by, ToDoubleFunction<double[]> value) {
        double[] moved = seconds.clone();
        moved[which] += by;
        return value.applyAsDouble(moved);
    }
}
