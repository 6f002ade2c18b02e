package ruvant.server.job;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
        @JsonUnwrapped Which which,
        @JsonUnwrapped JobSaid said,
        @JsonUnwrapped Days days,
        @JsonUnwrapped JobStands stands) {
    /** Which camera it is. */
    public record Which(String maker, String model, String pattern, String serial, Family family) {}

    /** Whose it is, and what was said of it; causes joined by semicolons. */
    public record JobSaid(
            String owner, String complaint, String cause, List<String> features, Optional<UUID> customer) {}

    /** When it came, is wanted, and went. */
    public record Days(Instant cameIn, Optional<LocalDate> promised, Optional<Instant> returnedAt) {}

    /**
     * How far it is.
     *
     * @param minutes at the bench
     * @param trays numbers of the trays in which pieces of it lie
     */
    public record JobStands(long minutes, int piecesOff, long lastSequence, Instant lastAt, List<Integer> trays) {}

    static JobSummary of(JobPicture picture) {
        IntakeEntry.Received in = picture.received();
        return new JobSummary(
                picture.tag(),
                new Which(
                        in.camera().maker(),
                        in.camera().model(),
                        in.camera().pattern(),
                        in.camera().serial(),
                        in.camera().family()),
                new JobSaid(
                        in.owner().words(),
                        in.complaint(),
                        picture.find().causes().stream()
                                .map(said -> said.what().words())
                                .collect(Collectors.joining("; ")),
                        in.features(),
                        Optional.ofNullable(in.owner().customer())),
                new Days(
                        picture.intake().receivedAt().orElseThrow(),
                        picture.promised(),
                        picture.handover().returnedAt()),
                new JobStands(
                        picture.sitting().minutes(),
                        picture.valley().piecesOff(),
                        picture.lastSequence(),
                        picture.course().last().map(Line::at).orElseThrow(),
                        picture.valley().out().stream()
                                .flatMap(part -> part.removed().wells().stream())
                                .map(WellName::tray)
                                .distinct()
                                .sorted()
                                .toList()));
    }
}
