package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What turns a fastener. */
public enum Drive implements Labelled {
    SLOTTED("slotted"),
    CROSS("cross"),
    PIN_FACE("pin-face"),
    HEX("hex"),
    NONE("no drive");

    private final String label;

    Drive(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
