package ruvant.core.picture;

import java.util.List;
import ruvant.core.adjust.AdjustRoom;
import ruvant.core.album.AlbumRoom;
import ruvant.core.find.FindRoom;
import ruvant.core.handover.HandoverRoom;
import ruvant.core.intake.IntakeRoom;
import ruvant.core.job.JobEntry;
import ruvant.core.log.Folding;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.Rooms;
import ruvant.core.log.Standing;
import ruvant.core.offer.OfferRoom;
import ruvant.core.parts.PartsRoom;
import ruvant.core.proof.ProofRoom;
import ruvant.core.prove.ProveRoom;
import ruvant.core.refit.RefitRoom;
import ruvant.core.sitting.SittingRoom;
import ruvant.core.strip.StripRoom;
import ruvant.core.treat.TreatRoom;
import ruvant.core.warranty.WarrantyRoom;
import ruvant.core.wish.WishRoom;

/** The rooms of a job, in the order of the work. A room is added here and nowhere else. */
public final class JobRooms {
    /** All of them. */
    public static final Rooms ALL = new Rooms(List.of(
            new SittingRoom(),
            new IntakeRoom(),
            new AlbumRoom(),
            new StripRoom(),
            new FindRoom(),
            new TreatRoom(),
            new PartsRoom(),
            new AdjustRoom(),
            new RefitRoom(),
            new ProveRoom(),
            new HandoverRoom(),
            new WishRoom(),
            new OfferRoom(),
            new WarrantyRoom(),
            new ProofRoom()));

    private JobRooms() {}

    /** The lines that make no sense where they stand in a log, oldest first. */
    public static List<Line> resting(Log<JobEntry> log) {
        return new Kernel(ALL, folding -> Standing.NONE).resting(log);
    }

    /** Reads a log into all rooms. */
    static Folding read(Log<JobEntry> log) {
        return Folding.of(ALL, log);
    }
}
