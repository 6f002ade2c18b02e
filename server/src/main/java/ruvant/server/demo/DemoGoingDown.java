package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Region;
import ruvant.core.trade.Severity;
import ruvant.core.trade.Stop;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.units.PartName;
import ruvant.server.album.PictureStore;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.said.LogLines;

/** Cameras on their way down, or held up: waiting for a part, half-way, searching, stripping, just in. */
final class DemoGoingDown extends DemoCounter {
    DemoGoingDown(
            JobService jobs, LogLines lines, ShopService shop, PictureStore pictures, Random random, Instant now) {
        super(jobs, lines, shop, pictures, random, now);
    }

    void tell() {
        waitingForAPart();
        refittingSixty();
        findingQuillon();
        strippingStereo();
        justIn();
    }

    /** Held up by a part that somebody has to find. */
    private void waitingForAPart() {
        bench("Teo B.", Duration.ofDays(12))
                .inTray(2)
                .receive(camera(
                        DemoCameras.SWEEP,
                        "2nd pattern",
                        "5530",
                        customer("Mei-Lin Tsao", "mail"),
                        "It sweeps by jerks; bands in the sky.",
                        inDays(20),
                        "wrist strap"))
                .add(new IntakeEntry.ScopeAdded("even sweep"))
                .functions(FunctionResult.WORKS, "Advance", "Counter")
                .functions(FunctionResult.FAILS, "Speed 1/10")
                .pass(60 * 30)
                .sit(Stop.STRIP)
                .type(
                        "off top plate, 4 slot 1.7x3, well A1",
                        "off governor cover, top, 2 slot 1.4x2.5, well A3",
                        "off governor, top, 2 slot 1.4x4, well A5, mark arm at pin released, beware spring",
                        "suspect dry governor, jerks even under a finger",
                        "cause governor pinion, two teeth are gone",
                        "found: a chip of brass under the governor",
                        "need governor, a new pinion of 14 teeth",
                        "tool lacking pinion puller, or make one from a hairpin")
                .add(new SittingEntry.Decided("Mend the pinion or find a donor?", "", true))
                .up();
    }

    /** Half-way up again. */
    private void refittingSixty() {
        bench("Ines K.", Duration.ofDays(5))
                .inTray(3)
                .receive(camera(
                        DemoCameras.SIXTY,
                        "early",
                        "71930",
                        customer("Tadeusz Wróbel", "mail"),
                        "Opens, but the long times stay open.",
                        inDays(2),
                        "leather case"))
                .add(new IntakeEntry.ScopeAdded("long times"))
                .functions(FunctionResult.WORKS, "Struts and bed", "Bellows", "Aperture", "Body release")
                .functions(FunctionResult.FAILS, "Speed 1", "Speed 1/2")
                .pass(60 * 20)
                .sit(Stop.PROVE)
                .time(Phase.BEFORE, 1.05, 0.2, 3, "1", "1/2")
                .time(Phase.BEFORE, 0.4, 0.1, 3, "1/5", "1/10")
                .time(Phase.BEFORE, 0.05, 0.04, 3, "1/25", "1/50", "1/100", "1/250")
                .sit(Stop.STRIP)
                .type(
                        "off front lens cell, lens front, well A1, mark three threads from the end",
                        "off focus scale ring, lens front, 3 set screws 1.0x1.5 loosened, well A3, mark infinity at the pointer",
                        "off shutter faceplate, lens front, 3 slot 1.2x2.2, well B1",
                        "off speed cam, lens front, well B3, set at 1/50, 1 washer",
                        "off slow train, lens front, 2 slot 1.2x3, well C1, beware spring",
                        "off pallet spring, lens front, well C5, hooked spring long end to the post",
                        "suspect gummed slow train",
                        "cause gummed slow train, drags when dry",
                        "clean slow train naphtha",
                        "oil slow train pivots thin oil")
                .sit(Stop.REFIT)
                .back("pallet spring", "slow train")
                .add(
                        new RefitEntry.GateAnswered(PartName.of("speed cam"), "1 × washer in place", true, ""),
                        new RefitEntry.GateAnswered(PartName.of("speed cam"), "Set as it was: 1/50", true, ""))
                .up();
    }

