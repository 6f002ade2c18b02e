package ruvant.core.house;

import ruvant.core.units.Labelled;

/** How a shop oils: the three schools of practice. */
public enum School implements Labelled {
    DRY("dry school"),
    PASTE("paste school"),
    OIL("oil school");

    private final String label;

    School(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
