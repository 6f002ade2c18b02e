package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** Evidence that somebody was in here before. */
public enum VisitorSignKind implements Labelled {
    CHEWED_SLOT("chewed screw slot", true),
    WRONG_SCREW("missing or mismatched screw", true),
    NO_LOCK_PAINT("lock paint gone", false),
    RING_SCRATCH("scratches round a ring", true),
    GLUE("glue", false),
    GRAPHITE("graphite everywhere", true),
    OTHER("other sign", false);

    private final String label;

    private final boolean careless;

    VisitorSignKind(String label, boolean careless) {
        this.label = label;
        this.careless = careless;
    }

    /** Whether a careful hand would not have left it. */
    public boolean careless() {
        return careless;
    }

    @Override
    public String label() {
        return label;
    }
}
