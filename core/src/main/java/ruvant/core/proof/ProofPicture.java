package ruvant.core.proof;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Proofs that were made, the first first.
 *
 * @param films test films that were developed
 */
public record ProofPicture(List<Made> made, List<Film> films) {
    /** A proof and its line. */
    public record Made(UUID id, Instant at, String by, ProofEntry.ProofMade what) {}

    /** A test film and its line. */
    public record Film(UUID id, Instant at, String by, ProofEntry.FilmDeveloped what) {}

    /** Every time that a proof was made since a moment. */
    public List<Made> of(String proof, Instant since) {
        return made.stream()
                .filter(one -> one.what().proof().id().equals(proof) && one.at().isAfter(since))
                .toList();
    }

    /** The last test film since a moment. */
    public Optional<Film> film(Instant since) {
        return films.stream().filter(one -> one.at().isAfter(since)).reduce((earlier, later) -> later);
    }
}
