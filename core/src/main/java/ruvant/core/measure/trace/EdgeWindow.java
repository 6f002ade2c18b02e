package ruvant.core.measure.trace;

/**
 * An edge's stretch in the array of a {@link Side}.
 *
 * @param from in the dark (opening) or on the plateau (closing)
 * @param to on the plateau (opening) or in the dark (closing)
 * @param low place where 10 % of the light is passed, between samples
 * @param high place where 90 % is passed
 */
record EdgeWindow(int from, int to, double low, double high) {
    /** The ramp outside 10 and 90 % is guessed from the ramp between them, so much of it on either side. */
    private static final double BEYOND = 0.55;

    /** Noise left on the smoothed light, as a part of the level: a crossing at 10 % is then read to a third of itself. */
    static final double CALM = 0.03;

    /** The slowest blades take 5 ms from the coarse edge to their end. */
    private static final double NEAR_SECONDS = 0.006;

    /** The same in a part of the side that begins later. */
    EdgeWindow in(int begin) {
        return new EdgeWindow(from - begin, to - begin, low - begin, high - begin);
    }

    double rampSamples() {
        return Math.abs(high - low);
    }

    /**
     * Looks from a place well inside the light outwards.
     *
     * @param inside sample at which the light is on
     * @param direction -1 towards the opening, 1 towards the closing
     */
    static EdgeWindow of(Side side, LampLevel level, int inside, int direction, int mostSmoothing) {
        double[] light = side.light();
        double mean = level.at(side.about());
        double relative = side.noise() / Math.max(1e-12, Math.abs(mean));
        int half = (int) Math.min(mostSmoothing, Math.ceil(relative / CALM * relative / CALM / 2));
        Running smooth = new Running(light, half);
        // a long plateau need not be walked over, only its end
        int near = side.about() - direction * (int) (NEAR_SECONDS * side.rateHz());
        int at = direction < 0 ? Math.min(inside, near) : Math.max(inside, near);
        if (smooth.at(Math.clamp(at, 0, light.length - 1)) < 0.8 * mean) {
            at = inside;
        }
        while (at > 0 && at < light.length - 1 && smooth.at(at) > 0.5 * level.at(at)) {
            at += direction;
        }
        double low = crossing(smooth, level, at, direction, 0.1, light.length);
        double high = crossing(smooth, level, at, -direction, 0.9, light.length);
        if ((high - inside) * direction < -NEAR_SECONDS * side.rateHz() && shutBetween(smooth, level, at, high)) {
            // never that bright before it shuts again: what is brightest has to do
            high = inside;
        }
        double ramp = Math.abs(high - low);
        double beyond = BEYOND * ramp + half + 1;
        double first = Math.min(low, high) - beyond;
        double last = Math.max(low, high) + beyond;
        return new EdgeWindow(
                (int) Math.max(0, Math.floor(first)), (int) Math.min(light.length, Math.ceil(last) + 1), low, high);
    }

    /** Whether the light is gone in between two places. */
    private static boolean shutBetween(Running smooth, LampLevel level, int from, double to) {
        int step = to > from ? 1 : -1;
        int reached = 0;
        for (int i = from; i != (int) to; i += step) {
            boolean dark = smooth.at(i) < 0.4 * level.at(i);
            reached = smooth.at(i) > 0.6 * level.at(i) ? 1 : reached;
            if (dark && reached > 0) {
                return true;
            }
        }
        return false;
    }

    /** Where the smoothed light passes a part of its level, going one way from a place. */
    private static double crossing(Running smooth, LampLevel level, int from, int direction, double part, int length) {
        boolean falling = part < 0.5;
        int at = from;
        double before = smooth.at(at) / level.at(at);
        while (at + direction >= 0 && at + direction < length) {
            at += direction;
            double now = smooth.at(at) / level.at(at);
            if (falling ? now < part : now > part) {
                double step = now - before;
                return at - direction * (step == 0 ? 0 : Math.clamp((now - part) / step, 0, 1));
            }
            before = now;
        }
        return at;
    }

    /** Means over a few samples around each. */
    record Running(double[] values, int half) {
        double at(int centre) {
            int from = Math.max(0, centre - half);
            int to = Math.min(values.length, centre + half + 1);
            double sum = 0;
            for (int i = from; i < to; i++) {
                sum += values[i];
            }
            return sum / (to - from);
        }
    }
}
