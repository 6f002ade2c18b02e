package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What a numbered pin on a picture points at. */
public enum PinKind implements Labelled {
    FASTENER("fastener"),
    PART("part"),
    MARK("mark"),
    HOLE("hole"),
    FINDING("finding"),
    OTHER("something else");

    private final String label;

    PinKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
