package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** Work on a surface that is neither cleaning nor oiling. */
public enum FinishKind implements Labelled {
    DEGREASED("degreased"),
    POLISHED("polished"),
    BLACKENED("blackened"),
    DRIED("dried");

    private final String label;

    FinishKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
