package ruvant.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.handover.ReturnSheet;
import ruvant.core.handover.Says;
import ruvant.core.handover.SheetLine;
import ruvant.core.intake.FunctionList;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.measure.SpeedVerdict;
import ruvant.core.parts.PartsEntry;
import ruvant.core.prove.ProveEntry;
import ruvant.core.prove.SpeedRow;
import ruvant.core.refit.LearnedChecks;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Attitude;
import ruvant.core.trade.BodyType;
import ruvant.core.trade.Camera;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Phase;
import ruvant.core.trade.SourceKind;
import ruvant.core.trade.SpeedSeries;
import ruvant.core.trade.Stop;
import ruvant.core.trade.Verdict;
import ruvant.core.trade.VisitorSignKind;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class PictureTest {
    private static final PartName TRAIN = PartName.of("train");

    private final Logs logs = Logs.camera();

    private List<String> next() {
        return logs.stands().next().stream().map(NextWords::what).toList();
    }

    private StopProgress.State state(Stop stop) {
        return StopProgress.of(logs.picture()).get(stop.ordinal()).state();
    }

    @Test
    void whatToDoNextFollowsTheJob() {
        assertThat(next()).containsExactly("Check every function");
        logs.add(new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""), Logs.off("train", false));
        assertThat(next())
                .as("nothing is suspected, so a loose part may go back")
                .startsWith("Put back: train")
                .contains("Note the symptoms");
        logs.add(new FindEntry.SymptomSeen("drags"));
        assertThat(next()).contains("Add a suspect");
        logs.add(new FindEntry.SuspectRaised("dirt", "groans"));
        assertThat(next())
                .as("while a suspect is open the part is out for a reason")
                .containsExactly("Look: dirt");
        logs.add(new FindEntry.CauseConfirmed("dirt", "seen"));
        assertThat(next())
                .as("it stays off until something was done about the cause")
                .containsExactly("Treat the cause: dirt");
        logs.add(new TreatEntry.WaitStarted(TRAIN, "flash-off", 10));
        assertThat(next()).as("only waiting").isEmpty();
        logs.after(11);
        assertThat(next()).containsExactly("Wait finished: flash-off, train", "Put back: train");
        UUID wait = logs.picture().treat().waits().getFirst().id();
        logs.add(new TreatEntry.WaitEnded(wait, ""), new RefitEntry.Refitted(TRAIN, List.of(), "", ""));
        assertThat(next()).containsExactly("Fire it to prove it");
        for (int i = 0; i < 36; i++) {
            logs.put(new ProveEntry.Fired(true, ""));
        }
        assertThat(next()).as("what worked at intake").containsExactly("Try what worked before");
        assertThat(state(Stop.PROVE)).isEqualTo(StopProgress.State.BEGUN);
        logs.add(new ProveEntry.FunctionProved("Advance", FunctionResult.WORKS, ""));
        assertThat(next()).containsExactly("Write the return sheet");
        assertThat(state(Stop.PROVE)).isEqualTo(StopProgress.State.DONE);
        logs.add(new HandoverEntry.Returned("Amara Okonjo", ""));
        assertThat(next()).isEmpty();
    }

    @Test
    void whatStandsOpenBesideThePartsIsToBeDoneToo() {
        logs.add(
                new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""),
                new IntakeEntry.ScopeAdded("new seals"),
                Logs.off("train", false),
                new FindEntry.CauseConfirmed("worn pinion", "seen"),
                new PartsEntry.NeedOpened(TRAIN, "a pinion"),
                new SittingEntry.Decided("donor or new", "", true),
                new StripEntry.MissingOnArrival("strap lug", 1, "left end"));
        assertThat(next())
                .contains("Find a part: train", "Decide: donor or new", "Empty place: 1 × strap lug, left end");
        logs.add(
                new PartsEntry.NeedDropped(TRAIN, "the old one will do"),
                new StripEntry.LeftEmpty(PartName.of("left end"), "strap lug", 1, "never had one"),
                new RefitEntry.Refitted(TRAIN, List.of(), "", ""));
        assertThat(next())
                .contains("Agreed work: new seals", "Decide: donor or new")
                .doesNotContain("Write the return sheet");
    }

    @Test
    void theNextStepFollowsFromWhatTheCauseCallsFor() {
        logs.add(
                new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""),
                Logs.off("train", false),
                new FindEntry.CauseConfirmed("retard train gummed", "runs free while wet"));
        assertThat(next())
                .as("where nothing is known of the cause")
                .containsExactly("Treat the cause: retard train gummed");
        FaultKnowledge.Cause gummed = new FaultKnowledge.Cause(
                "trainGummed", "leaf", "retard train gummed", 1, "old oil", Map.of(), "clean", null);
        JobNow known = new JobNow(
                logs.picture(),
                Logs.SHOP.with(
                        new FaultKnowledge(1, 0.1, List.of(), List.of(), List.of(), List.of(gummed), List.of(), null)),
                LearnedChecks.NONE,
                1,
                logs.now());
        assertThat(known.next().stream().map(NextWords::what)).containsExactly("Clean: retard train gummed");
        assertThat(known.currentStop()).isEqualTo(Stop.CLEAN);
        logs.add(new TreatEntry.Cleaned(TRAIN, "naphtha", List.of("metal"), Verdict.OK, ""));
        assertThat(next()).containsExactly("Put back: train");
    }

    @Test
    void aCauseThatIsLeftOrClosedOverAsksForNothingMore() {
        logs.add(
                new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""),
                Logs.off("train", false),
                new FindEntry.CauseConfirmed(new Named("hazy", "haze in the rear cell"), "seen"));
        assertThat(next()).containsExactly("Treat the cause: haze in the rear cell");
        logs.add(new HandoverEntry.LeftOpen("Haze in the rear cell", "cemented"));
        assertThat(next()).containsExactly("Put back: train");

        logs.add(new FindEntry.CauseConfirmed("dry pivot", "seen"));
        assertThat(next()).contains("Treat the cause: dry pivot");
        logs.add(new RefitEntry.Refitted(TRAIN, List.of(), "it was dry only", ""));
        assertThat(next()).containsExactly("Fire it to prove it");
        assertThat(logs.stands().currentStop()).isEqualTo(Stop.PROVE);
    }

    @Test
    void oilIsWorkOnACauseToo() {
        logs.add(
                new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""),
                Logs.off("train", false),
                new FindEntry.CauseConfirmed("dry governor", "jerks"),
                new TreatEntry.Lubricated(TRAIN, "pivots", "", "thinOil", ""));
        assertThat(next()).containsExactly("Put back: train");
    }

    @Test
    void speedsAreTimedBeforeTheFirstPartComesOff() {
        logs.add(new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""));
        assertThat(next()).containsExactly("Time the speeds", "Open it");
        assertThat(logs.stands().currentStop()).isEqualTo(Stop.INTAKE);
        logs.add(new ProveEntry.FiringsTimed(
                "1/60", Phase.BEFORE, Attitude.LEVEL, "", List.of(1 / 32.0, 1 / 32.0), false));
        assertThat(next()).containsExactly("Open it");
    }

    @Test
    void aLineAboutSomethingElseDoesNotMoveTheWork() {
        logs.add(
                new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""),
                Logs.off("train", false),
                new FindEntry.SymptomSeen("drags"),
                new FindEntry.SuspectRaised("dirt", "groans"));
        assertThat(logs.stands().currentStop()).isEqualTo(Stop.FIND);
        logs.add(new HandoverEntry.Advised("fire it once a month"));
        logs.put(new ProveEntry.Fired(true, ""));
        assertThat(logs.stands().currentStop()).isEqualTo(Stop.FIND);
    }

    @Test
    void stopsAreBegunAndDone() {
        assertThat(state(Stop.INTAKE)).isEqualTo(StopProgress.State.BEGUN);
        assertThat(state(Stop.STRIP)).isEqualTo(StopProgress.State.EMPTY);
        logs.add(Logs.off("train", false), new FindEntry.SymptomSeen("drags"));
        assertThat(state(Stop.STRIP)).isEqualTo(StopProgress.State.BEGUN);
        assertThat(state(Stop.FIND)).isEqualTo(StopProgress.State.BEGUN);
        logs.add(new PartsEntry.NeedOpened(TRAIN, "a pinion"));
        assertThat(state(Stop.MEND)).isEqualTo(StopProgress.State.BEGUN);
        logs.add(new PartsEntry.Replaced(TRAIN, SourceKind.DONOR, "donor 3", "", true, ""));
        assertThat(state(Stop.MEND)).isEqualTo(StopProgress.State.DONE);
        logs.add(new RefitEntry.Refitted(TRAIN, List.of(), "", ""));
        assertThat(state(Stop.STRIP)).isEqualTo(StopProgress.State.DONE);
        assertThat(state(Stop.REFIT)).isEqualTo(StopProgress.State.DONE);
        assertThat(logs.picture().lastStop()).isEqualTo(Stop.REFIT);
        logs.add(new SittingEntry.SatDown(Stop.PROVE, ""));
        assertThat(logs.picture().lastStop()).isEqualTo(Stop.PROVE);
        logs.add(new SittingEntry.GotUp(""), new SittingEntry.Noted("late"));
        assertThat(logs.picture().lastStop()).as("notes do not move the work").isEqualTo(Stop.REFIT);
    }

    @Test
    void speedsStandBeforeAgainstAfterOnTheDialsOwnTerms() {
        logs.add(
                new ProveEntry.FiringsTimed(
                        "1/60", Phase.BEFORE, Attitude.LEVEL, "", List.of(1 / 32.0, 1 / 32.0), false),
                new ProveEntry.FiringsTimed("1/60", Phase.AFTER, Attitude.LEVEL, "", List.of(1 / 64.0), false),
                new ProveEntry.FiringsTimed(
                        "1/60", Phase.AFTER, Attitude.LEVEL, "", List.of(1 / 64.0, 1 / 64.0), false),
                new ProveEntry.FiringsTimed("1/60", Phase.AFTER, Attitude.LENS_DOWN, "", List.of(1 / 8.0), false),
                new ProveEntry.FiringsTimed("1/2", Phase.AFTER, Attitude.LEVEL, "", List.of(0.5), false));
        List<SpeedRow> rows = logs.picture().speeds();
        assertThat(rows)
                .extracting(SpeedRow::speed)
                .as("slowest first, others timed added")
                .containsExactly("1", "1/2", "1/60", "1/125", "1/500");
        SpeedRow sixty = rows.get(2);
        assertThat(sixty.nominal().seconds()).isEqualTo(1 / 64.0);
        assertThat(sixty.before().orElseThrow().bias().ev()).isCloseTo(1, within(1e-9));
        assertThat(sixty.before().orElseThrow().bias().percent()).isCloseTo(100, within(1e-6));
        assertThat(sixty.before().orElseThrow().verdict().kind()).isEqualTo(SpeedVerdict.Kind.OUT);
        assertThat(sixty.after().orElseThrow().seconds())
                .as("another attitude is kept apart")
                .hasSize(3);
        assertThat(sixty.after().orElseThrow().verdict().kind()).isEqualTo(SpeedVerdict.Kind.IN);
        assertThat(rows.get(1).after().orElseThrow().bias().lowEv())
                .as("one firing has no interval")
                .isEmpty();
    }

    @Test
    void theReturnSheetSaysWhatWasFoundDoneReplacedAndLeft() {
        logs.add(
                new IntakeEntry.VisitorSign(VisitorSignKind.GLUE, ""),
                new IntakeEntry.ScopeAdded("slow speeds"),
                new FindEntry.CauseConfirmed("dirt", "free when wet"),
                new TreatEntry.Cleaned(TRAIN, "naphtha", List.of("metal"), Verdict.OK, ""),
                new TreatEntry.Cleaned(TRAIN, "naphtha", List.of("metal"), Verdict.OK, ""),
                new TreatEntry.Mended(PartName.of("corner"), "half a millimetre off", true, "by telephone"),
                new TreatEntry.Lubricated(TRAIN, "pivots", "", "oil", ""),
                new TreatEntry.Lubricated(PartName.of("blades"), "blades", "blades", "none", ""),
                new PartsEntry.Replaced(PartName.of("spring"), SourceKind.DONOR, "donor 3", "1st pattern", true, ""),
                new IntakeEntry.ScopeSettled("slow speeds", true, ""),
                new HandoverEntry.LeftOpen("haze", "cemented"),
                new HandoverEntry.BatteryChosen("silver 1.55 V"),
                new ProveEntry.FunctionProved("Advance", FunctionResult.WORKS, ""),
                new ProveEntry.FunctionProved("Counter", FunctionResult.WORKS, ""),
                new ProveEntry.Fired(true, ""));
        ReturnSheet sheet = ReturnSheets.of(logs.picture(), Logs.SHOP);
        assertThat(sheet.arrival().found()).containsExactly(SheetLine.of(Says.EARLIER_REPAIR, "glue"));
        assertThat(sheet.work().found()).containsExactly(SheetLine.of(Says.CAUSE, "dirt", "free when wet"));
        assertThat(sheet.work().done())
                .containsExactly(
                        SheetLine.of(Says.CLEANED, "train", "naphtha"),
                        SheetLine.of(Says.MENDED, "corner", "half a millimetre off"),
                        SheetLine.of(Says.LUBRICATED, "oil", "pivots"),
                        SheetLine.of(Says.AGREED_DONE, "slow speeds"));
        assertThat(sheet.work().changed())
                .containsExactly(SheetLine.of(Says.CHANGED_AGREED, "corner: half a millimetre off", "by telephone"));
        assertThat(sheet.work().replaced())
                .containsExactly(SheetLine.of(Says.REPLACED, "spring", "donor camera", "donor 3 (1st pattern)"));
        assertThat(sheet.after().leftOpen()).containsExactly(SheetLine.of(Says.BECAUSE, "haze", "cemented"));
        assertThat(sheet.after().battery()).contains("silver 1.55 V");
        assertThat(sheet.proof().functions())
                .containsExactly(
                        SheetLine.of(Says.STREAK, "1", "95.0"),
                        SheetLine.of(Says.FUNCTION, "Advance, Counter", "works"));
    }

    @Test
    void functionsFollowFromTheKindOfCamera() {
        IntakeEntry.Received in = Logs.received();
        assertThat(FunctionList.of(in, Logs.SHOP.lists()))
                .extracting(Named::words)
                .startsWith("Speed 1", "Speed 1/60")
                .contains("B", "Viewing lens")
                .doesNotContain("Bellows", "Mirror");
        for (BodyType body : BodyType.values()) {
            var camera = new Camera("Tarn", "Vest", "", "", body, in.camera().family());
            List<String> functions = FunctionList.of(
                            new IntakeEntry.Received(
                                    camera, in.owner(), "", List.of(), "x", SpeedSeries.AS_MARKED, List.of(), null),
                            Logs.SHOP.lists())
                    .stream()
                    .map(Named::words)
                    .toList();
            assertThat(functions).as("%s", body).doesNotHaveDuplicates().contains("B", "Aperture");
        }
    }

    /** A record with no required values missing is made by hand here once for each kind; each must read as a sentence. */
    @Test
    void everyKindOfEntryHasItsWords() {
        List<JobEntry> entries = List.of(
                Logs.received(),
                new StripEntry.EdgeSet(TRAIN, PartName.of("cap"), true),
                new StripEntry.Lost(TRAIN, "washer", 2),
                new TreatEntry.WaitStarted(null, "rest", 90),
                new TreatEntry.Lubricated(TRAIN, "pivots", "", "thinOil", ""),
                new RefitEntry.GateAnswered(TRAIN, "spring hooked", false, "none here"),
                new ProveEntry.Fired(false, "hung"),
                new SittingEntry.Decided("donor or new", "", true),
                Logs.off("train", false));
        assertThat(entries.stream().map(JobRooms.ALL::words))
                .containsExactly(
                        "checked in: Pellworm Twin of Amara Okonjo, “drags”",
                        "train lies over cap",
                        "lost 2 × washer of train",
                        "wait: rest, 1 h 30 min",
                        "train, pivots: thin oil",
                        "waived at train: spring hooked, none here",
                        "miss: hung",
                        "to decide: donor or new",
                        "took off train, front");
        assertThat(Set.copyOf(entries.stream().map(JobEntry::stop).toList()))
                .contains(Stop.INTAKE, Stop.STRIP, Stop.CLEAN, Stop.OIL, Stop.REFIT, Stop.PROVE);
    }
}
