package ruvant.core.offer;

import ruvant.core.units.Labelled;

/** How something was said to an owner, or by one. */
public enum SaidHow implements Labelled {
    COUNTER("at the counter"),
    PHONE("by phone"),
    TEXT("by text message"),
    EMAIL("by e-mail"),
    LETTER("by letter");

    private final String label;

    SaidHow(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
