package ruvant.core.strip;

import java.util.List;

/**
 * The two balances of a job. Pieces: off = back + lost + destroyed + to stock + left out + out + unaccounted. Places:
 * had a piece = filled with its own + with another + left empty.
 *
 * @param off pieces that ever came off, at the last removal of each part
 * @param missing what is unaccounted, in words, each with where it was last seen
 */
public record Ledger(int off, Pieces pieces, Places places, List<String> missing) {
    /**
     * Where they are.
     *
     * @param lost gone, and may turn up yet
     * @param destroyed broken or given up
     * @param toStock went to the shelf or to the owner when another took their place
     * @param out pieces still in the trays
     * @param unaccounted pieces of parts that are back on without a word about them
     */
    public record Pieces(int back, int lost, int destroyed, int toStock, int leftOut, int out, int unaccounted) {}

    /** Places that did not get their own piece back. */
    public record Places(int substituted, int empty) {}

    /** Whether every piece is somewhere that is known and meant. */
    public boolean closed() {
        return notAccounted() == 0;
    }

    /** Pieces of which nobody has said where they went for good. */
    public int notAccounted() {
        return pieces.out() + pieces.unaccounted();
    }

    /** The balances of a valley. */
    public static Ledger of(Valley valley) {
        LedgerSum sum = new LedgerSum();
        valley.parts().forEach(sum::add);
        return sum.ledger(valley.piecesOff());
    }
}
