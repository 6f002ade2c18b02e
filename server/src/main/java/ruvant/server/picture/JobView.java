package ruvant.server.picture;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ruvant.core.album.Album;
import ruvant.core.find.FindPicture;
import ruvant.core.handover.HandoverPicture;
import ruvant.core.house.TrayShape;
import ruvant.core.intake.FunctionList;
import ruvant.core.intake.IntakePicture;
import ruvant.core.intake.VisitorVerdict;
import ruvant.core.log.Line;
import ruvant.core.log.RecordEntry;
import ruvant.core.offer.OfferPicture;
import ruvant.core.parts.PartsPicture;
import ruvant.core.picture.CostSoFar;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.NextStep;
import ruvant.core.picture.NextWords;
import ruvant.core.picture.Outstanding;
import ruvant.core.picture.PickUp;
import ruvant.core.picture.ProofDue;
import ruvant.core.picture.Shop;
import ruvant.core.picture.StopProgress;
import ruvant.core.picture.StuckNow;
import ruvant.core.prove.ProvePicture;
import ruvant.core.prove.SpeedRow;
import ruvant.core.prove.SpeedTable;
import ruvant.core.refit.RefitPicture;
import ruvant.core.refit.Walk;
import ruvant.core.refit.WayBack;
import ruvant.core.sitting.SittingTime;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.LookAlikes;
import ruvant.core.strip.ReachedThrough;
import ruvant.core.strip.StripNotes;
import ruvant.core.strip.Trays;
import ruvant.core.trade.CameraKind;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Stop;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.core.wish.Wishes;
import ruvant.server.job.SummaryStore;

/**
 * One job as its screens show it. Everything in it is computed by the core; here it is only laid out. The groups are for
 * reading this file: as JSON all of it lies side by side.
 */
