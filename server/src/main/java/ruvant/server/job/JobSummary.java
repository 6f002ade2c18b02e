package ruvant.server.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.log.Line;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.Family;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;

/** One job as a list shows it. */
public record JobSummary(
        TagNumber tag,
        String maker,
        String model,
        String pattern,
        String serial,
        Family family,
        String owner,
        String complaint,
        String cause,
        Instant cameIn,
        Optional<LocalDate> promised,
        Optional<Instant> returnedAt,
        long minutes,
        int piecesOff,
        long lastSequence,
        Instant lastAt,
        List<Integer> trays,
        List<String> features) {
    static JobSummary of(JobPicture picture) {
        IntakeEntry.Received in = picture.received();
        return new JobSummary(
                picture.tag(),
                in.camera().maker(),
                in.camera().model(),
                in.camera().pattern(),
                in.camera().serial(),
                in.camera().family(),
                in.owner().words(),
                in.complaint(),
                picture.find().causes().stream()
                        .map(said -> said.what().words())
                        .collect(Collectors.joining("; ")),
                picture.intake().receivedAt().orElseThrow(),
                Optional.ofNullable(in.promised()),
                picture.handover().returnedAt(),
                picture.sitting().minutes(),
                picture.valley().piecesOff(),
                picture.lastSequence(),
                picture.course().last().map(Line::at).orElseThrow(),
                picture.valley().out().stream()
                        .flatMap(part -> part.removed().wells().stream())
                        .map(WellName::tray)
                        .distinct()
                        .sorted()
                        .toList(),
                in.features());
    }
}
