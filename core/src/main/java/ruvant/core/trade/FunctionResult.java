package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What a function did when it was tried. */
public enum FunctionResult implements Labelled {
    WORKS("works"),
    DOUBTFUL("doubtful"),
    FAILS("fails"),
    NOT_TRIED("not tried"),
    /** The camera does not have it. */
    NOT_FITTED("not fitted");

    private final String label;

    FunctionResult(String label) {
        this.label = label;
    }

    /** Whether somebody tried it. */
    public boolean tried() {
        return this != NOT_TRIED && this != NOT_FITTED;
    }

    @Override
    public String label() {
        return label;
    }
}
