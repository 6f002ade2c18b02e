package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What holds a part. */
public enum FastenerKind implements Labelled {
    SCREW("screw"),
    SET_SCREW("set screw"),
    NUT("nut"),
    RING_NUT("ring nut"),
    E_RING("E-ring"),
    CIRCLIP("circlip"),
    CLIP("clip"),
    RIVET("rivet"),
    PIN("pin");

    private final String label;

    FastenerKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
