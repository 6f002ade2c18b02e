package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What is wrong with an outside region. */
public enum ConditionKind implements Labelled {
    DENT("dent"),
    CORROSION("corrosion"),
    PEELING("peeled or shrunk covering"),
    FOAM("rotten foam"),
    LOOSE("loose part"),
    MISSING("missing part"),
    HAZE("haze"),
    FUNGUS("fungus"),
    SCRATCH("scratch"),
    COATING("mark in coating"),
    OTHER("other");

    private final String label;

    ConditionKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
