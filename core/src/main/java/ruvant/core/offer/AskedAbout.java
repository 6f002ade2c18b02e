package ruvant.core.offer;

import ruvant.core.units.Labelled;

/** What an owner was asked about. */
public enum AskedAbout implements Labelled {
    /** Which option it is to be. */
    OPTIONS("which option"),
    /** Whether it may cost more than was agreed. */
    LIMIT("the limit"),
    /** Whether something may be done that cannot be undone. */
    CONSENT("something that cannot be undone"),
    OTHER("something else");

    private final String label;

    AskedAbout(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
