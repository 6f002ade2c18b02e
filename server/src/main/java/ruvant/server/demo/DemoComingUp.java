package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.parts.PartsEntry;
import ruvant.core.practice.stand.StandInShutter;
import ruvant.core.prove.ProveEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.BodySide;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Owner;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Region;
import ruvant.core.trade.Severity;
import ruvant.core.trade.SourceKind;
import ruvant.core.trade.Stop;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Money;
import ruvant.core.units.PartName;
import ruvant.server.album.PictureStore;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.measure.StandRuns;
import ruvant.server.said.LogLines;

/** Cameras that are on their way up, or home: returned, proving, deep in the valley. */
final class DemoComingUp extends DemoCounter {
    /** Tired at the fastest speed: the trailing curtain gains on the leading one. */
    private static final StandInShutter TIRED = new StandInShutter(0.05, 0.1, 0.03, 0, 11.5, 1.03, 0, 36, 5, 0);

    private final StandRuns stand;

    DemoComingUp(
            JobService jobs,
            LogLines lines,
            ShopService shop,
            PictureStore pictures,
            StandRuns stand,
            Random random,
            Instant now) {
        super(jobs, lines, shop, pictures, random, now);
        this.stand = stand;
    }

    void tell() {
        returned();
        provingOsterby();
        deepTwin();
    }

    /** Done and gone yesterday: the return sheet to look at. */
    private void returned() {
        DemoBench bench = bench("Ines K.", Duration.ofDays(16));
        bench.receive(camera(
                        DemoCameras.SIXTY,
                        "late",
                        "214077",
                        customer("Joaquín Belmonte", "mail, answers at once"),
                        "Indoor pictures come out far too bright, and it groans.",
                        inDays(-1),
                        "leather case",
                        "push-on filter"))
                .add(
                        new IntakeEntry.ConditionFound(
                                Region.LEATHER, ConditionKind.PEELING, Severity.SLIGHT, "corner by the latch"),
                        new IntakeEntry.VisitorSign(VisitorSignKind.CHEWED_SLOT, "one screw of the faceplate"),
                        new IntakeEntry.ScopeAdded("slow speeds"),
                        new IntakeEntry.ScopeAdded("glue down the leather"))
                .functions(FunctionResult.WORKS, "Struts and bed", "Bellows", "Aperture", "Body release", "B")
                .functions(FunctionResult.FAILS, "Speed 1", "Speed 1/2")
                .functions(FunctionResult.DOUBTFUL, "Speed 1/5", "Speed 1/10")
                .pass(60 * 26)
                .sit(Stop.PROVE)
                .time(Phase.BEFORE, 0.94, 0.11, 3, "1", "1/2")
                .time(Phase.BEFORE, 0.71, 0.10, 3, "1/5", "1/10")
                .time(Phase.BEFORE, 0.12, 0.05, 3, "1/25", "1/50")
                .time(Phase.BEFORE, -0.06, 0.04, 3, "1/100", "1/250")
                .add(
                        new FindEntry.SymptomSeen("slow speeds late and scattered, worse lens down"),
                        new FindEntry.SuspectRaised("gummed slow train", "groans through its run"),
                        new FindEntry.SuspectRaised("oil on blades", "common on this model"))
                .sit(Stop.STRIP)
                .type(
                        "off front lens cell, lens front, well A1, mark three threads from the end",
                        "off speed ring, lens front, 1 clip, well A2, set at 1/50",
                        "off shutter faceplate, lens front, 3 slot 1.2x2.2, well B1",
                        "off slow train, lens front, 2 slot 1.2x3, well B4, beware spring",
                        "clear oil on blades, blades dry and bright under the loupe",
                        "cause slow train, runs free while wet with naphtha and drags again when dry",
                        "sit Clean",
                        "clean slow train naphtha",
                        "clean slow train isopropyl")
                .add(new TreatEntry.WaitStarted(PartName.of("slow train"), "rest after the flush", 1440))
                .up()
                .pass(60 * 25)
                .sit(Stop.OIL)
                .type("oil slow train pivots thin oil, escapement was bone dry")
                .add(new PartsEntry.Replaced(
                        PartName.of("shutter faceplate"),
                        SourceKind.STOCK,
                        "screw tin, 1.2 × 2.2 slotted",
                        "",
                        true,
                        "for the chewed one"))
                .sit(Stop.REFIT)
                .back("slow train", "shutter faceplate", "speed ring", "front lens cell")
                .type(
                        "mend covering, corner glued down with pliable leather cement",
                        "clean front lens naphtha, old grease on the rim only")
                .sit(Stop.PROVE)
                .time(Phase.AFTER, 0.08, 0.04, 5, "1", "1/2", "1/5")
                .time(Phase.AFTER, 0.04, 0.03, 5, "1/10", "1/25", "1/50")
                .time(Phase.AFTER, -0.07, 0.03, 5, "1/100")
                .time(Phase.AFTER, -0.16, 0.05, 5, "1/250")
                .fire(36)
                .up();
        for (String function : List.of("Struts and bed", "Bellows", "Aperture", "Body release", "B")) {
            bench.add(new ProveEntry.FunctionProved(function, FunctionResult.WORKS, ""));
        }
        bench.add(
                        new IntakeEntry.ScopeSettled("slow speeds", true, ""),
                        new IntakeEntry.ScopeSettled("glue down the leather", true, ""),
                        new HandoverEntry.LeftOpen(
                                "a haze ring in the rear cell",
                                "it does not show in pictures and the cell is cemented"),
                        new HandoverEntry.Advised(
                                "Let it run through all speeds once a month; cock it before you change to the slowest."))
                .at(now.minus(Duration.ofHours(26)))
                .returned("Joaquín Belmonte", "collected in person", "he wants it for Sunday");
    }

