package ruvant.core.measure.trace;

/**
 * A sudden change of a channel.
 *
 * @param at block at which the level after it begins
 * @param size of the change, in the recording's own measure; below zero for a fall
 */
record Step(int at, double size) {
    boolean rises() {
        return size > 0;
    }
}
