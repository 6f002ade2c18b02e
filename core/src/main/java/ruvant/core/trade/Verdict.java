package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What the materials table says of an agent on a material. */
public enum Verdict implements Labelled {
    OK("ok"),
    CARE("care"),
    NO("no"),
    NOT_LISTED("not listed");

    private final String label;

    Verdict(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
