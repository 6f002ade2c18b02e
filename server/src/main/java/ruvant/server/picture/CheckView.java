package ruvant.server.picture;

import ruvant.core.strip.CheckWhen;
import ruvant.core.strip.GateCheck;
import ruvant.core.units.Named;

/**
 * A check as it stands.
 *
 * @param due whether it can be made now
 * @param shown whether the camera itself has to show it
 * @param shownBy what has to be shown or come first; empty for nothing
 */
public record CheckView(
        Named what,
        CheckWhen when,
        GateCheck.State state,
        String reason,
        boolean own,
        boolean due,
        boolean shown,
        String shownBy) {
    static CheckView of(GateCheck check, boolean due) {
        CheckWhen when = check.when();
        return new CheckView(
                check.what(), when, check.state(), check.reason(), check.own(), due, when.isShown(), when.shownBy());
    }
}
