package ruvant.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.job.JobEntry;
import ruvant.core.log.RecordEntry;
import ruvant.core.picture.Outstanding;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.strip.FastenersBack;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.Side;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;
import ruvant.core.units.WellName;

/** When a camera may leave, and what may still be said of it afterwards. */
class HandoverRoomTest {
    private static final PartName COVER = PartName.of("top cover");
    private static final HandoverEntry.Returned BACK = new HandoverEntry.Returned("Amara Okonjo", "");
    private final Logs logs = Logs.camera();

    private Refusal refusal(JobEntry entry) {
        return logs.refusal(entry).orElseThrow();
    }

    private void coverOff() {
        Fastener screws = Fastener.slotted(2, 1.4, 3);
        logs.add(new StripEntry.Removed(
                COVER,
                Side.TOP,
                true,
                List.of(screws),
                List.of(),
                List.of(WellName.parse("B2")),
                "",
                null,
                List.of(),
                java.util.Set.of(),
                "",
                null,
                List.of(),
                null));
    }

    private void coverBack(int screws) {
        Fastener held = Fastener.slotted(2, 1.4, 3);
        logs.stands().refit().checks(logs.picture().valley().part(COVER).orElseThrow()).stream()
                .filter(check -> check.isOpen())
                .forEach(check -> logs.add(new RefitEntry.GateAnswered(COVER, check.what(), true, "")));
        logs.add(new RefitEntry.Refitted(
                COVER, List.of(new FastenersBack(held.type(), screws, 2 - screws, 0)), "short one", ""));
    }

    @Test
    void aCameraThatNobodyOpenedMayLeave() {
        logs.add(BACK);
        assertThat(logs.picture().handover().returnedAt()).contains(Logs.START);
        assertThat(logs.picture().returned()).isTrue();
    }

    @Test
    void nothingLeavesWhileAPartIsOutAndItIsSaidWhereThatLies() {
        coverOff();
        Refusal refusal = refusal(BACK);
        assertThat(refusal.code()).isEqualTo("stillOpen");
        assertThat(refusal.message()).contains("Put back: top cover (last seen in B2)");
        assertThat(refusal.remedy()).contains("say at Return why it goes out so");
    }

    @Test
    void aPartLeftOutWithAReasonIsNoHindrance() {
        coverOff();
        logs.add(new RefitEntry.LeftOut(COVER, "the owner wants to see inside"));
        logs.add(BACK);
        assertThat(logs.picture().returned()).isTrue();
    }

    @Test
    void whatGoesOutOpenGoesOutForAReasonThatTheOwnerReads() {
        coverOff();
        coverBack(1);
        assertThat(logs.stands().ledger().pieces().lost()).isEqualTo(1);
        assertThat(refusal(BACK).message()).contains("Put back anyway: top cover (short one)");
        List<HandoverEntry.PassedOver> passed = logs.stands().outstanding().stream()
                .filter(Outstanding::holds)
                .map(one -> new HandoverEntry.PassedOver(new Named(one.id(), one.what()), "until the screw comes"))
                .toList();
        logs.add(new HandoverEntry.Returned("Amara Okonjo", "", passed));
        assertThat(logs.stands().sheet().after().passedOver())
                .containsExactly(SheetLine.of(
                        ruvant.core.handover.Says.BECAUSE, "Put back anyway: top cover", "until the screw comes"));
        assertThat(logs.stands().sheet().after().missing())
                .containsExactly(SheetLine.typed("1 × slotted screw 1.4 × 3.0, top cover: short one"));
    }

    @Test
    void aReasonForOneThingDoesNotPassAnother() {
        coverOff();
        HandoverEntry.PassedOver other = new HandoverEntry.PassedOver(Named.of("something else"), "it does not matter");
        assertThat(refusal(new HandoverEntry.Returned("Amara Okonjo", "", List.of(other)))
                        .code())
                .isEqualTo("stillOpen");
    }

    @Test
    void nothingLeavesWhileATrialAssemblyIsOn() {
        coverOff();
        logs.add(new RefitEntry.TrialAssembled(List.of(COVER), "cover on two screws"));
        Refusal refusal = refusal(BACK);
        assertThat(refusal.code()).isEqualTo("trialOn");
        assertThat(refusal.message()).contains("cover on two screws");
    }

    @Test
    void afterwardsOnlyWhatIsToldAndNotedIsTaken() {
        logs.add(BACK);
        assertThat(refusal(BACK).code()).isEqualTo("returnedTwice");
        assertThat(refusal(Logs.off("top cover", true)).code()).isEqualTo("jobClosed");
        assertThat(refusal(Logs.off("top cover", true)).message()).contains("Amara Okonjo");
        logs.add(new HandoverEntry.Advised("wind it once a month"), new SittingEntry.Noted("thanked us by letter"));
        assertThat(logs.picture().handover().advice())
                .extracting(HandoverPicture.Advice::text)
                .containsExactly("wind it once a month");
    }

    @Test
    void strikingTheReturnOpensTheJobAgain() {
        logs.add(BACK);
        logs.add(new RecordEntry.Struck(logs.last(), "it came back"));
        assertThat(logs.picture().returned()).isFalse();
        logs.add(Logs.off("top cover", true));
        assertThat(refusal(BACK).code()).isEqualTo("stillOpen");
    }

    @Test
    void theLastCellThatWasChosenIsTheOneToUse() {
        logs.add(new HandoverEntry.BatteryChosen("alkaline cell"), new HandoverEntry.BatteryChosen("zinc-air cell"));
        logs.add(new HandoverEntry.LeftOpen("haze in the rear group", "it would need a lens bench"));
        HandoverPicture picture = logs.picture().handover();
        assertThat(picture.battery()).contains("zinc-air cell");
        assertThat(picture.leftOpen())
                .singleElement()
                .satisfies(open -> assertThat(open.what()).isEqualTo("haze in the rear group"));
        assertThat(picture.returnedAt()).isEmpty();
    }
}
