package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** How a part runs when it is clean, dry and not oiled yet. */
public enum DryRunResult implements Labelled {
    FREE("turns freely"),
    ROUGH("rough"),
    STICKS("sticks");

    private final String label;

    DryRunResult(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
