package ruvant.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.parts.PartsEntry;
import ruvant.core.prove.ProveEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.strip.StripEntry;
import ruvant.core.trade.Fastener;
import ruvant.core.trade.FunctionResult;
import ruvant.core.trade.Side;
import ruvant.core.trade.Stop;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;

class OutstandingTest {
    private static final PartName TRAIN = PartName.of("train");

    private final Logs logs = Logs.camera();

    private List<Outstanding> outstanding() {
        return logs.stands().outstanding();
    }

    private List<String> words() {
        return outstanding().stream().map(Outstanding::what).toList();
    }

    @Test
    void whatHoldsTheCameraBackComesFirstAndSaysWhereItIsDone() {
        logs.add(
                new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""),
                new IntakeEntry.ScopeAdded("slow speeds"),
                Logs.off("train", false),
                new FindEntry.CauseConfirmed("gummed", "seen"),
                new PartsEntry.NeedOpened(TRAIN, "new pinion"),
                new TreatEntry.WaitStarted(TRAIN, "flash-off", 10));
        assertThat(words())
                .containsExactly(
                        "Put back: train",
                        "Part still needed: train",
                        "Still waiting: flash-off",
                        "Try what worked before",
                        "Log the agreed work as done or not done",
                        "Fire it to prove it");
        assertThat(outstanding())
                .filteredOn(Outstanding::holds)
                .hasSize(5)
                .first()
                .satisfies(one -> {
                    assertThat(one.stop()).isEqualTo(Stop.REFIT);
                    assertThat(one.part()).contains(TRAIN);
                });
    }

    @Test
    void manyPartsAreOneLineSoThatTheRestStaysInSight() {
        for (String part : List.of("cover", "plate", "ring", "train")) {
            logs.add(Logs.off(part, false));
        }
        assertThat(outstanding()).filteredOn(Outstanding::holds).singleElement().satisfies(one -> {
            assertThat(one.what()).isEqualTo("Put back 4 parts");
            assertThat(one.why()).isEqualTo("cover, plate, ring, train");
        });
    }

    @Test
    void everyHoldIsARefusalAndNothingElseIs() {
        logs.add(Logs.off("train", false));
        assertThat(outstanding()).anyMatch(Outstanding::holds);
        assertThat(logs.refusal(new HandoverEntry.Returned("Amara Okonjo", ""))).isPresent();
        logs.add(new RefitEntry.Refitted(TRAIN, List.of(), "", ""));
        assertThat(outstanding()).isNotEmpty().noneMatch(Outstanding::holds);
        assertThat(logs.refusal(new HandoverEntry.Returned("Amara Okonjo", ""))).isEmpty();
    }

    @Test
    void aPieceThatNobodyAccountedForIsNamed() {
        logs.add(new StripEntry.Removed(
                PartName.of("top cover"),
                Side.TOP,
                true,
                List.of(Fastener.slotted(2, 1.4, 3)),
                List.of(),
                List.of(),
                "",
                null,
                List.of(),
                Set.of(),
                ""));
        logs.add(new RefitEntry.Refitted(PartName.of("top cover"), List.of(), "in a hurry", ""));
        assertThat(words())
                .first()
                .asString()
                .startsWith("Find or account for: ")
                .contains("screw");
    }

    @Test
    void aCameraThatWasOnlyLookedAtNeedsNoProof() {
        logs.add(new IntakeEntry.FunctionChecked("Advance", FunctionResult.WORKS, ""));
        assertThat(outstanding()).isEmpty();
    }

    @Test
    void nothingIsOutstandingOnceItIsProvedOrReturned() {
        logs.add(Logs.off("train", false), new RefitEntry.Refitted(TRAIN, List.of(), "", ""));
        for (int i = 0; i < 36; i++) {
            logs.put(new ProveEntry.Fired(true, ""));
        }
        assertThat(outstanding()).isEmpty();
        logs.add(new HandoverEntry.Returned("Amara Okonjo", ""));
        assertThat(outstanding()).isEmpty();
    }
}
