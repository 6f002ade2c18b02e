package ruvant.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.RecordEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.trade.Stop;
import ruvant.core.trade.Verdict;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

class RecordTest {
    private final Logs logs = Logs.camera();

    @Test
    void aStruckLineNoLongerCountsAndCanCountAgain() {
        UUID seen = logs.put(new FindEntry.SymptomSeen("drags"));
        logs.add(new RecordEntry.Struck(seen, "wrong camera"));
        assertThat(logs.picture().find().symptoms()).isEmpty();
        assertThat(logs.log().struck()).containsKey(seen);
        assertThat(logs.refusal(new RecordEntry.Struck(seen, "again"))
                        .orElseThrow()
                        .code())
                .isEqualTo("struckTwice");
        logs.add(new RecordEntry.StrikeUndone(seen));
        assertThat(logs.picture().find().symptoms()).hasSize(1);
        assertThat(logs.refusal(new RecordEntry.StrikeUndone(seen))
                        .orElseThrow()
                        .code())
                .isEqualTo("notStruck");
    }

    @Test
    void strikesOfUnknownLinesAndOfStrikesAreRefused() {
        assertThat(logs.refusal(new RecordEntry.Struck(UUID.randomUUID(), "x"))
                        .orElseThrow()
                        .code())
                .isEqualTo("lineUnknown");
        UUID seen = logs.put(new FindEntry.SymptomSeen("drags"));
        UUID strike = logs.put(new RecordEntry.Struck(seen, "x"));
        assertThat(logs.refusal(new RecordEntry.Struck(strike, "x"))
                        .orElseThrow()
                        .code())
                .isEqualTo("strikeOfStrike");
    }

    @Test
    void strikingWhatLaterLinesRestOnNamesThemAndTakesThemTogether() {
        UUID off = logs.put(Logs.off("ring", false));
        UUID back = logs.put(new RefitEntry.Refitted(PartName.of("ring"), List.of(), "", ""));
        var refusal =
                logs.refusal(new RecordEntry.Struck(off, "never happened")).orElseThrow();
        assertThat(refusal.code()).isEqualTo("restsOnIt");
        assertThat(refusal.message()).contains("put back ring");
        Log<JobEntry> after = logs.log().plus(List.of(logs.line(new RecordEntry.Struck(off, "x"), null)));
        assertThat(new JobRules(Logs.SHOP, logs.now()).kernel(Logs.TAG).resting(after))
                .extracting(Line::id)
                .containsExactly(back);
        assertThat(logs.refusal(List.of(
                        logs.line(new RecordEntry.Struck(off, "x"), null),
                        logs.line(new RecordEntry.Struck(back, "x"), null))))
                .isEmpty();
    }

    @Test
    void theCameraItselfCannotBeStruckFromUnderItsJob() {
        logs.add(Logs.off("ring", false));
        UUID first = logs.log().lines().getFirst().id();
        assertThat(logs.refusal(new RecordEntry.Struck(first, "x"))
                        .orElseThrow()
                        .code())
                .isEqualTo("restsOnIt");
    }

    @Test
    void aLineSaidLateTakesItsPlaceInTheOrder() {
        UUID ring = logs.put(Logs.off("ring", false));
        Line late = logs.line(Logs.off("front plate", true), ring);
        assertThat(logs.refusal(List.of(late))).isEmpty();
        logs.append(List.of(late));
        var parts = logs.picture().valley().parts();
        assertThat(parts).extracting(part -> part.name().text()).containsExactly("front plate", "ring");
        assertThat(parts.getLast().over()).containsExactly(PartName.of("front plate"));
    }

    @Test
    void aLateLineThatWouldBreakTheRestIsRefused() {
        UUID ring = logs.put(Logs.off("ring", false));
        Line again = logs.line(Logs.off("ring", false), ring);
        var refusal = logs.refusal(List.of(again)).orElseThrow();
        assertThat(refusal.code()).isEqualTo("restsOnIt");
        assertThat(logs.refusal(List.of(logs.line(Logs.off("cap", false), UUID.randomUUID())))
                        .orElseThrow()
                        .code())
                .isEqualTo("lineUnknown");
    }

    @Test
    void timeAtTheBenchIsKeptByStopAndForgottenSittingsAreCapped() {
        logs.add(new SittingEntry.SatDown(Stop.STRIP, "front"));
        logs.after(25).add(new SittingEntry.SatDown(Stop.CLEAN, ""));
        logs.after(10).add(new SittingEntry.GotUp(""));
        assertThat(logs.picture().sitting().minutesByStop())
                .containsEntry(Stop.STRIP, 25L)
                .containsEntry(Stop.CLEAN, 10L);
        assertThat(logs.refusal(new SittingEntry.GotUp("")).orElseThrow().code())
                .isEqualTo("notSeated");
        logs.add(new SittingEntry.SatDown(Stop.OIL, ""));
        logs.after(60 * 30);
        assertThat(logs.picture().sitting().minutesAt(logs.now())).isEqualTo(35 + 360);
    }

    @Test
    void datesBeforeIntakeAreRefused() {
        IntakeEntry.Received in = Logs.received();
        var early = new IntakeEntry.Received(
                in.camera(),
                in.owner(),
                "",
                List.of(),
                "drags",
                in.series(),
                in.speeds(),
                LocalDate.parse("2031-03-01"));
        assertThat(logs.refusal(early).orElseThrow().message()).contains("2031-03-01", "2031-03-04");
    }

