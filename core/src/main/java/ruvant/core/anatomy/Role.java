package ruvant.core.anatomy;

/** What a part is in the make-up of a camera, from the outside in: one role usually lies over all later ones. */
public enum Role {
    /** A lever, knob, dial or button that the photographer's hand reaches. */
    CONTROL,
    /** Leather or another covering stuck on. */
    SKIN,
    /** A cover, plate or housing. */
    SHELL,
    /** Works under a cover. */
    WORK,
    /** What everything else is built round: the mirror box, the shutter as a whole. */
    CORE
}
