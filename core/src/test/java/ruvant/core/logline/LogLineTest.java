package ruvant.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.knowledge.ModelKnowledge;
import ruvant.core.parts.PartsEntry;
import ruvant.core.picture.JobRooms;
import ruvant.core.refit.RefitEntry;
import ruvant.core.said.StatementKind;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.Joint;
import ruvant.core.strip.LoosePart;
import ruvant.core.strip.Mark;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Drive;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerKind;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.HeadForm;
import ruvant.core.trade.JointKind;
import ruvant.core.trade.MechanismState;
import ruvant.core.trade.Side;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;
import ruvant.core.units.WellName;

class LogLineTest {
    private final Logs logs = Logs.camera();

    private Reading read(String line) {
        return BenchLine.of(logs.picture(), Logs.SHOP).read(line);
    }

    private <T> T one(String line, Class<T> kind) {
        Reading reading = read(line);
        assertThat(reading.question()).as("%s", line).isEmpty();
        assertThat(reading.entries()).as("%s", line).hasSize(1);
        assertThat(reading.entries().getFirst()).isInstanceOf(kind);
        return kind.cast(reading.entries().getFirst());
    }

    private StripEntry.Removed off(String line) {
        return one(line, StripEntry.Removed.class);
    }

    @Test
    void readsARemovalWithEverything() {
        var off = off(
                "off front plate, 3 slot 1.4x3 + 1 slot 1.4x3.5, well B1, mark notch at red line, beware spring, tilt it left");
        assertThat(off.part()).isEqualTo(PartName.of("front plate"));
        assertThat(off.side()).isEqualTo(Side.FRONT);
        assertThat(off.covers()).isTrue();
        assertThat(off.fasteners()).containsExactly(Fastener.slotted(3, 1.4, 3), Fastener.slotted(1, 1.4, 3.5));
        assertThat(off.wells()).containsExactly(WellName.parse("B1"));
        assertThat(off.mark()).isEqualTo(new Mark("notch at red line", ""));
        assertThat(off.hazards()).containsExactly(Hazard.SPRING);
        assertThat(off.away().move()).isEqualTo("tilt it left");
        assertThat(off.remark()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "off knob, 2 slotted 1.7x3, A3", "took off knob, A3, 2 slot 1,7x3",
                        "remove knob; well a3; 2 slots M1.7x3",
                "removed knob, in A3, 2 screws 1.7 x 3", "off knob, 2 slotted screws 1.7×3mm, wells A3",
                        "off knob, 2 sloted 1.7x3, well A3"
            })
    void forgivesOrderPluralCommaAndSpelling(String line) {
        var off = off(line);
        assertThat(off.part()).isEqualTo(PartName.of("knob"));
        assertThat(off.fasteners()).containsExactly(Fastener.slotted(2, 1.7, 3));
        assertThat(off.wells()).containsExactly(WellName.parse("A3"));
        assertThat(off.remark()).isEmpty();
    }

    @Test
    void readsKindsDrivesHeadsAndTraits() {
        var off = off(
                "off dial, 3 set screws 1.2x1.5 loosened, 1 cross flat 1.7x4 hidden, 2 e-rings, 1 ring nut 20x2 left-hand");
        assertThat(off.fasteners()).hasSize(4);
        assertThat(off.fasteners().get(0).kind()).isEqualTo(FastenerKind.SET_SCREW);
        assertThat(off.fasteners().get(0).staysIn()).isTrue();
        assertThat(off.fasteners().get(1).drive()).isEqualTo(Drive.CROSS);
        assertThat(off.fasteners().get(1).head()).isEqualTo(HeadForm.FLAT);
        assertThat(off.fasteners().get(1).traits()).containsExactly(FastenerTrait.HIDDEN);
        assertThat(off.fasteners().get(2).drive()).isEqualTo(Drive.NONE);
        assertThat(off.fasteners().get(3).traits()).containsExactly(FastenerTrait.LEFT_HAND);
        assertThat(off.pieces()).isEqualTo(1 + 1 + 2 + 1);
    }

    @Test
    void aTraitAloneBelongsToTheFastenerBefore() {
        assertThat(off("off cap, 2 slot 1.4x3, loosened only")
                        .fasteners()
                        .getFirst()
                        .staysIn())
                .isTrue();
    }

    @Test
    void readsHowItLay() {
        var off = off(
                "off speed ring, lens front, set at 1/125, 1 detent ball, 2 washers, mark slot at dot cocked, solder red wire lug to cell");
        assertThat(off.side()).isEqualTo(Side.LENS_FRONT);
        assertThat(off.setting()).isEqualTo("1/125");
        assertThat(off.loose()).containsExactly(new LoosePart("detent ball", 1), new LoosePart("washer", 2));
        assertThat(off.mark()).isEqualTo(new Mark("slot at dot", "cocked"));
        assertThat(off.joints()).containsExactly(new Joint(JointKind.SOLDER, "red wire lug to cell"));
        assertThat(off.hazards()).containsExactly(Hazard.BALL);
    }