    /** All back and nearly proved. */
    private void provingOsterby() {
        bench("Teo B.", Duration.ofDays(9))
                .receive(camera(
                        DemoCameras.OSTERBY,
                        "2nd pattern",
                        "7011842",
                        new Owner("", "", true, new Money(3500, "EUR"), new Money(14000, "EUR")),
                        "Bought at the harbour sale: fastest speed uneven, foam rotten.",
                        null))
                .add(
                        new IntakeEntry.ConditionFound(Region.SEALS, ConditionKind.FOAM, Severity.GRAVE, "all of it"),
                        new IntakeEntry.ScopeAdded("even out 1/1000"),
                        new IntakeEntry.ScopeAdded("new seals"))
                .functions(FunctionResult.WORKS, "Advance", "Counter", "Self-timer", "Mirror", "Meter", "Rewind")
                .sit(Stop.PROVE)
                .time(Phase.BEFORE, 0.09, 0.03, 3, "1", "1/8", "1/60", "1/125")
                .time(Phase.BEFORE, -0.2, 0.05, 3, "1/500")
                .time(Phase.BEFORE, -0.85, 0.18, 4, "1/1000")
                .sit(Stop.STRIP)
                .type(
                        "off bottom plate, 3 cross 1.7x3, well A1",
                        "symptom darker to one side at 1/1000",
                        "suspect low leading-curtain tension, only the fastest speed",
                        "cause low leading-curtain tension, one tooth more and the edge brightened",
                        "mend leading curtain, tension raised by two teeth",
                        "clean frame isopropyl, the channels of the seals")
                .add(new TreatEntry.Mended(PartName.of("seals"), "new foam, 2 mm and 1.5 mm", false))
                .sit(Stop.REFIT)
                .back("bottom plate")
                .sit(Stop.PROVE)
                .time(Phase.AFTER, 0.07, 0.03, 5, "1", "1/2", "1/4", "1/8")
                .time(Phase.AFTER, 0.05, 0.03, 5, "1/15", "1/30", "1/60", "1/125")
                .measure(stand, Phase.AFTER, TIRED, 5, "1/250", "1/500")
                .measure(stand, Phase.AFTER, TIRED.with(0.36, 0.09), 4, "1/1000")
                .at(now.minus(Duration.ofMinutes(25)))
                .fire(23);
    }

