package ruvant.core.offer;

import ruvant.core.units.Labelled;

/** What follows where a step does not succeed. */
public enum IfNot implements Labelled {
    /** The camera is closed again and goes back as it came. */
    STOPS("repair stops, camera as it came"),
    /** The camera is good for parts only. */
    LOST("camera is lost");

    private final String label;

    IfNot(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
