package ruvant.core.shelf;

import ruvant.core.units.Labelled;

/**
 * The state of a piece. The chance that it does its work once fitted is a bench estimate to begin with; what a check
 * before fitting shows overrules it.
 */
public enum Condition implements Labelled {
    NEW("new", 0.98),
    CHECKED("used, checked", 0.95),
    USED("used, not checked", 0.8),
    WORN("worn", 0.55),
    BROKEN("broken", 0);

    private final String label;
    private final double works;

    Condition(String label, double works) {
        this.label = label;
        this.works = works;
    }

    @Override
    public String label() {
        return label;
    }

    /** Chance that it does its work once fitted, 0 to 1. */
    public double works() {
        return works;
    }
}
