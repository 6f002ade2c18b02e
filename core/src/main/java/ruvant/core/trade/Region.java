package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** Where on the outside of a camera something was found. */
public enum Region implements Labelled {
    TOP("top"),
    BOTTOM("bottom"),
    FRONT("front"),
    BACK("back"),
    LENS("lens"),
    FINDER("finder"),
    LEATHER("leather"),
    SEALS("seals"),
    BATTERY("battery chamber");

    private final String label;

    Region(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
