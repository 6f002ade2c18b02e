package ruvant.core.handover;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.prove.SpeedRow;
import ruvant.core.units.TagNumber;

/** What the owner gets, section by section; an empty section is not printed. */
public record ReturnSheet(
        TagNumber tag, Head head, IntakeEntry.Received received, Arrival arrival, Work work, Proof proof, After after) {
    /**
     * What stands above and below all else.
     *
     * @param guaranteeMonths 0 for none
     */
    public record Head(
            String shopName, Instant cameIn, Optional<Instant> returned, long benchMinutes, int guaranteeMonths) {}

    /**
     * How it came in.
     *
     * @param found what was seen outside, what did not work, signs of an earlier repair
     */
    public record Arrival(List<String> found) {}

    /**
     * What was found and done.
     *
     * @param found symptoms, causes and what was found on the way
     * @param done cleaned, mended, oiled
     * @param replaced pieces that took others' place
     * @param changed what differs from the factory now
     */
    public record Work(List<String> found, List<String> done, List<String> replaced, List<String> changed) {}

    /** @param functions streak and functions */
    public record Proof(List<SpeedRow> speeds, List<String> functions) {}

    /**
     * What the owner should know afterwards.
     *
     * @param missing pieces that are not in their places, and why
     * @param leftOpen what stays as it is, and why
     * @param passedOver what stood open when it left, and why it left so
     * @param accessories each goes back with the camera
     */
    public record After(
            List<String> missing,
            List<String> leftOpen,
            List<String> passedOver,
            List<String> advice,
            Optional<String> battery,
            List<String> accessories) {}
}
