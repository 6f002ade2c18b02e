package ruvant.core.treat;

import static ruvant.core.job.JobEffect.Plain.PROOFS_VOID;
import static ruvant.core.job.JobEffect.Plain.READINGS_VOID;
import static ruvant.core.job.JobEffect.Plain.WORK_BETWEEN_FIRINGS;
import static ruvant.core.units.Phrase.figure;
import static ruvant.core.units.Phrase.minutes;
import static ruvant.core.units.Phrase.part;
import static ruvant.core.units.Phrase.readable;
import static ruvant.core.units.Phrase.with;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.OwnersWord;
import ruvant.core.job.JobRoom;
import ruvant.core.log.Effect;
import ruvant.core.log.Folds;
import ruvant.core.log.Line;
import ruvant.core.log.Names;
import ruvant.core.log.RoomFold;
import ruvant.core.log.Standing;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.PartName;
import ruvant.core.units.Phrase;
import ruvant.core.units.Refusal;

/** Cleaning, waits, mending and oil. */
public final class TreatRoom implements JobRoom<TreatEntry> {
    private static final List<Effect> WORK = List.of(PROOFS_VOID, READINGS_VOID, WORK_BETWEEN_FIRINGS);

    @Override
    public Class<TreatEntry> entries() {
        return TreatEntry.class;
    }

    @Override
    public RoomFold<TreatEntry> begin(Folds earlier) {
        return new Fold();
    }

    @Override
    public Optional<Refusal> rule(TreatEntry entry, Standing now) {
        return switch (entry) {
            case TreatEntry.Cleaned cleaned -> now.of(Materials.class).objection(cleaned);
            case TreatEntry.Finished finished -> Optional.empty();
            case TreatEntry.RunDry run -> Optional.empty();
            case TreatEntry.CautionShown shown -> Optional.empty();
            case TreatEntry.WaitStarted wait ->
                wait.station().isEmpty()
                        ? Optional.empty()
                        : Stations.objection(
                                wait,
                                now.of(HousePractice.class),
                                now.of(Stations.InUse.class).held(),
                                now.now());
            case TreatEntry.WaitEnded ended -> Optional.empty();
            case TreatEntry.Mended mended ->
                mended.modification() ? OwnersWord.missing(now, mended.agreed(), mended.what()) : Optional.empty();
            case TreatEntry.Modified modified -> OwnersWord.missing(now, agreed(modified, now), modified.what());
            case TreatEntry.MadeOf of -> Optional.empty();
            case TreatEntry.Probed probed -> Optional.empty();
            case TreatEntry.Lubricated oiled ->
                now.of(Lubrication.class)
                        .objection(oiled, now.of(HousePractice.class).school());
        };
    }

    @Override
    public List<Effect> effects(TreatEntry entry) {
        return switch (entry) {
            case TreatEntry.Cleaned cleaned -> WORK;
            case TreatEntry.Finished finished -> WORK;
            case TreatEntry.RunDry run -> List.of(WORK_BETWEEN_FIRINGS);
            case TreatEntry.CautionShown shown -> List.of();
            case TreatEntry.WaitStarted wait -> List.of();
            case TreatEntry.WaitEnded ended -> List.of();
            case TreatEntry.Mended mended -> WORK;
            case TreatEntry.Modified modified -> WORK;
            case TreatEntry.MadeOf of -> List.of();
            case TreatEntry.Probed probed -> List.of();
            case TreatEntry.Lubricated oiled -> WORK;
        };
    }

    @Override
    public String words(TreatEntry entry, Names names) {
        return switch (entry) {
            case TreatEntry.Cleaned cleaned ->
                "cleaned " + cleaned.part() + " with " + cleaned.agent() + " ("
                        + cleaned.verdict().label() + ")" + with(", ", cleaned.method()) + said(cleaned.manner())
                        + with(": ", cleaned.reason());
            case TreatEntry.Finished one ->
                one.how().label() + " " + one.part() + with(" with ", one.with()) + said(one.manner());
            case TreatEntry.RunDry run ->
                run.part() + ", dry run: " + run.result().label() + with(", ", run.remark());
            case TreatEntry.CautionShown shown -> "caution shown: " + readable(shown.caution());
            case TreatEntry.WaitStarted wait ->
                "wait: " + wait.what()
                        + (wait.part() != null
                                        && wait.what()
                                                .words()
                                                .contains(wait.part().text())
                                ? ""
                                : part(", ", wait.part()))
                        + ", " + minutes(wait.minutes()) + with(", in the ", wait.station());
            case TreatEntry.WaitEnded ended -> "wait finished" + with(": ", ended.remark());
            case TreatEntry.Mended mended ->
                "mended " + mended.part() + ": " + mended.what()
                        + (mended.modification() ? " (differs from factory)" : "")
                        + with(", agreed ", mended.agreed());
            case TreatEntry.Modified one ->
                one.part() + " " + one.how().label() + ": " + one.what()
                        + (one.takenMm() == null ? "" : ", " + figure(one.takenMm()) + " mm")
                        + with(", ", one.limit()) + with(": ", one.result())
                        + with("; past the limit: ", one.pastReason())
                        + with(", agreed ", one.agreed());
            case TreatEntry.MadeOf one ->
                one.part() + " is made of "
                        + one.materials().stream().map(Phrase::readable).collect(Collectors.joining(", "));
            case TreatEntry.Probed one ->
                one.meter().label() + ", " + one.from() + " to " + one.to() + ": "
                        + (one.value() == null
                                ? "open"
                                : figure(one.value()) + " " + one.meter().unit())
                        + with(", ", one.remark());
            case TreatEntry.Lubricated oiled ->
                (oiled.part().equals(PartName.of(oiled.point().words())) ? "" : oiled.part() + ", ")
                        + oiled.point() + ": "
                        + (oiled.dry() ? "left dry" : oiled.lubricant().words())
                        + said(oiled.manner())
                        + with(", ", oiled.reason());
        };
    }

