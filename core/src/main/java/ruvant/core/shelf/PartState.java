package ruvant.core.shelf;

import ruvant.core.units.Labelled;

/** What became of a donor's part. */
public enum PartState implements Labelled {
    THERE("still in it"),
    TAKEN("taken"),
    BROKEN("broken"),
    MISSING("missing");

    private final String label;

    PartState(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
