package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** Where a part went whose place another one took. */
public enum OldPiece implements Labelled {
    STOCK("to stock"),
    SCRAPPED("scrapped"),
    OWNER("to the owner");

    private final String label;

    OldPiece(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
