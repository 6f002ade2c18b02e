package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** Whether a speed run was made before or after the work. */
public enum Phase implements Labelled {
    BEFORE("before"),
    AFTER("after");

    private final String label;

    Phase(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
