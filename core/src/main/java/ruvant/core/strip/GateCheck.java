package ruvant.core.strip;

/**
 * One check that must hold before a part goes back on.
 *
 * @param text what to see or do, in the trade's words; tells it from the part's other checks
 * @param state whether it was made
 * @param reason why it was waived; else empty
 * @param own added by the technician rather than following from how the part came off
 */
public record GateCheck(String text, State state, String reason, boolean own) {
    /** Where a check stands. */
    public enum State {
        OPEN,
        PASSED,
        WAIVED
    }
}
