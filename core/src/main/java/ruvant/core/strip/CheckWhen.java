package ruvant.core.strip;

import ruvant.core.trade.CheckMoment;
import ruvant.core.units.Check;

/**
 * When a check is made, and whether something else has to show it.
 *
 * @param moment when it is made
 * @param firings without a miss that come first, 0 for none; before a part goes on, they are the check
 * @param speed the marked speed that has to measure within tolerance, which then is the check; empty for none
 */
public record CheckWhen(CheckMoment moment, int firings, String speed) {
    /** Made by the eye or the hand before the part goes on. */
    public static final CheckWhen BEFORE = at(CheckMoment.BEFORE);

    public CheckWhen {
        moment = Check.or(moment, CheckMoment.BEFORE);
        Check.count("firings", firings, 0, 1_000);
        speed = Check.optionalName("speed", speed);
    }

    /** Made by the eye or the hand at a moment. */
    public static CheckWhen at(CheckMoment moment) {
        return new CheckWhen(moment, 0, "");
    }

    /** Whether the camera itself has to show it, so that nobody can merely say that it holds. */
    public boolean isShown() {
        return !speed.isEmpty() || firings > 0 && moment.isBefore();
    }

    /** What has to be shown, such as "36 firings in a row"; empty where nothing has. */
    public String shownBy() {
        return !speed.isEmpty()
                ? speed + " measured within tolerance"
                : firings > 0 ? firings + " firings without a miss" : "";
    }
}
