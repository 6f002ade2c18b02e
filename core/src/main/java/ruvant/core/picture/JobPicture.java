package ruvant.core.picture;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import ruvant.core.adjust.AdjustPicture;
import ruvant.core.album.Album;
import ruvant.core.find.FindPicture;
import ruvant.core.handover.HandoverPicture;
import ruvant.core.intake.IntakePicture;
import ruvant.core.job.HousePractice;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.job.Stop;
import ruvant.core.parts.PartsPicture;
import ruvant.core.prove.NotTried;
import ruvant.core.prove.ProvePicture;
import ruvant.core.prove.SpeedRow;
import ruvant.core.prove.SpeedTable;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.strip.StripNotes;
import ruvant.core.strip.Valley;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.TagNumber;

/**
 * Everything computed from one job's log.
 *
 * @param lastSequence the last line that is in it
 * @param last the last line that counts
 * @param lately the last few things done, oldest first; sitting down and getting up left aside
 * @param lastStop where the last thing was done, sitting down and notes left aside
 * @param practice of the house in which it stands
 */
public record JobPicture(
        TagNumber tag,
        long lastSequence,
        IntakePicture intake,
        Album album,
        Valley valley,
        StripNotes notes,
        FindPicture find,
        TreatPicture treat,
        PartsPicture parts,
        AdjustPicture adjust,
        ProvePicture prove,
        HandoverPicture handover,
        BenchTime bench,
        Optional<Line> last,
        List<Line> lately,
        Stop lastStop,
        HousePractice practice) {

    /** Folds a log. */
    public static JobPicture of(JobLog log, HousePractice practice) {
        return JobFold.of(log).picture(log.lastSequence(), practice);
    }

    /** What came in. */
    public IntakeEntry.Received received() {
        return intake.received().orElseThrow();
    }

    /** What may go back at this moment, by this job alone. */
    public RefitAnswers refit(Instant now) {
        return refit(LearnedChecks.NONE, now);
    }

    /** What may go back at this moment, with what earlier jobs of the model learned to look at. */
    public RefitAnswers refit(LearnedChecks learned, Instant now) {
        return new RefitAnswers(valley, notes, treat, parts, NotTried.of(intake, prove), learned, now);
    }

    /** All speeds, before against after. */
    public List<SpeedRow> speeds() {
        return intake.received().map(in -> SpeedTable.of(in, prove, practice)).orElse(List.of());
    }

    /** Whether the camera left the shop. */
    public boolean returned() {
        return handover.returned().isPresent();
    }

    /** The stop at which work goes on: where somebody sits, else where the last thing was done. */
    public Stop currentStop() {
        return bench.seated().map(down -> down.stop()).orElse(lastStop);
    }
}
