package ruvant.core.said;

import java.util.List;
import java.util.Optional;

/**
 * How a line was heard, piece by piece, with what else each piece could mean.
 *
 * @param pieces in the order of the line
 * @param question what would have to be known to read it; empty where there is nothing to ask
 */
public record Heard(List<Piece> pieces, Optional<String> question) {
    public Heard {
        pieces = List.copyOf(pieces);
    }

    /**
     * A stretch of the line.
     *
     * @param words as they stand in the line
     * @param said what they say; empty where they are kept as a remark
     * @param others what else they could say, the likeliest first
     */
    public record Piece(String words, Optional<Statement> said, List<Statement> others) {
        public Piece {
            others = List.copyOf(others);
        }
    }
}
