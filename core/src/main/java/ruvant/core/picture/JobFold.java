package ruvant.core.picture;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ruvant.core.adjust.AdjustFold;
import ruvant.core.album.AlbumFold;
import ruvant.core.find.FindFold;
import ruvant.core.handover.HandoverFold;
import ruvant.core.intake.IntakeFold;
import ruvant.core.job.AdjustEntry;
import ruvant.core.job.AlbumEntry;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.FindEntry;
import ruvant.core.job.HandoverEntry;
import ruvant.core.job.HousePractice;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.job.PartsEntry;
import ruvant.core.job.ProveEntry;
import ruvant.core.job.RecordEntry;
import ruvant.core.job.RefitEntry;
import ruvant.core.job.Stop;
import ruvant.core.job.StripEntry;
import ruvant.core.job.TreatEntry;
import ruvant.core.parts.PartsFold;
import ruvant.core.prove.ProveFold;
import ruvant.core.strip.StripNotesFold;
import ruvant.core.strip.ValleyFold;
import ruvant.core.treat.TreatFold;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;

/** Reads a log into all rooms at once. */
final class JobFold {
    private static final int LATELY = 4;

    private final TagNumber tag;
    private final IntakeFold intake = new IntakeFold();
    private final AlbumFold album = new AlbumFold();
    private final ValleyFold valley = new ValleyFold();
    private final StripNotesFold notes = new StripNotesFold();
    private final FindFold find = new FindFold();
    private final TreatFold treat = new TreatFold();
    private final PartsFold parts = new PartsFold();
    private final AdjustFold adjust = new AdjustFold();
    private final ProveFold prove = new ProveFold();
    private final HandoverFold handover = new HandoverFold();
    private final BenchTime.Fold bench = new BenchTime.Fold();
    private Line last;
    private final Set<UUID> taken = new HashSet<>();
    private final Deque<Line> lately = new ArrayDeque<>();
    private Stop lastStop = Stop.INTAKE;

    JobFold(TagNumber tag) {
        this.tag = tag;
    }

    static JobFold of(JobLog log) {
        JobFold fold = new JobFold(log.tag());
        log.counted().forEach(fold::take);
        return fold;
    }

    /** Why the line makes no sense after those taken. */
    Optional<Refusal> objection(Line line) {
        Optional<Refusal> closed = afterReturn(line);
        if (closed.isPresent()) {
            return closed;
        }
        if (intake.picture().received().isEmpty() && !(line.entry() instanceof IntakeEntry.Received)) {
            return Optional.of(
                    new Refusal("noCamera", "No camera was received on this tag yet.", "Enter what came in first."));
        }
        return switch (line.entry()) {
            case RecordEntry record -> Optional.empty();
            case BenchEntry entry -> bench.objection(line, entry);
            case AlbumEntry entry -> album.objection(line, entry);
            case IntakeEntry entry -> intake.objection(line, entry);
            case StripEntry entry -> valley.objection(entry).or(() -> notes.objection(entry));
            case FindEntry entry -> find.objection(line, entry).or(() -> nothingToReopen(entry));
            case TreatEntry entry -> treat.objection(line, entry);
            case PartsEntry entry -> parts.objection(line, entry);
            case AdjustEntry entry -> adjust.objection(line, entry);
            case RefitEntry entry -> valley.objection(entry).or(() -> notes.objection(entry));
            case ProveEntry entry -> prove.objection(line, entry);
            case HandoverEntry entry -> handover.objection(line, entry);
        };
    }

    private Optional<Refusal> nothingToReopen(FindEntry entry) {
        return entry instanceof FindEntry.Reopened reopened && !taken.contains(reopened.finding())
                ? Optional.of(new Refusal(
                        "lineUnknown", "There is no such finding to reopen.", "Choose an earlier line of this job."))
                : Optional.empty();
    }

    private Optional<Refusal> afterReturn(Line line) {
        boolean still = line.entry() instanceof HandoverEntry || line.entry() instanceof BenchEntry.Noted;
        return handover.picture().returned().isPresent() && !still
                ? Optional.of(new Refusal(
                        "jobClosed",
                        "This camera was returned to "
                                + handover.picture().returned().get().to() + ".",
                        "Strike the return to open the job again."))
                : Optional.empty();
    }

    void take(Line line) {
        switch (line.entry()) {
            case RecordEntry record -> {}
            case BenchEntry entry -> bench.take(line, entry);
            case AlbumEntry entry -> album.take(line, entry);
            case IntakeEntry entry -> intake.take(line, entry);
            case StripEntry entry -> {
                valley.take(line, entry);
                notes.take(line, entry);
                workedOn(line, entry instanceof StripEntry.Removed);
            }
            case FindEntry entry -> {
                find.after(last == null ? line.at() : last.at());
                find.take(line, entry);
            }
            case TreatEntry entry -> {
                treat.take(line, entry);
                workedOn(
                        line,
                        !(entry instanceof TreatEntry.WaitStarted
                                || entry instanceof TreatEntry.WaitEnded
                                || entry instanceof TreatEntry.CautionShown
                                || entry instanceof TreatEntry.MadeOf
                                || entry instanceof TreatEntry.Probed
                                || entry instanceof TreatEntry.RunDry));
            }
            case PartsEntry entry -> {
                parts.take(line, entry);
                if (entry instanceof PartsEntry.Replaced replaced) {
                    valley.take(replaced);
                }
                workedOn(line, entry instanceof PartsEntry.Replaced);
            }
            case RefitEntry entry -> {
                valley.take(line, entry);
                notes.take(line, entry);
            }
            case AdjustEntry entry -> {
                adjust.take(line, entry);
                if (entry instanceof AdjustEntry.Turned) {
                    prove.workedOn();
                }
            }
            case ProveEntry entry -> {
                prove.take(line, entry);
                adjust.fired(line, entry);
            }
            case HandoverEntry entry -> handover.take(line, entry);
        }
        last = line;
        taken.add(line.id());
        if (!(line.entry() instanceof BenchEntry.SatDown || line.entry() instanceof BenchEntry.GotUp)) {
            lately.addLast(line);
            if (lately.size() > LATELY) {
                lately.removeFirst();
            }
        }
        lastStop = line.entry() instanceof BenchEntry || line.entry() instanceof AlbumEntry
                ? lastStop
                : line.entry().stop();
    }

    private void workedOn(Line line, boolean mechanismTouched) {
        if (mechanismTouched) {
            prove.workedOn();
            if (!(line.entry() instanceof StripEntry)) {
                adjust.workedOn(line);
            }
        }
    }

    JobPicture picture(long lastSequence, HousePractice practice) {
        return new JobPicture(
                tag,
                lastSequence,
                intake.picture(),
                album.album(),
                valley.valley(),
                notes.picture(),
                find.picture(),
                treat.picture(),
                parts.picture(),
                adjust.picture(),
                prove.picture(practice.streakLength()),
                handover.picture(),
                bench.picture(),
                Optional.ofNullable(last),
                List.copyOf(lately),
                lastStop,
                practice);
    }
}
