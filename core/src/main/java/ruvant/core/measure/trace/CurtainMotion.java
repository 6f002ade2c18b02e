package ruvant.core.measure.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** From the times at two or three sensors to how both curtains ran. */
final class CurtainMotion {
    /** Every 3 mm of a gate of 36 mm, which is finer than any slit that can be told from two or three sensors. */
    private static final int PLACES = 13;

    /** Of what two forms of the path differ by beyond the sensors, one standard deviation. */
    private static final double FORM = 0.75;

    private CurtainMotion() {}

    /** Both edges at one sensor. */
    record AtSensor(double placeMm, double openSeconds, double closeSeconds, double edgeUncertainty) {}

    /**
     * How much faster curtains get over the gate, as parts of their speed.
     *
     * @param leading the first curtain
     * @param trailing the second
     * @param doubt one standard deviation of both
     */
    record Gain(double leading, double trailing, double doubt) {
        /** Springs pull all the way, from a short run-up on: from hardly faster to twice as fast. */
        static final Gain USUAL = new Gain(0.5, 0.5, 0.35);
    }

    /**
     * @param gain of speed, for two sensors, which cannot tell it
     * @param contactAt when the flash contact closes
     */
    static Optional<Curtains> of(List<AtSensor> sensors, double gateMm, Gain gain, Optional<Double> contactAt) {
        if (sensors.size() < 2) {
            return Optional.empty();
        }
        double[] places = sensors.stream().mapToDouble(AtSensor::placeMm).toArray();
        double[] opens = sensors.stream().mapToDouble(AtSensor::openSeconds).toArray();
        double[] closes = sensors.stream().mapToDouble(AtSensor::closeSeconds).toArray();
        if (!inOrder(places, opens) || !inOrder(places, closes)) {
            return Optional.empty();
        }
        Through first = new Through(places, gateMm, gain.leading(), gain.doubt());
        Through second = new Through(places, gateMm, gain.trailing(), gain.doubt());
        CurtainPath leading = first.path(opens);
        CurtainPath trailing = second.path(closes);
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
                run(first, opens, errors),
                run(second, closes, errors),
                gateMm,
                across,
                taper(leading, trailing, gateMm),
                taperUncertainty(first, second, opens, closes, errors),
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

    /**
     * How a path is drawn through the times of one curtain.
     *
     * @param gain of speed over the gate, where there are two of them
     * @param doubt of that
     */
    private record Through(double[] places, double gateMm, double gain, double doubt) {
        CurtainPath path(double[] seconds) {
            return path(seconds, gain);
        }

        CurtainPath path(double[] seconds, double otherGain) {
            return places.length == 2
                    ? CurtainPath.gaining(otherGain, gateMm, places, seconds)
                    : CurtainPath.through(places, seconds);
        }

        double travel(double[] seconds) {
            return CurtainMotion.travel(path(seconds), gateMm);
        }

        /**
         * What the form of the path leaves open in the travel: springs, brakes and run-ups are not quite even. Of three sensors a
         * curve of time over place, drawn on to the ends as well, differs by about as much.
         */
        double unknown(double[] seconds) {
            if (places.length == 2) {
                return CurtainMotion.travel(path(seconds, gain + doubt), gateMm) - travel(seconds);
            }
            return FORM * (Math.abs(timeAt(gateMm, seconds) - timeAt(0, seconds)) - travel(seconds));
        }

        private double timeAt(double placeMm, double[] seconds) {
            double time = 0;
            for (int i = 0; i < 3; i++) {
                double part = seconds[i];
                for (int k = 0; k < 3; k++) {
                    part *= k == i ? 1 : (placeMm - places[k]) / (places[i] - places[k]);
                }
                time += part;
            }
            return time;
        }
    }

    private static Curtains.Run run(Through through, double[] seconds, double[] errors) {
        CurtainPath path = through.path(seconds);
        double gateMm = through.gateMm();
        double unknown = through.unknown(seconds);
        double variance = unknown * unknown;
        for (int i = 0; i < seconds.length; i++) {
            double shift = shifted(seconds, i, errors[i], through::travel) - travel(path, gateMm);
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
            Through first, Through second, double[] opens, double[] closes, double[] errors) {
        double gateMm = first.gateMm();
        CurtainPath leading = first.path(opens);
        CurtainPath trailing = second.path(closes);
        double found = taper(leading, trailing, gateMm);
        double variance = 0;
        for (int i = 0; i < opens.length; i++) {
            double byOpen = shifted(opens, i, errors[i], moved -> taper(first.path(moved), trailing, gateMm));
            double byClose = shifted(closes, i, errors[i], moved -> taper(leading, second.path(moved), gateMm));
            variance += (byOpen - found) * (byOpen - found) + (byClose - found) * (byClose - found);
        }
        if (opens.length == 2) {
            // both curtains are of one make, but not of one spring
            double other = taper(leading, second.path(closes, second.gain() + second.doubt() / 2), gateMm);
            variance += (other - found) * (other - found);
        }
        return Math.sqrt(variance);
    }

    private static double shifted(double[] seconds, int which, double by, ToDoubleFunction<double[]> value) {
        double[] moved = seconds.clone();
        moved[which] += by;
        return value.applyAsDouble(moved);
    }
}
