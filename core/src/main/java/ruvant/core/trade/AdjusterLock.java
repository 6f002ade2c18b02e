package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What holds an adjuster where it is. */
public enum AdjusterLock implements Labelled {
    NONE("nothing"),
    FRICTION("friction, or its own head under a washer"),
    SCREW("lock screw"),
    PAINT("lock paint"),
    RATCHET("ratchet and pawl: what is let go drops the tension"),
    WORM("worm: holds by itself");

    private final String label;

    AdjusterLock(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
