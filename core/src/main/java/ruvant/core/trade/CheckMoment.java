package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** When a check at a part is made. */
public enum CheckMoment implements Labelled {
    BEFORE("before it goes on"),
    ON("once it is on"),
    TIGHT("once it is tight"),
    FIRED("after firing it"),
    CLOSED("once the camera is closed");

    private final String label;

    CheckMoment(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether it is made while the part is still off. */
    public boolean isBefore() {
        return this == BEFORE;
    }

    /** Whether it can be made only as long as nothing else lies over the part. */
    public boolean wantsReach() {
        return this == ON || this == TIGHT || this == FIRED;
    }
}
