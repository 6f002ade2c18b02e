package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** How much a finding matters. */
public enum Severity implements Labelled {
    SLIGHT("slight"),
    CLEAR("clear"),
    GRAVE("grave");

    private final String label;

    Severity(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
