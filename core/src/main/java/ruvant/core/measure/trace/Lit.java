package ruvant.core.measure.trace;

/**
 * A stretch in which light came through.
 *
 * @param from block in which it begins
 * @param to block behind its end
 * @param upwards whether light makes the recording rise
 * @param cut whether the recording begins or ends within it
 * @param balance the smaller of its two steps over the larger, 1 where only one is known
 */
record Lit(int from, int to, boolean upwards, boolean cut, double balance) {
    /** What opens closes by about as much; a droop that looks like a closing does not. */
    private static final double LEAST_BALANCE = 0.35;

    static Lit between(Step opens, Step closes) {
        double first = Math.abs(opens.size());
        double last = Math.abs(closes.size());
        return new Lit(opens.at(), closes.at(), opens.rises(), false, Math.min(first, last) / Math.max(first, last));
    }

    /** Whether it is a firing of which both ends are known. */
    boolean isWhole() {
        return !cut && balance >= LEAST_BALANCE;
    }

    int blocks() {
        return to - from;
    }
}
