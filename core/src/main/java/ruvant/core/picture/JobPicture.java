package ruvant.core.picture;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ruvant.core.adjust.AdjustPicture;
import ruvant.core.adjust.AdjustRoom;
import ruvant.core.adjust.AdjusterBook;
import ruvant.core.adjust.WhatMoves;
import ruvant.core.album.Album;
import ruvant.core.album.AlbumRoom;
import ruvant.core.anatomy.BodyPlans;
import ruvant.core.find.FindPicture;
import ruvant.core.find.FindRoom;
import ruvant.core.handover.HandoverPicture;
import ruvant.core.handover.HandoverRoom;
import ruvant.core.house.HousePractice;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.intake.IntakePicture;
import ruvant.core.intake.IntakeRoom;
import ruvant.core.job.JobEntry;
import ruvant.core.job.JobLog;
import ruvant.core.log.Folds;
import ruvant.core.log.Log;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.offer.OfferFold;
import ruvant.core.offer.OfferPicture;
import ruvant.core.parts.PartsPicture;
import ruvant.core.parts.PartsRoom;
import ruvant.core.proof.ProofPicture;
import ruvant.core.proof.ProofRoom;
import ruvant.core.prove.NotTried;
import ruvant.core.prove.ProvePicture;
import ruvant.core.prove.ProveRoom;
import ruvant.core.prove.SpeedRow;
import ruvant.core.prove.SpeedTable;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.ProofSoFar;
import ruvant.core.refit.RefitAnswers;
import ruvant.core.refit.RefitPicture;
import ruvant.core.refit.RefitRoom;
import ruvant.core.sitting.Course;
import ruvant.core.sitting.SittingRoom;
import ruvant.core.sitting.SittingTime;
import ruvant.core.strip.StripNotes;
import ruvant.core.strip.StripRoom;
import ruvant.core.strip.Taught;
import ruvant.core.strip.Valley;
import ruvant.core.trade.Stop;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.TreatPicture;
import ruvant.core.treat.TreatRoom;
import ruvant.core.units.TagNumber;
import ruvant.core.warranty.CameBackPicture;
import ruvant.core.warranty.Likeness;
import ruvant.core.warranty.WarrantyRoom;
import ruvant.core.wish.WishRoom;
import ruvant.core.wish.Wishes;

