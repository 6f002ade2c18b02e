package ruvant.core.signature;

import java.util.Optional;

/**
 * How long the curtains travel against what the maker says, log2 of measured ÷ specified; empty where not known.
 */
public record CurtainTravel(Optional<Double> leadingLog2, Optional<Double> trailingLog2) {
    /** Not known of either. */
    public static final CurtainTravel UNKNOWN = new CurtainTravel(Optional.empty(), Optional.empty());
}
