package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What else to know of a fastener. */
public enum FastenerTrait implements Labelled {
    LOOSENED_ONLY("loosened only"),
    LEFT_HAND("left-hand"),
    HIDDEN("hidden"),
    CAPTIVE("captive collar"),
    TIGHT("tight"),
    STUCK("stuck");

    private final String label;

    FastenerTrait(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