/**
 * Everything computed from one job's log.
 *
 * @param lastSequence the last line that is in it
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
        RefitPicture refitting,
        ProvePicture prove,
        HandoverPicture handover,
        SittingTime sitting,
        Course course,
        Wishes wishes,
        OfferPicture offer,
        CameBackPicture before,
        ProofPicture proofs,
        HousePractice practice) {

    /** Folds a log. */
    public static JobPicture of(Log<JobEntry> log, HousePractice practice) {
        return of(JobRooms.read(log), JobLog.tag(log), log.lastSequence(), practice);
    }

    /** The picture of a log that was folded. */
    public static JobPicture of(Folds folds, TagNumber tag, long lastSequence, HousePractice practice) {
        StripRoom.Fold strip = folds.of(StripRoom.Fold.class);
        SittingRoom.Fold sat = folds.of(SittingRoom.Fold.class);
        return new JobPicture(
                tag,
                lastSequence,
                folds.of(IntakeRoom.Fold.class).picture(),
                folds.of(AlbumRoom.Fold.class).album(),
                strip.valley().valley(),
                strip.notes(),
                folds.of(FindRoom.Fold.class).picture(),
                folds.of(TreatRoom.Fold.class).picture(),
                folds.of(PartsRoom.Fold.class).picture(),
                folds.of(AdjustRoom.Fold.class).picture(),
                folds.of(RefitRoom.Fold.class).picture(),
                folds.of(ProveRoom.Fold.class).picture(practice.standards().streakLength()),
                folds.of(HandoverRoom.Fold.class).picture(),
                sat.picture(),
                sat.course(),
                folds.of(WishRoom.Fold.class).wishes(),
                folds.of(OfferFold.class).picture(),
                folds.of(WarrantyRoom.Fold.class).picture(),
                folds.of(ProofRoom.Fold.class).picture(),
                practice);
    }

    /**
     * The same with its parts ordered by what the model taught, and by how such cameras are built, and with its firings
     * grouped by what its adjusters move.
     */
    public JobPicture ordered(Taught taught, BodyPlans plans, AdjusterBook adjusters) {
        Valley better = intake.received()
                .map(in -> valley.ordered(
                        taught, plans.of(in.camera().bodyType(), in.camera().family())))
                .orElse(valley);
        ProvePicture proved = intake.received()
                .map(in -> prove.knowing(WhatMoves.on(adjust, adjusters.of(in, practice))))
                .orElse(prove);
        return new JobPicture(
                tag,
                lastSequence,
                intake,
                album,
                better,
                notes,
                find,
                treat,
                parts,
                adjust,
                refitting,
                proved,
                handover,
                sitting,
                course,
                wishes,
                offer,
                before,
                proofs,
                practice);
    }

    /** The same as if something else were wished of the plan. */
    JobPicture wishing(Wishes others) {
        return new JobPicture(
                tag,
                lastSequence,
                intake,
                album,
                valley,
                notes,
                find,
                treat,
                parts,
                adjust,
                refitting,
                prove,
                handover,
                sitting,
                course,
                others,
                offer,
                before,
                proofs,
                practice);
    }

    /** What came in. */
    public IntakeEntry.Received received() {
        return intake.received().orElseThrow();
    }

    /** The day the owner was told last, be it at intake or since. */
    public Optional<LocalDate> promised() {
        return wishes.last()
                .map(one -> one.what().by())
                .or(() -> intake.received().map(IntakeEntry.Received::promised));
    }

    /** What may go back at this moment, with what earlier jobs of the model learned to look at. */
    RefitAnswers refit(LearnedChecks learned, TradeLists lists, Instant now) {
        return new RefitAnswers(
                valley,
                notes,
                refitting,
                treat,
                parts,
                NotTried.of(intake, prove),
                learned,
                lists,
                new Proof(this),
                now);
    }

    /** What the camera has shown; its speeds are reckoned only when a check asks for one. */
    private record Proof(JobPicture job) implements ProofSoFar {
        @Override
        public int inARow() {
            return job.prove.streak().current();
        }

        @Override
        public int fired() {
            return job.prove.streak().firingsSinceWork();
        }

        @Override
        public boolean withinTolerance(String speed) {
            return job.speedsOfTheCamera().stream()
                    .filter(row -> row.speed().equals(speed))
                    .flatMap(row -> row.after().stream())
                    .anyMatch(run -> run.verdict().kind() == SpeedVerdict.Kind.IN);
        }
    }

    /** All speeds, before against after. */
    public List<SpeedRow> speeds() {
        return intake.received().map(in -> SpeedTable.of(in, prove, practice)).orElse(List.of());
    }

    /** The same without what no camera fired: what the owner is told. */
    public List<SpeedRow> speedsOfTheCamera() {
        return intake.received()
                .map(in -> SpeedTable.of(in, prove.ofTheCamera(), practice))
                .orElse(List.of());
    }

    /** The earlier job of which it has the same fault again; empty where nobody said so. */
    public Optional<TagNumber> cameBackWithTheSame() {
        return before.said()
                .filter(one -> one.what().judged() == Likeness.SAME)
                .map(one -> one.what().earlier());
    }

    /** Whether the camera left the shop. */
    public boolean returned() {
        return handover.returned().isPresent();
    }

    /** Where somebody sits, else where the last thing was done. How far the work has come is {@link JobNow#currentStop}. */
    public Stop lastStop() {
        return sitting.seated().map(down -> down.stop()).orElse(course.lastStop());
    }
}
