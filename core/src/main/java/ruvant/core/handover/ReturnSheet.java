package ruvant.core.handover;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.prove.SpeedRow;
import ruvant.core.units.TagNumber;

/** What the owner gets, section by section; an empty section is not printed. */
public record ReturnSheet(
        TagNumber tag,
        Head head,
        IntakeEntry.Received received,
        Arrival arrival,
        Work work,
        Proof proof,
        After after,
        Pictured pictures) {
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
    public record Arrival(List<SheetLine> found) {}

    /**
     * What was found and done.
     *
     * @param found symptoms, causes and what was found on the way
     * @param done cleaned, mended, oiled
     * @param replaced pieces that took others' place
     * @param changed what differs from the factory now
     */
    public record Work(
            List<SheetLine> found, List<SheetLine> done, List<SheetLine> replaced, List<SheetLine> changed) {}

    /** @param functions streak and functions */
    public record Proof(List<SpeedRow> speeds, List<SheetLine> functions) {}

    /**
     * What the owner should know afterwards.
     *
     * @param missing pieces that are not in their places, and why
     * @param leftOpen what stays as it is, and why
     * @param passedOver what stood open when it left, and why it left so
     * @param watch what somebody wants to keep an eye on
     * @param comeAgain when it should be looked at again
     * @param accessories each goes back with the camera
     */
    public record After(
            List<SheetLine> missing,
            List<SheetLine> leftOpen,
            List<SheetLine> passedOver,
            List<SheetLine> watch,
            List<String> advice,
            Optional<String> battery,
            Optional<HandoverEntry.ComeAgain> comeAgain,
            List<String> accessories) {}

    /**
     * Pictures of it, by the names under which they are kept, two of each at most.
     *
     * @param before the work, as it came in
     * @param after the work, as it goes out; those that show the same as one before stand at its place
     */
    public record Pictured(List<String> before, List<String> after) {}
}
