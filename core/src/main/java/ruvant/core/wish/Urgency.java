package ruvant.core.wish;

import ruvant.core.units.Labelled;

/** How much a day of lateness of a job weighs against one of another. */
public enum Urgency implements Labelled {
    CAN_WAIT("can wait", 1),
    USUAL("usual", 2),
    MATTERS("matters", 4),
    URGENT("urgent", 10);

    private final String label;
    private final int weight;

    Urgency(String label, int weight) {
        this.label = label;
        this.weight = weight;
    }

    @Override
    public String label() {
        return label;
    }

    /** Its weight in the plan. */
    public int weight() {
        return weight;
    }
}
