package ruvant.core.job;

import ruvant.core.units.Labelled;

/** Evidence that somebody was in here before. */
public enum VisitorSignKind implements Labelled {
    CHEWED_SLOT("chewed screw slot"),
    WRONG_SCREW("missing or mismatched screw"),
    NO_LOCK_PAINT("lock paint gone"),
    RING_SCRATCH("scratches round a ring"),
    GLUE("glue"),
    GRAPHITE("graphite everywhere"),
    OTHER("other sign");

    private final String label;

    VisitorSignKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
