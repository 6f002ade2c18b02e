package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What is said of a tool. */
public enum ToolStatus implements Labelled {
    USED("used"),
    BAD("did no good"),
    AVOID("better not used"),
    MADE("made here");

    private final String label;

    ToolStatus(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
