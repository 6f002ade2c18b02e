package ruvant.core.logline;

import ruvant.core.trade.MarkedSpeed;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.units.FieldProblem;

/**
 * How far off a speed is by what somebody heard.
 *
 * @param words as they are kept
 * @param middle stops, positive for slow
 * @param low the least that it can be, stops
 * @param high the most that it can be, stops
 */
record HeardError(String words, double middle, double low, double high) {
    /** An ear tells one marked speed from the next, not the half between them. */
    private static final double BY_EAR_EV = 0.75;

    private static final double FARTHEST_EV = 6;

    /** @param nominal seconds of the marked speed */
    static HeardError of(Fields said, double nominal) {
        String like = said.text("soundsLike");
        if (like.equals("instant")) {
            return new HeardError("goes off at once", -FARTHEST_EV / 2, -FARTHEST_EV, -1);
        }
        if (like.isEmpty()) {
            throw new FieldProblem(
                    "seconds", "It is not said how long it was.", "Enter the time, or what it sounds like.");
        }
        double seconds = MarkedSpeed.nominalSeconds(like, SpeedSeries.AS_MARKED);
        return around("sounds like " + like, Math.log(seconds / nominal) / Math.log(2), BY_EAR_EV);
    }

    private static HeardError around(String words, double ev, double width) {
        double middle = Math.clamp(ev, -FARTHEST_EV, FARTHEST_EV);
        return new HeardError(words, middle, middle - width, middle + width);
    }
}
