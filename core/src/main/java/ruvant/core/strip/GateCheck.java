package ruvant.core.strip;

import ruvant.core.units.Named;

/**
 * One check that must hold before a part goes back on.
 *
 * @param what by its id, with what to see or do in the trade's words
 * @param state whether it was made
 * @param reason why it was waived; else empty
 * @param own added by the technician rather than following from how the part came off
 */
public record GateCheck(Named what, State state, String reason, boolean own) {
    /** Where a check stands. */
    public enum State {
        OPEN,
        PASSED,
        WAIVED
    }

    /** One that nobody has answered. */
    public static GateCheck open(Named what, boolean own) {
        return new GateCheck(what, State.OPEN, "", own);
    }

    /** What to see or do. */
    public String text() {
        return what.words();
    }

    /** Whether nobody has answered it. */
    public boolean isOpen() {
        return state == State.OPEN;
    }
}
