package ruvant.core.log;

/** What holds of a line for good, whatever its room. */
public enum Lasting implements Effect {
    /** It left the house, such as a bill under its number: it is neither struck out nor changed, and stands where it was added. */
    STANDS
}