    /** The fault is not found yet. */
    private void findingQuillon() {
        bench("Ines K.", Duration.ofDays(3))
                .inTray(4)
                .receive(camera(
                        DemoCameras.QUILLON,
                        "1st pattern",
                        "60213",
                        customer("نور الحسيني", "calls back"),
                        "Sometimes it fires, sometimes the button is dead.",
                        inDays(14),
                        "case"))
                .add(
                        new IntakeEntry.VisitorSign(VisitorSignKind.CHEWED_SLOT, "two of the top cover"),
                        new IntakeEntry.VisitorSign(VisitorSignKind.GLUE, "round the finder window"),
                        new IntakeEntry.ScopeAdded("reliable release"))
                .functions(FunctionResult.WORKS, "Advance", "Rangefinder", "Speed 1/60", "Speed 1/125")
                .functions(FunctionResult.DOUBTFUL, "Speed 1/500", "Cocking")
                .pass(60 * 18)
                .sit(Stop.STRIP)
                .type(
                        "missing 1 slot screw 1.7x2.5, top cover, by the eyepiece",
                        "off top cover, 3 slot 1.7x2.5 + 1 slot 1.7x4 hidden, well A1 C1",
                        "off bottom plate, 3 slot 1.7x3, well A3",
                        "symptom release dead about one time in six, more often after a slow wind",
                        "suspect sticky release latch, green grease on it",
                        "suspect advance pawl catches late",
                        "suspect bent release rod",
                        "clear bent release rod, straight against the rule, moves freely")
                .up();
    }

    /** Somebody is taking it apart just now. */
    private void strippingStereo() {
        DemoBench bench = bench("Teo B.", Duration.ofDays(2)).inTray(5);
        bench.receive(camera(
                        DemoCameras.STEREO,
                        "late",
                        "88-1406",
                        customer("Sølve Aakre", "+00 555 0178"),
                        "Left picture is always brighter than the right.",
                        inDays(4),
                        "polished case"))
                .add(new IntakeEntry.ScopeAdded("make both sides even"))
                .functions(FunctionResult.WORKS, "Advance", "Counter", "Aperture", "Speed 1/50")
                .functions(FunctionResult.DOUBTFUL, "Speed 1/10", "Speed 1/25");
        bench.at(now.minus(Duration.ofMinutes(34)))
                .sit(Stop.STRIP)
                .type(
                        "off front panel, front, 6 slot 1.4x3, well B1",
                        "off coupling rod, front, 2 e-rings, well B3, mark rod over left post cocked",
                        "off left shutter plate, front, 3 slot 1.2x2.5, well B5",
                        "cocked");
        List<DemoPictures.Spot> screws = List.of(
                new DemoPictures.Spot(0.14, 0.33),
                new DemoPictures.Spot(0.5, 0.33),
                new DemoPictures.Spot(0.86, 0.33),
                new DemoPictures.Spot(0.14, 0.67),
                new DemoPictures.Spot(0.5, 0.67),
                new DemoPictures.Spot(0.86, 0.67));
        bench.add(mapped(
                DemoPictures.stereoFront(screws),
                "front panel",
                "all six screws in place",
                "slotted screw 1.4 × 3.0",
                screws,
                "5B1"));
        bench.type("picture the two posts under the left shutter plate");
    }

    private void justIn() {
        bench("Ines K.", Duration.ofMinutes(50))
                .receive(camera(
                        DemoCameras.VEST,
                        "nickel",
                        "19044",
                        customer("Éloïse Garnaud", "collects on Saturdays"),
                        "My grandfather's. It clicks, but nothing moves.",
                        inDays(28),
                        "tin box",
                        "two empty spools"))
                .add(
                        new IntakeEntry.ConditionFound(
                                Region.TOP, ConditionKind.CORROSION, Severity.SLIGHT, "nickel pitted by the winder"),
                        new IntakeEntry.ScopeAdded("make it fire"));
    }
}
