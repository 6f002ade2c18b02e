package ruvant.core.measure.trace;

/**
 * Where a curtain is when: a place that grows with even acceleration, x = x₁ + v(t − t₁) + a(t − t₁)²/2, through two or
 * three times at known places.
 */
final class CurtainPath {
    private final double t0;
    private final double x0;
    private final double speed;
    private final double halfAcceleration;

    private CurtainPath(double t0, double x0, double speed, double halfAcceleration) {
        this.t0 = t0;
        this.x0 = x0;
        this.speed = speed;
        this.halfAcceleration = halfAcceleration;
    }

    /**
     * Through two times, with a gain of speed that is known from elsewhere.
     *
     * @param gain of speed over the gate, as a part of the speed between the two places
     */
    static CurtainPath gaining(double gain, double gateMm, double[] placesMm, double[] seconds) {
        double speed = (placesMm[1] - placesMm[0]) / (seconds[1] - seconds[0]);
        double half = gain * speed * Math.abs(speed) / gateMm / 2;
        return new CurtainPath(seconds[0], placesMm[0], speed - half * (seconds[1] - seconds[0]), half);
    }

    /** Through three times. */
    static CurtainPath through(double[] placesMm, double[] seconds) {
        double first = (placesMm[1] - placesMm[0]) / (seconds[1] - seconds[0]);
        double second = (placesMm[2] - placesMm[1]) / (seconds[2] - seconds[1]);
        double half = (second - first) / (seconds[2] - seconds[0]);
        // Newton's form brought to the first point
        return new CurtainPath(seconds[0], placesMm[0], first - half * (seconds[1] - seconds[0]), half);
    }

    /** When it passes a place; on to where it would have got at even speed if the path turns back before. */
    double secondsAt(double placeMm) {
        double way = placeMm - x0;
        double inside = speed * speed + 4 * halfAcceleration * way;
        if (inside <= 0) {
            return t0 + way / speed;
        }
        // the stable form of the root that goes over into way ÷ speed when there is no acceleration
        return t0 + 2 * way / (speed + Math.copySign(Math.sqrt(inside), speed));
    }

    double placeAt(double seconds) {
        double since = seconds - t0;
        return x0 + speed * since + halfAcceleration * since * since;
    }

    double speedAt(double seconds) {
        return speed + 2 * halfAcceleration * (seconds - t0);
    }

    double acceleration() {
        return 2 * halfAcceleration;
    }
}
