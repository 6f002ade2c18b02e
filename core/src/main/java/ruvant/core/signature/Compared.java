package ruvant.core.signature;

/**
 * The scale on which exposures are compared. Down to half of nominal it is stops; below, differences of time: where a slit is
 * nearly closed, what is left of it says nothing in stops, and the same unevenness of a curtain would count the more the less
 * light comes.
 */
final class Compared {
    private static final double LN2 = Math.log(2);

    /** Part of nominal from which differences of time are compared. */
    private static final double HALF = 0.5;

    private Compared() {}

    /** @param part of nominal, 0 for no light */
    static double of(double part) {
        return part >= HALF ? Math.log(part) / LN2 : -1 + (Math.max(0, part) - HALF) / (HALF * LN2);
    }

    /** @param errorEv in stops */
    static double ofEv(double errorEv) {
        return errorEv >= -1 ? errorEv : of(Math.pow(2, errorEv));
    }

    /** Back to stops; what is darker than the darkest that is told apart is that. */
    static double toEv(double compared) {
        if (compared >= -1) {
            return compared;
        }
        double part = HALF + (compared + 1) * HALF * LN2;
        return Math.max(SpeedFirings.NO_LIGHT_EV, Math.log(Math.max(0, part)) / LN2);
    }

    /** How much one part of nominal more is worth on this scale. */
    static double perPart(double part) {
        return 1 / (LN2 * Math.max(HALF, part));
    }
}
