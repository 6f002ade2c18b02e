package ruvant.core.trade;

import ruvant.core.units.Check;

/**
 * Where a figure of the stand came from.
 *
 * @param input what was listened to, such as the name of a sound input or of a file; empty where it is not known
 * @param stand as the shop calls it; empty where it is not known
 * @param simulated whether no camera was fired at all: such a figure may be looked at, but nothing is concluded from it
 */
public record FiringSource(String input, String stand, boolean simulated) {
    /** Nobody said: lines from before it was asked for. */
    public static final FiringSource UNKNOWN = new FiringSource("", "", false);

    public FiringSource {
        input = Check.optionalName("input", input);
        stand = Check.optionalName("stand", stand);
    }
}
