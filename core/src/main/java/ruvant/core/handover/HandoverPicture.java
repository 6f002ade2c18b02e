package ruvant.core.handover;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** What the owner is told. */
public record HandoverPicture(
        List<Advice> advice,
        Optional<String> battery,
        List<Open> leftOpen,
        List<Estimate> estimates,
        Optional<Instant> returnedAt,
        Optional<HandoverEntry.Returned> returned,
        Optional<HandoverEntry.ComeAgain> comeAgain) {
    /** A piece of advice and its line. */
    public record Advice(UUID id, String text) {}

    /** What somebody thought the work would come to, and its line. */
    public record Estimate(UUID id, HandoverEntry.Estimated what) {}

    /** What is left as it is, and why. */
    public record Open(UUID id, String what, String why) {}
}
