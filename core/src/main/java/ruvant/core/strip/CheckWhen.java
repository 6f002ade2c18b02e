package ruvant.core.strip;

import ruvant.core.trade.CheckMoment;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.Check;
import ruvant.core.units.MayBeNull;

/**
 * When a check is made, and whether something else has to show it.
 *
 * @param moment when it is made
 * @param firings without a miss that come first, 0 for none; before a part goes on, they are the check
 * @param speed the marked speed that has to measure within tolerance, which then is the check; empty for none
 * @param state in which the mechanism has to stand meanwhile; null where it does not matter
 */
public record CheckWhen(
        CheckMoment moment,
        int firings,
        String speed,
        @MayBeNull MechanismState state) {
    /** Made by the eye or the hand before the part goes on. */
    public static final CheckWhen BEFORE = at(CheckMoment.BEFORE);

    public CheckWhen {
        moment = Check.or(moment, CheckMoment.BEFORE);
        Check.count("firings", firings, 0, 1_000);
        speed = Check.optionalName("speed", speed);
    }

    /** Made by the eye or the hand at a moment. */
    public static CheckWhen at(CheckMoment moment) {
        return new CheckWhen(moment, 0, "", null);
    }

    /** Shown by the camera itself, or made after so many firings, in any state. */
    public CheckWhen(CheckMoment moment, int firings, String speed) {
        this(moment, firings, speed, null);
    }

    /** The same, made only while the mechanism stands so. */
    CheckWhen whileIn(MechanismState wanted) {
        return new CheckWhen(moment, firings, speed, wanted);
    }

    /** Whether the camera itself has to show it, so that nobody can merely say that it holds. */
    public boolean isShown() {
        return !speed.isEmpty() || firings > 0 && moment.isBefore();
    }

    /** What has to be shown, such as "36 firings in a row"; empty where nothing has. */
    public String shownBy() {
        if (!speed.isEmpty()) {
            return speed + " measured within tolerance";
        }
        return firings == 0 ? "" : firings + " firings" + (moment.isBefore() ? " without a miss" : "");
    }
}
