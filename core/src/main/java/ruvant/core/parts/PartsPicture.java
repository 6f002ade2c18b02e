package ruvant.core.parts;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ruvant.core.units.PartName;

/** Needs and replacements of one job. */
public record PartsPicture(List<Need> needs, List<Replacement> replacements, List<SeenFit> fits, List<Fitted> pieces) {

    /**
     * A part required; open until replaced or dropped.
     *
     * @param piece of the part that is required; empty for the part itself
     */
    public record Need(UUID id, PartName part, String piece, String what, boolean open, Instant since, String how) {
        /** What is looked for on shelves and in donors: the piece, where only that is required. */
        public PartName wanted() {
            return piece.isEmpty() ? part : PartName.of(piece);
        }

        /** Whether it is a need of this piece of this part. */
        public boolean isOf(PartName otherPart, String otherPiece) {
            return part.equals(otherPart) && piece.equalsIgnoreCase(otherPiece);
        }
    }

    /** Another piece in a place at a part. */
    public record Fitted(UUID id, Instant at, PartsEntry.PieceFitted what) {}

    /** Another piece in a part's place. */
    public record Replacement(UUID id, Instant at, PartsEntry.Replaced what) {}

    /** A part of some kind of camera that was tried in this one. */
    public record SeenFit(UUID id, Instant at, PartsEntry.FitSeen what) {}

    /** What took this part's place last, where nobody has said since how it fitted and that would teach something. */
    public Optional<Replacement> fitToJudge(PartName part) {
        return replacements.stream()
                .filter(one -> one.what().part().equals(part) && one.what().fitTeaches())
                .reduce((earlier, later) -> later)
                .filter(one -> fits.stream()
                        .noneMatch(fit ->
                                fit.what().part().equals(part) && !fit.at().isBefore(one.at())));
    }

    /** Every replacement of which it is still to be said how it fitted, each part once. */
    public List<Replacement> fitsToJudge() {
        return replacements.stream()
                .map(one -> one.what().part())
                .distinct()
                .flatMap(part -> fitToJudge(part).stream())
                .toList();
    }

    /** Needs that still stand. */
    public List<Need> openNeeds() {
        return needs.stream().filter(Need::open).toList();
    }

    /** Whether another piece takes the place of this part or of a piece of it. */
    public boolean replaced(PartName part) {
        return replacements.stream().anyMatch(one -> one.what().part().equals(part));
    }
}