    @Test
    void aHarmfulAgentNeedsAReason() {
        PartName curtain = PartName.of("curtain");
        var harm = new TreatEntry.Cleaned(curtain, "naphtha", List.of("cloth"), Verdict.NO, "");
        assertThat(logs.refusal(harm).orElseThrow().message()).contains("Naphtha on “curtain”: no", "dissolves it");
        assertThat(logs.refusal(new TreatEntry.Cleaned(curtain, "naphtha", List.of("cloth"), Verdict.OK, ""))
                        .orElseThrow()
                        .code())
                .isEqualTo("verdictChanged");
        logs.add(new TreatEntry.Cleaned(
                curtain, "naphtha", List.of("cloth"), Verdict.NO, "the frame only, cloth masked"));
        logs.add(new TreatEntry.Cleaned(PartName.of("gear"), "naphtha", List.of("metal"), Verdict.OK, ""));
    }

    @Test
    void oilWhereItNeverGoesNeedsAReason() {
        PartName blades = PartName.of("blades");
        assertThat(logs.refusal(new TreatEntry.Lubricated(blades, "blades", "blades", "oil", ""))
                        .orElseThrow()
                        .code())
                .isEqualTo("neverHere");
        logs.add(new TreatEntry.Lubricated(blades, "blades", "blades", "none", ""));
        logs.add(new TreatEntry.Lubricated(blades, "blades", "blades", "oil", "a trial on scrap blades"));
    }

    @Test
    void suspectsAreRaisedClearedAndOverturned() {
        logs.add(
                new FindEntry.SuspectRaised("gummed train", ""),
                new FindEntry.SuspectCleared("Gummed Train", "runs free"));
        assertThat(logs.refusal(new FindEntry.SuspectCleared("gummed train", "again"))
                        .orElseThrow()
                        .code())
                .isEqualTo("clearedTwice");
        assertThat(logs.refusal(new FindEntry.SuspectCleared("blades", "dry"))
                        .orElseThrow()
                        .code())
                .isEqualTo("suspectUnknown");
        logs.add(new FindEntry.SuspectRaised("gummed train", "drags in the cold after all"));
        logs.add(new FindEntry.CauseConfirmed("gummed train", "free when warm"));
        assertThat(logs.picture().find().causes()).hasSize(1);
    }

    @Test
    void waitsEndOnceAndOnlyIfTheyRan() {
        UUID wait = logs.put(new TreatEntry.WaitStarted(null, "rest", 30));
        assertThat(logs.picture().treat().running(logs.now())).hasSize(1);
        logs.after(30);
        assertThat(logs.picture().treat().running(logs.now())).isEmpty();
        assertThat(logs.picture().treat().over(logs.now())).hasSize(1);
        logs.add(new TreatEntry.WaitEnded(wait, ""));
        assertThat(logs.picture().treat().over(logs.now())).isEmpty();
        assertThat(logs.refusal(new TreatEntry.WaitEnded(wait, ""))
                        .orElseThrow()
                        .code())
                .isEqualTo("waitEnded");
        assertThat(logs.refusal(new TreatEntry.WaitEnded(UUID.randomUUID(), ""))
                        .orElseThrow()
                        .code())
                .isEqualTo("waitUnknown");
    }

    @Test
    void scopeIsSettledOnceKnown() {
        assertThat(logs.refusal(new IntakeEntry.ScopeSettled("seals", true, ""))
                        .orElseThrow()
                        .code())
                .isEqualTo("scopeUnknown");
        logs.add(new IntakeEntry.ScopeAdded("seals"), new IntakeEntry.ScopeSettled("seals", false, "owner waits"));
        var sheet = ReturnSheets.of(logs.picture(), Logs.SHOP);
        assertThat(sheet.after().leftOpen())
                .containsExactly(
                        ruvant.core.handover.SheetLine.of(ruvant.core.handover.Says.BECAUSE, "seals", "owner waits"));
    }

    @Test
    void aFoldThatIsCarriedOnSaysTheSameAsOneReadAnew() {
        Kernel rules = new JobRules(Logs.SHOP, logs.now()).kernel(Logs.TAG);
        Log<JobEntry> log = logs.log();
        java.util.Optional<Kernel.Folded> folded = java.util.Optional.empty();
        List<ruvant.core.job.JobEntry> entries = List.of(
                Logs.off("plate", true),
                Logs.off("ring", false),
                new FindEntry.SymptomSeen("drags"),
                new TreatEntry.WaitStarted(PartName.of("ring"), "rest", 5),
                new RefitEntry.LeftOut(PartName.of("ring"), "spare"));
        for (int i = 0; i < entries.size(); i++) {
            Line line = new Line(new UUID(9, i), log.lastSequence() + 1, logs.now(), "Ada", null, entries.get(i));
            Kernel.Outcome<JobEntry> carried = rules.added(log, List.of(line), folded);
            Kernel.Outcome<JobEntry> anew = rules.added(log, List.of(line), java.util.Optional.empty());
            assertThat(picture(carried)).isEqualTo(picture(anew));
            log = carried.log();
            folded = carried.folded();
        }
        Line stale = new Line(new UUID(9, 99), 1, logs.now(), "Ada", null, Logs.off("plate", true));
        assertThat(rules.added(logs.log(), List.of(stale), folded).refusal())
                .as("another log is read anew")
                .isEmpty();
    }

    private static JobPicture picture(Kernel.Outcome<JobEntry> outcome) {
        Kernel.Folded folded = outcome.folded().orElseThrow();
        return JobPicture.of(folded.folding(), Logs.TAG, folded.lastSequence(), Logs.SHOP.practice());
    }
}
