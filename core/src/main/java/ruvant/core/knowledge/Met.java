package ruvant.core.knowledge;

import java.util.List;

/**
 * A part as earlier jobs met it, seen from the job at hand.
 *
 * @param part what they met
 * @param care whether there is something to know before it is lifted
 * @param unlogged names of parts that they took off before it and that the job at hand does not name at all
 */
public record Met(KnownPart part, boolean care, List<String> unlogged) {}
