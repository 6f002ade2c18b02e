package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** How the camera is held while a firing is timed. */
public enum Attitude implements Labelled {
    LEVEL("level"),
    LENS_UP("lens up"),
    LENS_DOWN("lens down"),
    LEFT_END("on its left end"),
    RIGHT_END("on its right end");

    private final String label;

    Attitude(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
