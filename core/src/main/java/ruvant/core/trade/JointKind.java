package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** A join that is not a fastener. */
public enum JointKind implements Labelled {
    SOLDER("solder"),
    GLUE("glue"),
    PUSH_FIT("push fit"),
    HOOKED_SPRING("hooked spring"),
    BENT_TAB("bent tab");

    private final String label;

    JointKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
