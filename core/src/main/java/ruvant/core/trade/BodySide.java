package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** One of the six sides from which a camera is looked at and drawn. */
public enum BodySide implements Labelled {
    FRONT("front"),
    BACK("back"),
    TOP("top"),
    BOTTOM("bottom"),
    LEFT("left"),
    RIGHT("right");

    private final String label;

    BodySide(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
