package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** How the marked speeds of a dial are meant. */
public enum SpeedSeries implements Labelled {
    DOUBLING("doubling (1/60 means 1/64 s)"),
    AS_MARKED("as marked (older series)");

    private final String label;

    SpeedSeries(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
