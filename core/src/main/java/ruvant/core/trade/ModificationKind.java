package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** How a part was made to differ from the factory. */
public enum ModificationKind implements Labelled {
    FILED("filed"),
    DRILLED("drilled"),
    RETAPPED("re-tapped"),
    BENT("bent to a new shape"),
    BRIDGED("bridged"),
    LEFT_OUT("left out"),
    REMADE("remade");

    private final String label;

    ModificationKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
