package ruvant.core.trade;

import ruvant.core.units.Labelled;

/** What an adjuster is counted in: parts of a turn for a screw, whole places for what clicks or meshes. */
public enum TurnUnit implements Labelled {
    QUARTERS("quarters of a turn", 0.25, 4),
    EIGHTHS("eighths of a turn", 0.125, 8),
    SIXTEENTHS("sixteenths of a turn", 0.0625, 16),
    DEGREES("steps of ten degrees", 1.0 / 36, 36),
    TEETH("teeth", 1, 1),
    DETENTS("detents", 1, 1);

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
     * So many turns or places as a hand is told: "3/8 turn", "1 1/4 turns", "30°", "2 teeth".
     *
     * @param amount at least 0
     */
    public String words(double amount) {
        long steps = Math.round(amount / size);
        return switch (this) {
            case DEGREES -> 10 * steps + "°";
            case TEETH -> steps + (steps == 1 ? " tooth" : " teeth");
            case DETENTS -> steps + (steps == 1 ? " detent" : " detents");
            case QUARTERS, EIGHTHS, SIXTEENTHS -> partsOfATurn(steps);
        };
    }

    private String partsOfATurn(long steps) {
        long whole = steps / parts;
        long rest = steps % parts;
        if (rest == 0) {
            return whole == 1 ? "1 turn" : whole + " turns";
        }
        String part = rest + "/" + parts;
        return whole == 0 ? part + " turn" : whole + " " + part + " turns";
    }

    /** The same with its direction: "1/8 turn in", "2 teeth back", "as found". */
    public String signed(double amount) {
        if (Math.abs(amount) < size / 2) {
            return "as found";
        }
        return words(Math.abs(amount)) + (isPlaces() ? amount > 0 ? " on" : " back" : amount > 0 ? " in" : " out");
    }
}