    @Test
    void workGoesOnAtTheSideWhereItWas() {
        logs.add(StripEntry.Removed.of("bottom plate", Side.BOTTOM, true));
        assertThat(off("off spring").side()).isEqualTo(Side.BOTTOM);
    }

    @Test
    void putsBackAPartWithAllItsFasteners() {
        logs.add(off("off retard train, front, 2 slot 1.4x3, 1 slot 1.4x5"));
        var back = one("back retrd train", RefitEntry.Refitted.class);
        assertThat(back.part()).isEqualTo(PartName.of("retard train"));
        assertThat(back.fasteners()).extracting(FastenersBack::back).containsExactly(2, 1);
        assertThat(one("put back train", RefitEntry.Refitted.class).part()).isEqualTo(PartName.of("retard train"));
    }

    @Test
    void asksWhichPartWhenItIsNotClear() {
        logs.add(Logs.off("upper ring", false), Logs.off("lower ring", false));
        Reading reading = read("back ring");
        assertThat(reading.chips().getFirst().kind()).isEqualTo(StatementKind.REMARK);
        assertThat(reading.question())
                .hasValueSatisfying(question -> assertThat(question).contains("ring"));
        assertThat(reading.completions()).containsExactly("upper ring", "lower ring");
    }

    @Test
    void losesAndFindsPieces() {
        logs.add(off("off speed ring, 1 detent ball"));
        assertThat(one("lost detent ball", StripEntry.Lost.class))
                .isEqualTo(new StripEntry.Lost(PartName.of("speed ring"), "detent ball", 1));
        logs.add(new StripEntry.Lost(PartName.of("speed ring"), "detent ball", 1));
        assertThat(one("found detent ball", StripEntry.FoundAgain.class).count())
                .isEqualTo(1);
        assertThat(one("found torn light seal", FindEntry.Found.class).seen().condition())
                .isEqualTo("torn");
        assertThat(read("lost washer").chips().getFirst().trouble()).isPresent();
    }

    @Test
    void cleansWithTheTablesVerdict() {
        assertThat(one("clean gear naphtha", TreatEntry.Cleaned.class).verdict())
                .isEqualTo(ruvant.core.trade.Verdict.OK);
        var harm = one("clean curtain with naphtha, the frame only", TreatEntry.Cleaned.class);
        assertThat(harm.verdict()).isEqualTo(ruvant.core.trade.Verdict.NO);
        assertThat(harm.reason()).isEqualTo("the frame only");
        assertThat(read("clean gear").chips())
                .as("it may be a gear that is clean")
                .noneMatch(chip -> chip.kind() == StatementKind.TREATED);
    }

    @ParameterizedTest
    @CsvSource({
        "wait train rest 24 h, 1440, train rest",
        "wait 30 min, 30, drying",
        "rest 1.5 h train, 90, rest train",
        "wait glue overnight, 720, glue",
        "soak 2 days helicoid, 2880, soak helicoid"
    })
    void readsWaits(String line, int minutes, String what) {
        var wait = one(line, TreatEntry.WaitStarted.class);
        assertThat(wait.minutes()).isEqualTo(minutes);
        assertThat(wait.what().words()).isEqualTo(what);
    }

    @Test
    void readsTheRestOfTheBench() {
        assertThat(one("oil blades none", TreatEntry.Lubricated.class).dry()).isTrue();
        assertThat(one("symptom slow speeds late", FindEntry.SymptomSeen.class)
                        .what()
                        .words())
                .isEqualTo("slow speeds late");
        assertThat(one("suspect gummed train, whirrs", FindEntry.SuspectRaised.class)
                        .why())
                .isEqualTo("whirrs");
        logs.add(new FindEntry.SuspectRaised("gummed train", ""));
        assertThat(one("clear train, runs free", FindEntry.SuspectCleared.class)
                        .suspect()
                        .words())
                .isEqualTo("gummed train");
        assertThat(one("cause gummed train, free when wet", FindEntry.CauseConfirmed.class)
                        .evidence())
                .isEqualTo("free when wet");
        assertThat(one("need governor, pinion of 14 teeth", PartsEntry.NeedOpened.class)
                        .part())
                .isEqualTo(PartName.of("governor"));
        assertThat(one("replace governor from donor Sweep 5512, checked", PartsEntry.Replaced.class)
                        .checked())
                .isTrue();
        assertThat(one("mend pawl, bent back straight", TreatEntry.Mended.class).what())
                .isEqualTo("bent back straight");
        assertThat(one("sit Clean, second flush", SittingEntry.SatDown.class).step())
                .isEqualTo("second flush");
        assertThat(one("decide leave the unit in, because it comes out alone", SittingEntry.Decided.class)
                        .open())
                .isFalse();
        assertThat(one("decide donor or new pinion", SittingEntry.Decided.class).open())
                .isTrue();
        assertThat(one("the lever is bent a little", SittingEntry.Noted.class).text())
                .isEqualTo("the lever is bent a little");
    }

