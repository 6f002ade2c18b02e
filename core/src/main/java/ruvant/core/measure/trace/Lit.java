package ruvant.core.measure.trace;

/**
 * A stretch in which light came through.
 *
 * @param from block in which it begins
 * @param to block behind its end
 * @param upwards whether light makes the recording rise
 * @param cut whether the recording begins or ends within it
 */
record Lit(int from, int to, boolean upwards, boolean cut) {
    int blocks() {
        return to - from;
    }
}
