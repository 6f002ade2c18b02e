package ruvant.core.refit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.parts.PartsEntry;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.GateCheck;
import ruvant.core.strip.Joint;
import ruvant.core.strip.Ledger;
import ruvant.core.strip.LoosePart;
import ruvant.core.strip.Mark;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FastenerTrait;
import ruvant.core.trade.Hazard;
import ruvant.core.trade.JointKind;
import ruvant.core.trade.Side;
import ruvant.core.trade.SourceKind;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

class RefitTest {
    private static final PartName COVER = PartName.of("front cover");
    private static final PartName TRAIN = PartName.of("retard train");
    private static final Fastener SCREWS = Fastener.slotted(3, 1.4, 3);

    private final Logs logs = Logs.camera();

    private static StripEntry.Removed train() {
        return new StripEntry.Removed(
                TRAIN, Side.FRONT, false, List.of(SCREWS), List.of(), List.of(), "", null, List.of(), Set.of(), "");
    }

    private RefitAnswer answer(PartName part) {
        var picture = logs.picture();
        return logs.stands().refit().of(picture.valley().part(part).orElseThrow());
    }

    private RefitEntry.Refitted back(int back, int lost, int replaced, String override) {
        return new RefitEntry.Refitted(
                TRAIN, List.of(new FastenersBack(SCREWS.type(), back, lost, replaced)), override, "");
    }

    @Test
    void reasonsComeInTheOrderOfTheirCost() {
        logs.add(Logs.off("front cover", true), train());
        logs.add(new PartsEntry.NeedOpened(TRAIN, "a pinion"), new TreatEntry.WaitStarted(TRAIN, "flash-off", 30));
        assertThat(answer(COVER).reason()).isEqualTo("Still out under it: retard train");
        assertThat(answer(TRAIN).kind()).isEqualTo(RefitAnswer.Kind.WAITING);
        assertThat(answer(TRAIN).until()).contains(Logs.START.plusSeconds(30 * 60));
        logs.after(31);
        assertThat(answer(TRAIN).reason()).isEqualTo("Needed: a pinion");
        logs.add(new PartsEntry.Replaced(TRAIN, SourceKind.DONOR, "donor 3", "", true, ""));
        assertThat(answer(TRAIN).kind()).isEqualTo(RefitAnswer.Kind.READY);
        logs.add(back(3, 0, 0, ""));
        assertThat(answer(COVER).kind()).isEqualTo(RefitAnswer.Kind.READY);
    }

    @Test
    void aWaitUnderACoverHoldsTheCover() {
        logs.add(Logs.off("front cover", true), train(), back(3, 0, 0, ""));
        logs.add(new TreatEntry.WaitStarted(TRAIN, "oil settles", 60));
        assertThat(answer(COVER).kind()).isEqualTo(RefitAnswer.Kind.WAITING);
        assertThat(answer(COVER).reason()).isEqualTo("oil settles (retard train)");
    }

    @Test
    void closingOverSomethingIsRefusedWithTheReasonAndCanBeOverridden() {
        logs.add(Logs.off("front cover", true), train());
        var closing = new RefitEntry.Refitted(COVER, List.of(), "", "");
        assertThat(logs.refusal(closing).orElseThrow().message()).contains("Still out under it: retard train");
        logs.add(new RefitEntry.Refitted(COVER, List.of(), "only to carry it home", ""));
        assertThat(logs.picture()
                        .valley()
                        .part(COVER)
                        .orElseThrow()
                        .settled()
                        .wentBack()
                        .orElseThrow()
                        .overrideReason())
                .isEqualTo("only to carry it home");
    }

    @Test
    void fastenersMustAddUp() {
        logs.add(train());
        assertThat(logs.refusal(new RefitEntry.Refitted(TRAIN, List.of(), "", ""))
                        .orElseThrow()
                        .message())
                .contains("not confirmed");
        assertThat(logs.refusal(back(2, 0, 0, "")).orElseThrow().code()).isEqualTo("fastenersUnequal");
        assertThat(logs.refusal(back(2, 1, 0, "")).orElseThrow().code()).isEqualTo("fastenersUnequal");
        assertThat(logs.refusal(back(4, 0, 0, "")).orElseThrow().code()).isEqualTo("fastenersUnequal");
        assertThat(logs.refusal(back(2, 1, 1, ""))).isEmpty();
        assertThat(logs.refusal(back(2, 1, 0, "the third hole is stripped"))).isEmpty();
        assertThat(logs.refusal(new RefitEntry.Refitted(
                                TRAIN,
                                List.of(
                                        new FastenersBack(SCREWS.type(), 3, 0, 0),
                                        new FastenersBack("hex nut", 1, 0, 0)),
                                "",
                                ""))
                        .orElseThrow()
                        .message())
                .contains("did not come out of this part");
    }

