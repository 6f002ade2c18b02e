package ruvant.core.trade;

import java.util.Locale;
import ruvant.core.units.Labelled;

/** What an adjuster is counted in: parts of a turn for a screw, whole places for what clicks or meshes. */
public enum TurnUnit implements Labelled {
    QUARTERS("quarters of a turn", 0.25, 4),
    EIGHTHS("eighths of a turn", 0.125, 8),
    SIXTEENTHS("sixteenths of a turn", 0.0625, 16),
    DEGREES("steps of ten degrees", 1.0 / 36, 36),
    TEETH("teeth", 1, 1),
    DETENTS("detents", 1, 1);

    /** No hand turns a screw finer than this part of a turn on purpose. */
    private static final int FINEST = 64;

    /** Sums of turns differ by less than this where they are the same. */
    private static final double SAME = 1e-6;

    private final String label;
    private final double size;
    private final int parts;

    TurnUnit(String label, double size, int parts) {
        this.label = label;
        this.size = size;
        this.parts = parts;
    }

    @Override
    public String label() {
        return label;
    }

    /** One step: turns of a screw, or one place of what clicks or meshes. */
    public double size() {
        return size;
    }

    /** Whether it is counted in whole places, not in parts of a turn. */
    public boolean isPlaces() {
        return parts == 1;
    }

    /**
     * So many turns or places as a hand is told: "3/8 turn", "1 1/4 turns", "30°", "2 teeth". What was turned in finer
     * steps than these is told exactly: an eighth and a sixteenth are "3/16 turn".
     *
     * @param amount at least 0
     */
    public String words(double amount) {
        return switch (this) {
            case DEGREES -> exactly(360 * amount) + "°";
            case TEETH -> places(amount, "tooth", "teeth");
            case DETENTS -> places(amount, "detent", "detents");
            case QUARTERS, EIGHTHS, SIXTEENTHS -> partsOfATurn(amount);
        };
    }

    private static String places(double amount, String one, String several) {
        String count = exactly(amount);
        return count + " " + (count.equals("1") ? one : several);
    }

    /** A whole number as one, any other with two digits behind the point. */
    private static String exactly(double number) {
        return Math.abs(number - Math.rint(number)) < SAME
                ? Long.toString(Math.round(number))
                : String.format(Locale.ROOT, "%.2f", number);
    }

    private String partsOfATurn(double turns) {
        int finer = parts;
        while (finer < FINEST && Math.abs(turns * finer - Math.rint(turns * finer)) > SAME) {
            finer *= 2;
        }
        if (Math.abs(turns * finer - Math.rint(turns * finer)) > SAME) {
            return String.format(Locale.ROOT, "%.2f %s", turns, turns > 1 ? "turns" : "turn");
        }
        long steps = Math.round(turns * finer);
        long whole = steps / finer;
        long rest = steps % finer;
        if (rest == 0) {
            return whole == 1 ? "1 turn" : whole + " turns";
        }
        String part = rest + "/" + finer;
        return whole == 0 ? part + " turn" : whole + " " + part + " turns";
    }

    /** The same with its direction: "1/8 turn in", "2 teeth back", "as found". */
    public String signed(double amount) {
        if (Math.abs(amount) < SAME) {
            return "as found";
        }
        return words(Math.abs(amount)) + (isPlaces() ? amount > 0 ? " on" : " back" : amount > 0 ? " in" : " out");
    }
}
