package ruvant.core.trade;

import ruvant.core.units.Labelled;

/**
 * What is tried on a stuck fastener, the gentlest first: one stops when the next rung risks more than it gains. The last
 * rungs cannot be undone and are the owner's to agree to.
 */
public enum StuckRung implements Labelled {
    FIRM_DRIVER(
            "right driver, firm pressure", "the driver fills the slot; press hard, turn slowly", "a marred slot", 0),
    TWO_TOOLS(
            "two-tool grip", "one hand presses, the other turns with pliers on the driver's flats", "a marred slot", 0),
    FRICTION("friction tool", "rubber or a friction block on the whole face of a ring", "a polished mark", 0),
    PENETRANT(
            "penetrating oil at the thread",
            "a speck from a needle, opening down, then let it soak",
            "oil that creeps",
            120),
    SOLVENT(
            "solvent at the thread",
            "alcohol or acetone for lock paint and cement; mind paint near by",
            "paint near by",
            30),
    HEAT("heat pad", "warm the part, not the screw, to hand-hot and a little more", "cement and plastic near by", 20),
    SPANNER_HOLES("drill spanner holes", "two small holes for a pin wrench", "it stays to be seen", 0),
    DRILL_OUT("drill it out", "centre, drill below the thread's size, pick out the shell", "the thread", 0);

    private final String label;
    private final String how;
    private final String risk;
    private final int waitMinutes;

    StuckRung(String label, String how, String risk, int waitMinutes) {
        this.label = label;
        this.how = how;
        this.risk = risk;
        this.waitMinutes = waitMinutes;
    }

    @Override
    public String label() {
        return label;
    }

    /** How it is done, in a line. */
    public String how() {
        return how;
    }

    /** What it may cost. */
    public String risk() {
        return risk;
    }

    /** How long it has to act, minutes; 0 for not at all. */
    public int waitMinutes() {
        return waitMinutes;
    }

    /** Whether it cannot be undone. */
    public boolean irreversible() {
        return this == SPANNER_HOLES || this == DRILL_OUT;
    }
}
