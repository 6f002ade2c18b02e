package ruvant.core.plan;

/**
 * How a search cools down, in weighted minutes of lateness, or in minutes where only the last end counts: from what it takes with
 * ease to what no longer matters. A night between two working days costs about a thousand, so that it must begin there. The figures
 * were found by trying.
 *
 * @param hot at the beginning
 * @param cold at the end
 * @param whole how often a job is moved as a whole and not from one of its tasks on, 0 to 1
 * @param single how often a single task is moved and not a job, 0 to 1
 * @param share of the whole effort
 */
record Cooling(double hot, double cold, double whole, double single, double share) {
    static final Cooling WHOLE_JOBS = new Cooling(1000, 30, 1, 0, 0.45);
    static final Cooling PARTS = new Cooling(700, 10, 0.75, 0.15, 0.55);
    static final Cooling PARTS_OF_FEW = new Cooling(700, 10, 0.4, 0.4, 0.55);
    static final Cooling LAST_END = new Cooling(30, 1.5, 0, 0, 0.5);
    static final Cooling LAST_END_AGAIN = new Cooling(20, 1.5, 0, 0, 0.5);

    /** The heat when so much of the effort is spent. */
    double at(double spent) {
        return hot * Math.pow(cold / hot, spent) * Score.FIRST;
    }
}
