package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What a multimeter was set to. */
public enum ProbeKind implements Labelled {
    CONTINUITY("continuity", "Ω"),
    VOLTAGE("voltage, nothing drawn", "V"),
    LOADED("voltage under load", "V");

    private final String label;
    private final String unit;

    ProbeKind(String label, String unit) {
        this.label = label;
        this.unit = unit;
    }

    @Override
    public String label() {
        return label;
    }

    /** The unit it reads in. */
    public String unit() {
        return unit;
    }
}
