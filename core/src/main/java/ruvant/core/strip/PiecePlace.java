package ruvant.core.strip;

import java.util.Locale;
import ruvant.core.units.PartName;

/**
 * Where a piece belongs.
 *
 * @param part at which part
 * @param piece which one: a fastener's type, a loose part's name, or the part itself
 */
public record PiecePlace(PartName part, String piece) {
    /** What it is told by, beside other things of the camera. */
    public String key() {
        return part.key() + "/" + piece.toLowerCase(Locale.ROOT);
    }
}
