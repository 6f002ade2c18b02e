package ruvant.core.strip;

/** What it rests on that one part lies over another, the best known first. */
public enum Basis {
    /** Somebody said so on this camera. */
    HAND,
    /** The part was taken out of this assembly. */
    ASSEMBLY,
    /** Earlier jobs of the model showed or said it. */
    TAUGHT,
    /** Such cameras are built so. */
    ANATOMY,
    /** It was logged as a cover, and the other came off under it on its side. */
    COVER,
    /** It came off earlier, and nothing more is known: it is taken to be so until somebody says otherwise. */
    DEFAULT
}
