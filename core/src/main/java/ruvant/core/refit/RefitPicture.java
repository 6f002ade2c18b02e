package ruvant.core.refit;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** Where putting back stands, beyond the parts themselves. */
public record RefitPicture(Optional<Trial> trial) {
    /** A trial assembly that is on. */
    public record Trial(UUID id, Instant at, RefitEntry.TrialAssembled what) {}
}
