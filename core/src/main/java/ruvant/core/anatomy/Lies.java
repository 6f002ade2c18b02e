package ruvant.core.anatomy;

/** How a part that came off earlier lies to one that came off later, as far as the make-up of such cameras tells. */
public enum Lies {
    /** It is known to lie over the other. */
    OVER,
    /** It shares the other's place, or nothing is known of the two: it is taken to lie over it. */
    PROBABLY_OVER,
    /** They sit in different places. */
    FREE
}
