package ruvant.core.offer;

import ruvant.core.units.Labelled;

/** How far an option goes. */
public enum OptionKind implements Labelled {
    LEAVE("Leave as it is"),
    MINIMAL("Minimal repair"),
    FULL("Full repair"),
    ALL_OUT("All-out repair"),
    OWN("Another way");

    private final String label;

    OptionKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
