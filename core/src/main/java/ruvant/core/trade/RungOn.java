package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** On which stuck fasteners something is tried: a ring has no slot, and a screw has no face to grip. */
public enum RungOn implements Labelled {
    ANY("screws and rings"),
    SCREWS("screws only"),
    RINGS("rings only");

    private final String label;

    RungOn(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether it is tried on a ring, or on what is none. */
    boolean suits(boolean ring) {
        return this == ANY || (this == RINGS) == ring;
    }
}
