package ruvant.core.warranty;

import ruvant.core.units.Labelled;

/** How the fault of a camera that came back stands to the earlier one. */
public enum Likeness implements Labelled {
    SAME("the same fault"),
    RELATED("related to the earlier work"),
    NEW("a new fault");

    private final String label;

    Likeness(String label) {
        this.label = label;
    }

    /** Whether it has to do with the earlier work: then it counts as a come-back, and a warranty that still runs covers it. */
    public boolean ofTheWork() {
        return this != NEW;
    }

    @Override
    public String label() {
        return label;
    }
}
