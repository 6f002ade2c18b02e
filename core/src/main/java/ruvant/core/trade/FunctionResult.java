package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What a function did when it was tried. */
public enum FunctionResult implements Labelled {
    WORKS("works"),
    DOUBTFUL("doubtful"),
    FAILS("fails"),
    NOT_TRIED("not tried");

    private final String label;

    FunctionResult(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