    @Test
    void readsTheEndOfAWaitAndWhatTheOwnerIsTold() {
        java.util.UUID wait = logs.put(new TreatEntry.WaitStarted(PartName.of("rail"), "flash-off", 30));
        assertThat(one("over rail, dry to the touch", TreatEntry.WaitEnded.class))
                .isEqualTo(new TreatEntry.WaitEnded(wait, "dry to the touch"));
        assertThat(one("over", TreatEntry.WaitEnded.class).waitId()).isEqualTo(wait);
        assertThat(read("over glue").chips().getFirst().kind()).isEqualTo(StatementKind.REMARK);
        for (String line : List.of("return", "returned to her brother", "return spring weak")) {
            assertThat(read(line).entries())
                    .as("no line closes a job")
                    .noneMatch(entry -> entry instanceof ruvant.core.handover.HandoverEntry.Returned);
        }
        assertThat(one("advise fire it monthly", ruvant.core.handover.HandoverEntry.Advised.class)
                        .advice())
                .isEqualTo("fire it monthly");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "off",
                "back",
                "lost",
                "clean",
                "wait",
                "need",
                "replace x",
                "clear",
                "cause",
                "mend x",
                "check",
                "note"
            })
    void aWordAloneConcludesNothing(String line) {
        assertThat(read(line).entries()).singleElement().isInstanceOf(SittingEntry.Noted.class);
    }

    @Test
    void whatCannotBeIsSaidAndNotThrown() {
        assertThat(read("off plate, 3 slot 1.4x300").chips().getFirst().trouble())
                .isPresent();
        assertThat(read("off " + "x".repeat(200)).entries()).hasSize(1);
        assertThat(read("\u0000 📷").entries()).hasSize(1);
    }

    /** Every character of the line is somewhere in what is logged, or is understood by a rule that says it in words. */
    @Test
    void neverLosesWhatItCannotRead() {
        Random random = new Random(99);
        List<String> odd = List.of(
                "zumpf",
                "beside the grey thing",
                "q777",
                "twice",
                "ßüğ",
                "left of it (see picture)",
                "1/2 turn",
                "2,5 or so");
        for (int i = 0; i < 300; i++) {
            String remark = odd.get(random.nextInt(odd.size()));
            String other = odd.get(random.nextInt(odd.size()));
            Reading reading = read("off plate, " + remark + ", 2 slot 1.4x3, " + other);
            JobEntry entry = reading.entries().getFirst();
            assertThat(JobRooms.ALL.words(entry))
                    .contains(remark)
                    .contains(other)
                    .contains("2 × slotted screw 1.4 × 3.0");
        }
    }

    private static ModelKnowledge earlier() {
        Logs other = Logs.camera();
        for (String line : List.of(
                "off top cover, 4 slot 1.7x3 + 1 cross flat 2x5 hidden",
                "off trim ring",
                "off bottom plate, bottom, covers")) {
            other.add(BenchLine.of(other.picture(), Logs.SHOP)
                    .read(line)
                    .entries()
                    .toArray(JobEntry[]::new));
        }
        return ModelKnowledge.of(List.of(other.picture()));
    }

    @Test
    void offersWhatUsuallyComesOffNextWhereARemovalBegins() {
        LogLine line = BenchLine.of(logs.picture(), Logs.SHOP, LogLineTest::earlier);
        assertThat(line.read("off").completions()).containsExactly("bottom plate", "top cover");
        assertThat(line.read("unscrew T").completions()).containsExactly("top cover");
        assertThat(line.read("off t, 3 slot 1.4x3").completions()).isEmpty();

        logs.add(read("off top cover").entries().toArray(JobEntry[]::new));
        assertThat(BenchLine.of(logs.picture(), Logs.SHOP, LogLineTest::earlier)
                        .read("took off trim")
                        .completions())
                .containsExactly("trim ring");
    }

    @Test
    void offersTheFastenersOfAPartThatIsKnown() {
        LogLine line = BenchLine.of(logs.picture(), Logs.SHOP, LogLineTest::earlier);
        assertThat(line.read("off top cover").completions())
                .containsExactly(", 4 slot 1.7x3 + 1 cross flat 2x5 hidden");
        assertThat(line.read("off trim ring").completions()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "cocked,COCKED",
        "shutter Released,RELEASED",
        "infinity,AT_INFINITY",
        "lens at its nearest,AT_NEAR",
        "uncocked,",
        "not cocked,",
        "by the mirror,"
    })
    void aMarkSpeaksOfAStateInWholeWordsOnly(String said, MechanismState meant) {
        assertThat(MechanismState.in(said)).isEqualTo(Optional.ofNullable(meant));
    }
}
