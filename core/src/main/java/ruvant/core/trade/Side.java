package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** The way in. */
public enum Side implements Labelled {
    TOP("top"),
    BOTTOM("bottom"),
    FRONT("front"),
    BACK("back"),
    LEFT("left"),
    RIGHT("right"),
    LENS_FRONT("lens front"),
    LENS_REAR("lens rear"),
    INSIDE("inside");

    private final String label;

    Side(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