    private static String said(@MayBeNull Manner manner) {
        return manner == null ? "" : manner.words();
    }

    /** Who agreed to the first go agreed to those after it. */
    private static String agreed(TreatEntry.Modified next, Standing now) {
        return Modifications.of(now.of(TreatPicture.class).modified()).stream()
                .filter(one -> one.first().sameAs(next))
                .map(Modifications.Modification::agreed)
                .findFirst()
                .filter(agreed -> !agreed.isEmpty())
                .orElse(next.agreed());
    }

    /** Folds cleaning, waits, mending and oil. */
    public static final class Fold implements RoomFold<TreatEntry> {
        private final List<TreatPicture.Done<TreatEntry.Cleaned>> cleaned = new ArrayList<>();
        private final Map<UUID, TreatPicture.Wait> waits = new LinkedHashMap<>();
        private final List<TreatPicture.Done<TreatEntry.Mended>> mended = new ArrayList<>();
        private final List<TreatPicture.Done<TreatEntry.Lubricated>> lubricated = new ArrayList<>();
        private final List<TreatPicture.Shown> cautions = new ArrayList<>();
        private final List<TreatPicture.Done<TreatEntry.RunDry>> dryRuns = new ArrayList<>();
        private final List<TreatPicture.Done<TreatEntry.Modified>> modified = new ArrayList<>();
        private final List<TreatPicture.Done<TreatEntry.Probed>> probed = new ArrayList<>();
        private final List<TreatPicture.Done<TreatEntry.Finished>> finished = new ArrayList<>();
        private final Map<PartName, List<String>> madeOf = new LinkedHashMap<>();

        @Override
        public Optional<Refusal> objection(Line line, TreatEntry entry) {
            if (entry instanceof TreatEntry.Modified next) {
                return Modifications.objection(modified, next);
            }
            if (!(entry instanceof TreatEntry.WaitEnded ended)) {
                return Optional.empty();
            }
            TreatPicture.Wait wait = waits.get(ended.waitId());
            if (wait == null) {
                return Optional.of(
                        new Refusal("waitUnknown", "That wait was not started.", "Choose one that is running."));
            }
            return wait.endedAt().isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            "waitEnded", "“" + wait.what() + "” has already ended.", "There is nothing to end."));
        }

        @Override
        public void take(Line line, TreatEntry entry) {
            switch (entry) {
                case TreatEntry.Cleaned one -> cleaned.add(new TreatPicture.Done<>(line.id(), line.at(), one));
                case TreatEntry.Finished one -> finished.add(new TreatPicture.Done<>(line.id(), line.at(), one));
                case TreatEntry.Mended one -> mended.add(new TreatPicture.Done<>(line.id(), line.at(), one));
                case TreatEntry.Lubricated one -> lubricated.add(new TreatPicture.Done<>(line.id(), line.at(), one));
                case TreatEntry.RunDry one -> dryRuns.add(new TreatPicture.Done<>(line.id(), line.at(), one));
                case TreatEntry.Modified one -> modified.add(new TreatPicture.Done<>(line.id(), line.at(), one));
                case TreatEntry.Probed one -> probed.add(new TreatPicture.Done<>(line.id(), line.at(), one));
                case TreatEntry.MadeOf one -> madeOf.put(one.part(), one.materials());
                case TreatEntry.CautionShown shown ->
                    cautions.add(new TreatPicture.Shown(line.at(), line.by(), shown.caution()));
                case TreatEntry.WaitStarted wait -> waits.put(line.id(), begun(line, wait));
                case TreatEntry.WaitEnded ended ->
                    waits.computeIfPresent(ended.waitId(), (id, wait) -> ended(wait, line.at()));
            }
        }

        private static TreatPicture.Wait begun(Line line, TreatEntry.WaitStarted wait) {
            return new TreatPicture.Wait(
                    line.id(),
                    wait.part(),
                    wait.what(),
                    line.at(),
                    line.at().plus(Duration.ofMinutes(wait.minutes())),
                    wait.latestMinutes() == 0
                            ? Optional.empty()
                            : Optional.of(line.at().plus(Duration.ofMinutes(wait.latestMinutes()))),
                    wait.station(),
                    wait.late(),
                    Optional.empty());
        }

        private static TreatPicture.Wait ended(TreatPicture.Wait wait, Instant at) {
            return new TreatPicture.Wait(
                    wait.id(),
                    wait.part(),
                    wait.what(),
                    wait.startedAt(),
                    wait.endsAt(),
                    wait.latestAt(),
                    wait.station(),
                    wait.late(),
                    Optional.of(at));
        }

        /** The picture so far. */
        public TreatPicture picture() {
            return new TreatPicture(
                    List.copyOf(cleaned),
                    List.copyOf(waits.values()),
                    List.copyOf(mended),
                    List.copyOf(lubricated),
                    List.copyOf(cautions),
                    List.copyOf(dryRuns),
                    List.copyOf(modified),
                    List.copyOf(probed),
                    List.copyOf(finished),
                    Map.copyOf(madeOf));
        }
    }
}