    @Test
    void aLostPieceStandsInTheWayUntilFoundOrReplaced() {
        logs.add(train(), new StripEntry.Lost(TRAIN, SCREWS.type(), 1));
        assertThat(answer(TRAIN).against()).contains(RefitAnswer.Against.PIECE_LOST);
        assertThat(logs.refusal(new StripEntry.Lost(TRAIN, SCREWS.type(), 3))
                        .orElseThrow()
                        .code())
                .isEqualTo("notThatMany");
        assertThat(logs.refusal(back(2, 1, 1, ""))).isEmpty();
        logs.add(new StripEntry.FoundAgain(TRAIN, SCREWS.type(), 1));
        assertThat(answer(TRAIN).kind()).isEqualTo(RefitAnswer.Kind.READY);
        assertThat(logs.refusal(new StripEntry.FoundAgain(TRAIN, SCREWS.type(), 1))
                        .orElseThrow()
                        .code())
                .isEqualTo("notLost");
    }

    @Test
    void checksFollowFromHowAPartCameOff() {
        logs.add(new StripEntry.Removed(
                COVER,
                Side.FRONT,
                true,
                List.of(),
                List.of(new Joint(JointKind.SOLDER, "red wire to lug")),
                List.of(),
                "1/125",
                new Mark("notch at dot", "cocked"),
                List.of(new LoosePart("detent ball", 1)),
                Set.of(Hazard.BALL, Hazard.SPRING, Hazard.LEFT_HAND),
                ""));
        var checks = logs.picture().valley().part(COVER).orElseThrow().checks();
        assertThat(checks)
                .extracting(GateCheck::text)
                .containsExactly(
                        "1 × detent ball in place",
                        "Mark matched: notch at dot (cocked)",
                        "Set as it was: 1/125",
                        "Spring hooked and free to move",
                        "Soldered again: red wire to lug",
                        "Left-hand thread: started the other way round",
                        "Nothing trapped under it: levers free, no wire pinched");
        assertThat(logs.refusal(new RefitEntry.Refitted(COVER, List.of(), "", ""))
                        .orElseThrow()
                        .message())
                .contains("3 checks open");
        logs.add(new RefitEntry.GateAdded(COVER, "Cable release pivot oiled"));
        logs.picture()
                .valley()
                .part(COVER)
                .orElseThrow()
                .openChecks()
                .forEach(check -> logs.add(new RefitEntry.GateAnswered(COVER, check.text(), true, "")));
        assertThat(answer(COVER).kind()).isEqualTo(RefitAnswer.Kind.READY);
        assertThat(logs.refusal(new RefitEntry.GateAnswered(COVER, "no such check", true, ""))
                        .orElseThrow()
                        .code())
                .isEqualTo("checkUnknown");
    }

    @Test
    void aPartThatComesOffAgainIsCheckedAgain() {
        logs.add(Logs.off("front cover", true));
        String check = logs.picture()
                .valley()
                .part(COVER)
                .orElseThrow()
                .openChecks()
                .getFirst()
                .text();
        logs.add(
                new RefitEntry.GateAnswered(COVER, check, true, ""), new RefitEntry.Refitted(COVER, List.of(), "", ""));
        logs.add(Logs.off("front cover", true));
        var part = logs.picture().valley().part(COVER).orElseThrow();
        assertThat(part.off().times()).isEqualTo(2);
        assertThat(part.openChecks()).hasSize(1);
    }

    @Test
    void aPartUnderACoverThatIsBackCannotComeOffAgain() {
        logs.add(Logs.off("front cover", true), train(), back(3, 0, 0, ""));
        logs.add(new RefitEntry.Refitted(COVER, List.of(), "trial", ""));
        assertThat(logs.refusal(train()).orElseThrow().code()).isEqualTo("coveredAgain");
        logs.add(new StripEntry.EdgeSet(COVER, TRAIN, false));
        assertThat(logs.refusal(train())).isEmpty();
    }

    @Test
    void loosenedFastenersLeaveNoPieceButAreConfirmed() {
        Fastener set = SCREWS.with(FastenerTrait.LOOSENED_ONLY);
        logs.add(new StripEntry.Removed(
                TRAIN, Side.FRONT, false, List.of(set), List.of(), List.of(), "", null, List.of(), Set.of(), ""));
        assertThat(Ledger.of(logs.picture().valley()).pieces().out()).isEqualTo(1);
        assertThat(logs.refusal(new RefitEntry.Refitted(TRAIN, List.of(), "", ""))
                        .orElseThrow()
                        .code())
                .isEqualTo("fastenersUnequal");
        logs.add(new RefitEntry.Refitted(TRAIN, List.of(new FastenersBack(set.type(), 3, 0, 0)), "", ""));
        assertThat(Ledger.of(logs.picture().valley()).closed()).isTrue();
    }

    @Test
    void theCameraCannotGoHomeWithAnythingUnaccounted() {
        logs.add(train());
        var returned = new HandoverEntry.Returned("Amara Okonjo", "");
        assertThat(logs.refusal(returned).orElseThrow().message()).contains("retard train", "no well noted");
        logs.put(new RefitEntry.Refitted(TRAIN, List.of(), "in a hurry", ""));
        assertThat(logs.refusal(returned).orElseThrow().message()).contains("3 × slotted screw 1.4 × 3.0");
        Logs other = Logs.camera();
        other.add(train(), new RefitEntry.LeftOut(TRAIN, "the owner wants it without"));
        assertThat(other.refusal(returned)).isEmpty();
        other.add(returned);
        assertThat(other.refusal(train()).orElseThrow().code()).isEqualTo("jobClosed");
    }
}
