package ruvant.core.measure.trace;

/**
 * A stretch in which light came through.
 *
 * @param from block in which it begins
 * @param to block behind its end
 * @param again block from which on it is dark for good; later than its end where light came back
 * @param upwards whether light makes the recording rise
 * @param cut whether the recording begins or ends within it
 * @param closes size of the step by which it closes over that by which it opens, 1 where only one is known
 */
record Lit(int from, int to, int again, boolean upwards, boolean cut, double closes) {
    /** What opens closes by about as much; a droop that looks like a closing does not. */
    private static final double LEAST_BALANCE = 0.35;

    static Lit between(Step opens, Step closes) {
        return new Lit(
                opens.at(), closes.at(), closes.at(), opens.rises(), false, Math.abs(closes.size() / opens.size()));
    }

    /** A firing of which only one end is in the recording. */
    static Lit cutOff(int from, int to, boolean upwards) {
        return new Lit(from, to, to, upwards, true, 1);
    }

    /** The same with light that came back and went for good at a block. */
    Lit darkFrom(int block) {
        return new Lit(from, to, block, upwards, cut, closes);
    }

    /** Whether it is a firing of which both ends are known. */
    boolean isWhole() {
        return !cut && Math.min(closes, 1 / closes) >= LEAST_BALANCE;
    }

    int blocks() {
        return to - from;
    }
}
