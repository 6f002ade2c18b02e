package ruvant.server.picture;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.picture.JobNow;
import ruvant.core.refit.RefitAnswer;
import ruvant.core.strip.Basis;
import ruvant.core.strip.LoosePart;
import ruvant.core.strip.Mark;
import ruvant.core.strip.Neighbours;
import ruvant.core.strip.StripEntry;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.MechanismState;
import ruvant.core.units.PartName;

/** One part: how it came off and whether it may go back. */
public record PartView(
        PartName name,
        @JsonUnwrapped PartRemoval removal,
        AnswerView answer,
        @JsonUnwrapped PartSettled settled,
        @JsonUnwrapped PartPlace place,
        Neighbours neighbours,
        @JsonUnwrapped PartMissing missing,
        @JsonUnwrapped PartBefore before) {
    /** How it came off. */
    public record PartRemoval(
            StripEntry.Removed removed,
            UUID removalId,
            Instant removedAt,
            String removedBy,
            int timesOff,
            int pieces,
            List<FastenerView> fasteners,
            List<Mark> marks,
            List<MechanismState> states) {}

    /**
     * How it lay.
     *
     * @param over the parts lying directly over it
     * @param probably those of them that are only taken to, since they came off earlier
     * @param depth how many removals must be undone outward from here
     * @param level longest chain of parts over it
     */
    public record PartPlace(Set<PartName> over, Set<PartName> probably, int depth, int level) {
        static PartPlace of(ValleyPart.Under place) {
            return new PartPlace(
                    place.lying().keySet(),
                    place.lying().entrySet().stream()
                            .filter(one -> one.getValue() == Basis.DEFAULT)
                            .map(Map.Entry::getKey)
                            .collect(Collectors.toCollection(LinkedHashSet::new)),
                    place.depth(),
                    place.level());
        }
    }

    /** When it went back or was left out, and by whose word. */
    public record PartSettled(Optional<Instant> settledAt, Optional<String> settledBy) {}

    /** What of it is not there any more. */
    public record PartMissing(List<ValleyPart.Piece> lost, List<ValleyPart.Piece> destroyed) {}

    /** What to look at before it goes on. */
    public record PartBefore(
            List<CheckView> checks, Optional<Instant> triedAt, List<String> hints, List<String> pictures) {}

    /** Just enough of a part for a well of the tray. */
    public record Brief(PartName name, List<FastenerView> fasteners, List<LoosePart> loose, boolean lookAlike) {}

    /**
     * Whether a part may go back now.
     *
     * @param reason what stands against it, in words; empty when it is ready
     * @param until when a wait is over, if it waits
     * @param wanted how the mechanism must stand first, where it stands otherwise
     * @param probably parts that stand in its way only because they are taken to lie so; one word frees it of all of them
     * @param closedIn whether those are back over it, and not out under it
     */
    public record AnswerView(
            PartName part,
            RefitAnswer.Kind kind,
            Optional<RefitAnswer.Against> against,
            String reason,
            Optional<Instant> until,
            Optional<MechanismState> wanted,
            List<PartName> probably,
            boolean closedIn) {
        static AnswerView of(RefitAnswer answer) {
            return new AnswerView(
                    answer.part(),
                    answer.kind(),
                    answer.against(),
                    answer.reason(),
                    answer.until(),
                    answer.wanted(),
                    answer.probably(),
                    answer.against().equals(Optional.of(RefitAnswer.Against.CLOSED_IN)));
        }
    }

    /** A type of fastener with the words for it. */
    public record FastenerView(Fastener fastener, String type, boolean staysIn) {}

    static PartView of(ValleyPart part, JobNow job) {
        ValleyPart.Removal off = part.off();
        return new PartView(
                part.name(),
                new PartRemoval(
                        off.removed(),
                        off.id(),
                        off.at(),
                        off.by(),
                        off.times(),
                        off.removed().pieces(),
                        fasteners(part),
                        off.marks(),
                        off.states()),
                AnswerView.of(job.refit().of(part)),
                new PartSettled(part.settled().at(), part.settled().by()),
                PartPlace.of(part.place()),
                job.picture().valley().neighbours(part.name()),
                new PartMissing(part.gone().lost(), part.gone().destroyed()),
                new PartBefore(
                        job.refit().checks(part).stream()
                                .map(check -> CheckView.of(check, job.refit().isDue(part, check)))
                                .toList(),
                        part.triedAt(),
                        job.hints(part),
                        job.picture().album().of(part.name()).stream()
                                .map(shot -> shot.what().name())
                                .toList()));
    }

    static List<FastenerView> fasteners(ValleyPart part) {
        return part.removed().fasteners().stream()
                .map(one -> new FastenerView(one, one.type(), one.staysIn()))
                .toList();
    }
}
