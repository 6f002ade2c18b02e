package ruvant.core.find;

/**
 * How plainly the faults of a camera are there, with people who see and say much or little: it raises or lowers the chance of
 * everything they show together. Without it four signs of one fault would count as four witnesses who never met.
 *
 * <p>The three stand for a normal distribution of the logarithm of the odds, with a standard deviation of {@link #SPREAD}:
 * Gauss's rule for three points.
 */
enum Strength {
    FAINT(-1, 1.0 / 6),
    USUAL(0, 2.0 / 3),
    PLAIN(1, 1.0 / 6);

    /** Odds differ by more than three times from one camera to the next. */
    private static final double SPREAD = 1.2;

    private final double odds;
    private final double share;

    Strength(int side, double share) {
        this.odds = Math.exp(side * Math.sqrt(3) * SPREAD);
        this.share = share;
    }

    /** How many cameras are like this, 0 to 1. */
    double share() {
        return share;
    }

    /** The chance, 0 to 1, where it is usually this. */
    double of(double usual) {
        return this == USUAL ? usual : usual * odds / (1 - usual + usual * odds);
    }
}