    /** Deep in the valley, with waits running. */
    private void deepTwin() {
        DemoBench bench = bench("Ines K.", Duration.ofDays(6));
        bench.receive(camera(
                        DemoCameras.TWIN,
                        "2nd pattern",
                        "338120",
                        customer("Amara Okonjo", "+00 555 0142, after six"),
                        "Slow speeds drag, and the focus is stiff in the cold.",
                        inDays(9),
                        "lens hood",
                        "case",
                        "strap"))
                .add(
                        new IntakeEntry.ConditionFound(
                                Region.LEATHER,
                                ConditionKind.PEELING,
                                Severity.CLEAR,
                                "lower front panel lifts",
                                new IntakeEntry.Place(BodySide.FRONT, 0.26, 0.88),
                                ""),
                        new IntakeEntry.ConditionFound(
                                Region.LENS,
                                ConditionKind.HAZE,
                                Severity.SLIGHT,
                                "taking lens, inner face",
                                new IntakeEntry.Place(BodySide.FRONT, 0.5, 0.74),
                                ""),
                        new IntakeEntry.ConditionFound(
                                Region.BOTTOM,
                                ConditionKind.DENT,
                                Severity.GRAVE,
                                "by the tripod socket",
                                new IntakeEntry.Place(BodySide.BOTTOM, 0.7, 0.5),
                                ""),
                        new IntakeEntry.VisitorSign(VisitorSignKind.RING_SCRATCH, "round the taking lens"),
                        new IntakeEntry.ScopeAdded("slow speeds"),
                        new IntakeEntry.ScopeAdded("focus to run freely"),
                        new IntakeEntry.ScopeAdded("haze in the taking lens"))
                .functions(
                        FunctionResult.WORKS,
                        "Speed 1/60",
                        "Speed 1/125",
                        "Speed 1/250",
                        "B",
                        "Advance",
                        "Counter",
                        "Aperture",
                        "Viewing lens")
                .functions(FunctionResult.FAILS, "Speed 1")
                .functions(FunctionResult.DOUBTFUL, "Speed 1/2", "Speed 1/8", "Focus")
                .pass(60 * 20)
                .sit(Stop.PROVE)
                .hear(Phase.BEFORE, "1/2", "a stop slow")
                .fireAt(Phase.BEFORE, Attitude.LEVEL, true, "1", 1.31, 0.71, 0.52, 0.66, 0.58)
                .fireAt(Phase.BEFORE, Attitude.LEVEL, false, "1/2", 0.6, 0.72, 2.1, 0.55, 0.49)
                .time(Phase.BEFORE, 0.5, 0.10, 3, "1/4", "1/8", "1/15")
                .time(Phase.BEFORE, 0.15, 0.04, 3, "1/30", "1/60", "1/125", "1/250")
                .fireAt(Phase.BEFORE, Attitude.LENS_DOWN, false, "1", 0.95, 2.4, 1.02)
                .fireAt(Phase.BEFORE, Attitude.LENS_DOWN, false, "1/2", 0.9, 1.04, 0.93)
                .up()
                .pass(60 * 22)
                .sit(Stop.STRIP)
                .type(
                        "off lower leather panel, front, glue lifted dry, covers, well A1",
                        "off focus knob, right, 1 slot 2.0x4, well A3, mark infinity at 12 o'clock",
                        "off front plate, front, 3 slot 1.7x3 + 1 slot 1.7x3.5, well B1 B4, mark notch at red line, the long one by the spring bracket",
                        "off speed ring, front, set at 1/125, 1 detent ball, well C1",
                        "off speed cam plate, front, 1 clip, well C3",
                        "off retard train, front, 2 slot 1.4x3, well D1, mark slot at dot cocked, beware spring",
                        "off taking lens front cell, lens front, well D4, mark three threads from the end",
                        "symptom slow speeds late and scattered, worse lens down",
                        "suspect gummed retard train, whirrs unevenly",
                        "suspect oil on blades, usual after a hot attic",
                        "suspect weak main spring",
                        "clear oil on blades, dry and bright under the loupe",
                        "clear weak main spring, fast speeds even and on time",
                        "cause gummed retard train, runs free while wet and drags when dry")
                .add(new SittingEntry.Decided(
                        "Leave the shutter unit in the standard", "the train comes out without it", false));
        List<DemoPictures.Spot> screws = List.of(
                new DemoPictures.Spot(0.37, 0.16),
                new DemoPictures.Spot(0.63, 0.16),
                new DemoPictures.Spot(0.37, 0.84),
                new DemoPictures.Spot(0.63, 0.84));
        bench.add(mapped(
                DemoPictures.twinFront(screws),
                "front plate",
                "before it came off, the long screw lower right",
                "slotted screw 1.7 × 3.0",
                screws,
                "B1"));
        bench.type("sit Clean", "clean retard train naphtha", "clean speed cam plate naphtha")
                .up();
        bench.at(now.minus(Duration.ofHours(20)))
                .sit(Stop.CLEAN)
                .type("clean retard train isopropyl, second flush")
                .add(new TreatEntry.WaitStarted(PartName.of("retard train"), "rest after the second flush", 1440))
                .up();
        bench.at(now.minus(Duration.ofMinutes(95)))
                .sit(Stop.OIL)
                .type("let down main spring 2 1/2 turns, held with the stick", "released")
                .type("oil speed cam plate edge light grease", "clean focus rail naphtha", "need detent ball spring")
                .add(
                        new PartsEntry.Replaced(
                                PartName.of("detent ball spring"),
                                SourceKind.DONOR,
                                "donor Twin 290455",
                                "1st pattern",
                                true,
                                "same wire, one turn shorter"),
                        new TreatEntry.WaitStarted(
                                PartName.of("taking lens front cell"), "edge blackening drying", 130));
        bench.at(now.minus(Duration.ofMinutes(48)))
                .add(
                        new RefitEntry.GateAdded(PartName.of("front plate"), "Cable-release pivot oiled"),
                        new TreatEntry.WaitStarted(PartName.of("focus knob"), "focus rail flash-off", 30))
                .up();
    }
}
