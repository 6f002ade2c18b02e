package ruvant.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import ruvant.core.find.FindEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Phase;
import ruvant.core.trade.Region;
import ruvant.core.trade.Severity;
import ruvant.core.trade.Stop;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.server.album.PictureStore;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.said.LogLines;

/** Cameras that are being set right just now: one adjuster between five speeds, two screws that disturb each other. */
final class DemoAdjusting extends DemoCounter {
    DemoAdjusting(
            JobService jobs, LogLines lines, ShopService shop, PictureStore pictures, Random random, Instant now) {
        super(jobs, lines, shop, pictures, random, now);
    }

    void tell() {
        settingSixty();
        coincidingQuillon();
        turnedTwin();
    }

    /** Clean and free, but now all long times run short: the engagement was moved with the train out. */
    private void settingSixty() {
        DemoBench bench = bench("Teo B.", Duration.ofDays(4));
        bench.inTray(6)
                .receive(camera(
                        DemoCameras.SIXTY,
                        "late",
                        "230911",
                        customer("Ngozi Adeyemi", "mail"),
                        "Cleaned elsewhere last year, and long times are short since.",
                        inDays(6),
                        "lens hood"))
                .add(new IntakeEntry.ScopeAdded("long times right"))
                .functions(FunctionResult.WORKS, "Struts and bed", "Bellows", "Aperture", "Body release")
                .functions(FunctionResult.DOUBTFUL, "Speed 1", "Speed 1/2", "Speed 1/5")
                .pass(60 * 24)
                .sit(Stop.STRIP)
                .type(
                        "off front lens cell, lens front, well A1, mark three threads from the end",
                        "off speed ring, lens front, 1 clip, well A3, set at 1/50",
                        "symptom slow speeds much too short",
                        "suspect retard train engages too little, its lock screw was bright",
                        "cause retard train engages too little, every long time short by the same part")
                .up();
        bench.at(now.minus(Duration.ofMinutes(70))).add(usual("front lens cell", "Filler primer to next coat"));
        bench.at(now.minus(Duration.ofMinutes(58)))
                .sit(Stop.PROVE)
                .time(Phase.AFTER, -0.36, 0.03, 3, "1")
                .time(Phase.AFTER, -0.71, 0.03, 3, "1/2", "1/5")
                .time(Phase.AFTER, -0.66, 0.04, 3, "1/10", "1/25")
                .type("turn retard engagement 3/8 in")
                .time(Phase.AFTER, -0.18, 0.03, 3, "1")
                .time(Phase.AFTER, -0.34, 0.03, 3, "1/2", "1/5")
                .time(Phase.AFTER, -0.31, 0.04, 3, "1/10", "1/25");
    }

    /** Its rangefinder: what lifts the image shifts it too. */
    private void coincidingQuillon() {
        DemoBench bench = bench("Ines K.", Duration.ofDays(7));
        bench.receive(camera(
                        DemoCameras.QUILLON,
                        "2nd pattern",
                        "81477",
                        customer("Ivar Tamm", "mail"),
                        "The two images never lie on each other, near or far.",
                        inDays(11),
                        "strap"))
                .add(new IntakeEntry.ScopeAdded("rangefinder"))
                .functions(FunctionResult.WORKS, "Advance", "Cocking", "Speed 1/60")
                .functions(FunctionResult.FAILS, "Rangefinder")
                .pass(60 * 30)
                .sit(Stop.STRIP)
                .type(
                        "off top cover, 4 slot 1.7x2.5 + 1 slot 1.7x4, all in the cover",
                        "symptom double image does not meet",
                        "cause rangefinder knocked, both screws bright at their slots")
                .up();
        bench.at(now.minus(Duration.ofMinutes(41)))
                .sit(Stop.MEND)
                .type(
                        "result infinity, side to side 4.1",
                        "result near, side to side 4.3",
                        "result height -2.6",
                        "turn rangefinder height screw 5/16 in",
                        "turn rangefinder side screw 3/16 out",
                        "result infinity, side to side 3.4",
                        "result near, side to side 3.8",
                        "result height -0.5")
                .up();
        bench.at(now.minus(Duration.ofMinutes(9))).add(usual("top cover", "Heat pad"));
    }

    /** Followed in vain twice; what was waved through at the counter was it. */
    private void turnedTwin() {
        IntakeEntry.ConditionFound sprung = new IntakeEntry.ConditionFound(
                Region.BACK, ConditionKind.DENT, Severity.SLIGHT, "door sprung by the hinge, still shuts");
        DemoBench bench = bench("Ines K.", Duration.ofDays(5));
        bench.receive(camera(
                        DemoCameras.TWIN,
                        "3rd pattern",
                        "402255",
                        customer("Leilani Kealoha", "mail"),
                        "The frames overlap, more toward the end of a film.",
                        inDays(12),
                        "strap"))
                .add(sprung)
                .add(new IntakeEntry.ScopeAdded("even spacing"))
                .functions(FunctionResult.WORKS, "Advance", "Speed 1", "Speed 1/60", "Speed 1/500", "Aperture", "Focus")
                .functions(FunctionResult.DOUBTFUL, "Counter")
                .pass(60 * 28)
                .sit(Stop.FIND)
                .type(
                        "symptom frames overlap or lie unevenly",
                        "suspect measuring wheel slips, shiny where the film runs",
                        "suspect take-up clutch greasy, usual here")
                .add(new FindEntry.Predicted(
                        "thumb drags the film at the wheel: turns for one frame",
                        6,
                        0.2,
                        "turns",
                        List.of(Named.of("measuring wheel slips"))));
        bench.add(new FindEntry.Observed(bench.lastLine(), 6.0, ""))
                .type("clear measuring wheel slips, six turns a frame with the thumb on the film")
                .add(new FindEntry.SwapTried("take-up clutch greasy", "take-up clutch", "donor Twin 290455", false, ""))
                .add(new FindEntry.Reopened(
                        bench.line(sprung),
                        "back: slight dent, door sprung by the hinge",
                        "back or its hinge bent",
                        "a strip of paper pulls out freely on the hinge side"))
                .type("cause back or its hinge bent, with a finger on the door the spacing is even")
                .up();
        bench.at(now.minus(Duration.ofMinutes(64))).add(usual(null, "Contact adhesive, open time"));
    }

    /** A wait as the house has it in its list. */
    private TreatEntry.WaitStarted usual(String part, String label) {
        Lubrication.WaitKind kind = shop().lubrication().waits().stream()
                .filter(one -> one.label().equals(label))
                .findFirst()
                .orElseThrow();
        return new TreatEntry.WaitStarted(
                part == null ? null : PartName.of(part),
                kind.label(),
                kind.minutes(),
                kind.latestMinutes(),
                kind.station(),
                kind.late());
    }
}
