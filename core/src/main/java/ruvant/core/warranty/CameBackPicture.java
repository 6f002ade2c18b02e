package ruvant.core.warranty;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** Whether a camera was here before, as the last word has it. */
public record CameBackPicture(Optional<SaidOfEarlier> said) {
    /** What was said, and its line. */
    public record SaidOfEarlier(UUID id, Instant at, String by, WarrantyEntry.CameBack what) {}
}
