package ruvant.core.practice.unseen.stand;

/**
 * Two curtains before sensors that are strips or discs.
 *
 * @param lag seconds by which the second one passes the beginning of the gate later
 * @param places of the sensors' middles, mm
 * @param wide of the sensors along the travel, mm
 * @param round discs, else strips
 */
record Slit(Blind first, Blind second, double lag, double[] places, double wide, boolean round, Rebound back)
        implements Opening {
    private static final int STRIPS = 400;

    /** A slit that exposes the middle of the gate for a wanted time. */
    static Slit exposing(
            double seconds, Blind first, Blind second, double[] places, double wide, boolean round, Rebound back) {
        double middle = first.gateMm() / 2;
        double lag = seconds + first.secondsAt(middle) - second.secondsAt(middle);
        return new Slit(first, second, lag, places, wide, round, back);
    }

    double exposureAt(double placeMm) {
        return Math.max(0, lag + second.secondsAt(placeMm) - first.secondsAt(placeMm));
    }

    @Override
    public double light(int sensor, double seconds) {
        // the clock begins a little before the first curtain reaches the nearest sensor
        double open = covered(first.placeAt(seconds), sensor);
        double shut = covered(second.placeAt(seconds - lag), sensor);
        double since = seconds - lag - second.secondsAt(places[sensor] + wide / 2);
        return Math.max(0, open - shut) + back.at(since);
    }

    /** Part of a sensor that an edge at a place has passed. */
    private double covered(double edge, int sensor) {
        double part = Math.clamp((edge - places[sensor]) / wide + 0.5, 0, 1);
        if (!round) {
            return part;
        }
        double across = 2 * part - 1;
        return 0.5 + (Math.asin(across) + across * Math.sqrt(Math.max(0, 1 - across * across))) / Math.PI;
    }

    @Override
    public double exposureSeconds(int sensor) {
        double sum = 0;
        double weights = 0;
        for (int k = 0; k < STRIPS; k++) {
            double across = 2 * (k + 0.5) / STRIPS - 1;
            double weight = round ? Math.sqrt(1 - across * across) : 1;
            sum += weight * exposureAt(places[sensor] + across * wide / 2);
            weights += weight;
        }
        return sum / weights;
    }

    @Override
    public double peak(int sensor) {
        double from = first.secondsAt(places[sensor] - wide / 2);
        double to = lag + second.secondsAt(places[sensor] + wide / 2);
        double most = 0;
        for (int k = 0; k <= STRIPS; k++) {
            double at = from + (to - from) * k / STRIPS;
            most = Math.max(most, covered(first.placeAt(at), sensor) - covered(second.placeAt(at - lag), sensor));
        }
        return most;
    }

    /** How wide the slit is before a sensor as a part of the sensor. */
    double slitOverSensor(int sensor) {
        return exposureAt(places[sensor]) * second.speedAt(places[sensor]) / wide;
    }

    @Override
    public double rebound() {
        return back.height();
    }

    @Override
    public double endSeconds() {
        return lag + second.travelSeconds() + back.seconds() + 0.01;
    }
}
