package ruvant.core.strip;

/**
 * The account of one place: what belongs there, and what became of it. It balances: required = back + replaced + out +
 * left + open, and found = back + out + gone + spare + instead, at every moment.
 *
 * @param required pieces that belong there
 * @param found pieces that were there when the camera came in
 * @param missing pieces that were not, by what was said of it: required − found
 * @param filled how the places are filled now
 * @param gone what became of pieces that are not back
 * @param left places that stay empty, with a reason
 * @param because that reason; empty where none stays empty so
 * @param open places that are empty, and nobody has said why
 */
public record PlaceAccount(
        PiecePlace place,
        int required,
        int found,
        int missing,
        Filled filled,
        Strays gone,
        int left,
        String because,
        int open) {
    /**
     * How the places are filled.
     *
     * @param back with their own pieces
     * @param replaced with others, or others lie ready for them
     * @param out their own pieces are out, in the trays
     */
    public record Filled(int back, int replaced, int out) {}

    /**
     * Pieces of its own that are not in their place.
     *
     * @param lost not found so far
     * @param destroyed broken or given up
     * @param spare found again, or exchanged, and lying about now
     * @param unaccounted nobody has said where they went
     */
    public record Strays(int lost, int destroyed, int spare, int unaccounted) {}

    /** The place in words, such as "3 × slotted screw 1.7 × 3.0, top cover". */
    public String words(int count) {
        return isThePartItself() ? place.piece() : count + " × " + place.piece() + ", " + place.part();
    }

    /** Whether it is the place of a whole part, and not of a piece of one. */
    public boolean isThePartItself() {
        return place.piece().equals(place.part().text());
    }

    /** Whether every place is filled, or meant to stay empty. */
    public boolean settled() {
        return open == 0 && filled.out() == 0;
    }
}
