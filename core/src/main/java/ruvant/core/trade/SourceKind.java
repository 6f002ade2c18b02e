package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** Where a replacement part came from. */
public enum SourceKind implements Labelled {
    DONOR("donor camera"),
    STOCK("stock"),
    BOUGHT("bought"),
    GENERIC("generic part"),
    FABRICATED("made here");

    private final String label;

    SourceKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
