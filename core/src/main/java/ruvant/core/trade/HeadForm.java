package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** The shape of a fastener's head. */
public enum HeadForm implements Labelled {
    NOT_SAID("head not stated"),
    FLAT("flat"),
    PAN("pan"),
    ROUND("round"),
    CHEESE("cheese"),
    SHOULDER("shoulder");

    private final String label;

    HeadForm(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
