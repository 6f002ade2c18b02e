package ruvant.core.strip;

import ruvant.core.units.Named;

/**
 * One check at a part.
 *
 * @param what by its id, with what to see or do in the trade's words
 * @param when it is made
 * @param state what came of it
 * @param reason why it was waived, or what was seen when it failed, or what showed that it holds; else empty
 * @param own added by the technician rather than following from how the part came off
 */
public record GateCheck(Named what, CheckWhen when, State state, String reason, boolean own) {
    /** Where a check stands. */
    public enum State {
        OPEN,
        PASSED,
        FAILED,
        WAIVED
    }

    /** One that nobody has answered. */
    public static GateCheck open(AskedCheck asked, boolean own) {
        return new GateCheck(asked.what(), asked.when(), State.OPEN, "", own);
    }

    /** The same with an answer. */
    public GateCheck answered(State answer, String why) {
        return new GateCheck(what, when, answer, why, own);
    }

    /** What to see or do. */
    public String text() {
        return what.words();
    }

    /** Whether nobody has answered it. */
    public boolean isOpen() {
        return state == State.OPEN;
    }

    /** Whether it does not hold. */
    public boolean failed() {
        return state == State.FAILED;
    }
}
