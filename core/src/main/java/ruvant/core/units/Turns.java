package ruvant.core.units;

/** Turns of a spring, in words. */
public final class Turns {
    private Turns() {}

    /** For example "1 turn", "3 turns", "4.5 turns". */
    public static String words(double turns) {
        String figure = turns == Math.rint(turns) ? Long.toString(Math.round(turns)) : Double.toString(turns);
        return figure + (turns == 1 ? " turn" : " turns");
    }
}
