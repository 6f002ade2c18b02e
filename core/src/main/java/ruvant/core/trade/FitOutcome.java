package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** How a part of one camera went into another. */
public enum FitOutcome implements Labelled {
    AS_IS("fits as it is"),
    WITH_WORK("fits with work"),
    NOT("does not fit");

    private final String label;

    FitOutcome(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