public record JobView(
        @JsonUnwrapped JobAbout about,
        @JsonUnwrapped JobOff off,
        @JsonUnwrapped JobInTrays inTrays,
        @JsonUnwrapped JobBack back,
        @JsonUnwrapped JobWork work,
        @JsonUnwrapped JobProof proof,
        @JsonUnwrapped JobCourse course) {

    /** Which camera it is, and how it came in. */
    public record JobAbout(
            TagNumber tag,
            long lastSequence,
            Instant now,
            IntakePicture intake,
            Album album,
            String cameraWords,
            List<Named> functions,
            Optional<LocalDate> promised,
            Wishes wishes,
            OfferPicture offer,
            CostSoFar cost,
            List<UnreadableLine> unreadable) {}

    /** A line that is damaged; while there is one, nothing can be added to the job. */
    public record UnreadableLine(long sequence, String why) {}

    /** What was taken off, and whether every piece of it is accounted for. */
    public record JobOff(
            List<PartView> parts,
            Ledger ledger,
            int notAccounted,
            StripNotes notes,
            List<StuckNow> stuck,
            Optional<ReachedThrough> reachedThrough) {}

    /** Where the pieces lie. */
    public record JobInTrays(
            Map<String, List<PartView.Brief>> wells,
            List<TrayView> trays,
            List<WellName> nowhere,
            Optional<WellName> freeWell,
            List<LookAlikeView> lookAlikes) {}

    /** How it goes back together, and who was in it before. */
    public record JobBack(
            RefitPicture refitting,
            VisitorVerdict visitor,
            boolean ownerToAgree,
            WayBack wayBack,
            PickUp pickUp,
            List<Walk> walks) {}

    /** What was found and done. */
    public record JobWork(FindPicture find, TreatView treat, PartsPicture needs, List<FitToJudge> fitsToJudge) {}

    /** What was measured and tried. */
    public record JobProof(
            List<SpeedRow> speeds,
            ToTime toTime,
            ProvePicture prove,
            double missRateBound,
            HandoverPicture handover,
            List<ProofDue> proofs,
            boolean readyToReturn) {}

    /** Where the work stands, and what comes next. */
    public record JobCourse(
            SittingView sitting,
            List<StopProgress> stops,
            Stop currentStop,
            List<NextView> next,
            List<Outstanding> outstanding) {}

    /** Something that can be done now, in words; urgency 0 comes first. */
    public record NextView(Stop stop, String what, String why, int urgency) {
        /** A step as screens show it. */
        public static NextView of(NextStep step) {
            return new NextView(step.stop(), NextWords.what(step), NextWords.why(step), step.urgency());
        }
    }

    /**
     * One tray of the shop.
     *
     * @param number from 1, as it stands before the names of its wells
     * @param name what it is told by; may be empty
     * @param rows its wells as they lie
     * @param used whether pieces of this camera lie in it
     * @param others cameras whose pieces lie in it too
     */
    public record TrayView(int number, String name, List<List<WellName>> rows, boolean used, List<TagNumber> others) {}

    /** Two types that look the same, and where the longer one goes. */
    public record LookAlikeView(
            String words,
            PartName shorterOf,
            PartName longerOf,
            ruvant.core.trade.Fastener shorter,
            ruvant.core.trade.Fastener longer) {}

    /** The speeds still without a firing, slowest first. */
    public record ToTime(List<String> before, List<String> after) {}

    /**
     * A part that took another's place, of which nobody has said how it fitted.
     *
     * @param from the camera it was made for
     */
    public record FitToJudge(PartName part, CameraKind from, String words) {}

    /** Time at the bench with its sum. */
    public record SittingView(SittingTime time, long minutes) {}

    static JobView of(JobNow job, List<SummaryStore.InTray> others, List<Line> unreadable) {
        JobPicture picture = job.picture();
        Shop shop = job.shop();
        Trays trays = job.trays();
        Ledger ledger = job.ledger();
        List<SpeedRow> speeds = picture.speeds();
        return new JobView(
                new JobAbout(
                        picture.tag(),
                        picture.lastSequence(),
                        job.now(),
                        picture.intake(),
                        picture.album(),
                        picture.received().camera().words(),
                        FunctionList.of(picture.received(), shop.lists()),
                        picture.promised(),
                        picture.wishes(),
                        picture.offer(),
                        job.cost(),
                        unreadable.stream()
                                .map(line -> new UnreadableLine(
                                        line.sequence(), ((RecordEntry.Unreadable) line.entry()).why()))
                                .toList()),
                new JobOff(
                        picture.valley().parts().stream()
                                .map(part -> PartView.of(part, job))
                                .toList(),
                        ledger,
                        ledger.notAccounted(),
                        picture.notes(),
                        job.stuck(),
                        ReachedThrough.of(picture.valley())),
                new JobInTrays(
                        wells(trays),
                        trays(trays, others),
                        trays.nowhere().stream().map(Trays.Well::name).toList(),
                        trays.suggestion(List.of(), shop.practice().standards().lookAlikeMm(), inUse(others)),
                        job.lookAlikes().stream().map(JobView::lookAlike).toList()),
                new JobBack(
                        picture.refitting(),
                        job.visitor(),
                        shop.practice().asksFirst(picture.received().owner()),
                        job.wayBack(),
                        job.pickUp(),
                        job.refit().walks()),
                new JobWork(
                        picture.find(),
                        TreatView.of(picture.treat(), shop.lubrication(), job.now()),
                        picture.parts(),
                        fits(picture)),
                new JobProof(
                        speeds,
                        new ToTime(SpeedTable.toTime(speeds, Phase.BEFORE), SpeedTable.toTime(speeds, Phase.AFTER)),
                        picture.prove(),
                        picture.prove().streak().missRateBound(),
                        picture.handover(),
                        job.proofs(),
                        job.readyToReturn()),
                new JobCourse(
                        new SittingView(picture.sitting(), job.minutes()),
                        job.stops(),
                        job.currentStop(),
                        job.next().stream().map(NextView::of).toList(),
                        job.outstanding()));
    }

    private static Map<String, List<PartView.Brief>> wells(Trays trays) {
        Map<String, List<PartView.Brief>> wells = new LinkedHashMap<>();
        trays.wells()
                .forEach(well -> wells.put(
                        well.name().toString(),
                        well.parts().stream()
                                .map(part -> new PartView.Brief(
                                        part.name(),
                                        PartView.fasteners(part),
                                        part.removed().loose(),
                                        well.lookAlike()))
                                .toList()));
        return wells;
    }

    private static List<TrayView> trays(Trays trays, List<SummaryStore.InTray> others) {
        return IntStream.rangeClosed(1, trays.shapes().size())
                .mapToObj(number -> {
                    TrayShape shape = trays.shapes().get(number - 1);
                    return new TrayView(
                            number,
                            shape.name(),
                            Trays.rows(number, shape),
                            trays.inUse().contains(number),
                            others.stream()
                                    .filter(other -> other.trays().contains(number))
                                    .map(SummaryStore.InTray::tag)
                                    .toList());
                })
                .toList();
    }

    private static Set<Integer> inUse(List<SummaryStore.InTray> others) {
        return others.stream().flatMap(other -> other.trays().stream()).collect(Collectors.toSet());
    }

    private static LookAlikeView lookAlike(LookAlikes.Pair pair) {
        boolean samePart = pair.shorterOf().equals(pair.longerOf());
        String words = "%s and %s mm, otherwise alike: the long one belongs to “%s”%s"
                .formatted(
                        pair.shorter().lengthMm(),
                        pair.longer().lengthMm(),
                        pair.longerOf(),
                        samePart ? " too: note its hole." : ", the short one to “" + pair.shorterOf() + "”.");
        return new LookAlikeView(words, pair.shorterOf(), pair.longerOf(), pair.shorter(), pair.longer());
    }

    /** What is asked once for each piece that came from somewhere, when its part has gone back on. */
    private static List<FitToJudge> fits(JobPicture picture) {
        CameraKind own = CameraKind.of(picture.received().camera());
        return picture.parts().fitsToJudge().stream()
                .map(one -> new FitToJudge(
                        one.what().part(),
                        one.what().madeFor(own),
                        one.what().source().label() + ", " + one.what().from()))
                .toList();
    }
}
