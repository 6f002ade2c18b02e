package ruvant.core.handover;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.prove.SpeedRow;
import ruvant.core.units.TagNumber;

/**
 * What the owner gets, section by section; an empty section is not printed.
 *
 * @param found symptoms, causes and what was found on the way
 * @param done cleaned, mended, oiled
 * @param replaced pieces that took others' place
 * @param changed what differs from the factory now
 * @param proofs streak and functions
 * @param leftOpen what stays as it is, and why
 * @param accessories each goes back with the camera
 */
public record ReturnSheet(
        TagNumber tag,
        String shopName,
        IntakeEntry.Received received,
        Instant cameIn,
        Optional<Instant> returned,
        List<String> found,
        List<String> done,
        List<String> replaced,
        List<String> changed,
        List<SpeedRow> speeds,
        List<String> proofs,
        List<String> leftOpen,
        List<String> advice,
        Optional<String> battery,
        List<String> accessories,
        long benchMinutes,
        int guaranteeMonths) {}
