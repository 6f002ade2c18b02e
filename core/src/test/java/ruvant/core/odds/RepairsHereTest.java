package ruvant.core.odds;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.trade.Family;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;

class RepairsHereTest {
    private static Repair repair(String model, Family family, String cause, boolean worked) {
        return new Repair(new TagNumber(1), model, family, List.of(cause), worked);
    }

    @Test
    void theClosestGroupIsCounted() {
        List<Repair> all = new ArrayList<>();
        for (int at = 0; at < 8; at++) {
            all.add(repair("Pellworm Twin", Family.LEAF_LENS, "escapement", at < 5));
        }
        for (int at = 0; at < 20; at++) {
            all.add(repair("Tarn Vest", Family.LEAF_LENS, "escapement", true));
        }
        RepairsHere here = new RepairsHere(all);
        RepairsHere.RepairsKnown twin = here.like("Pellworm Twin", Family.LEAF_LENS, "escapement");
        assertThat(twin.worked()).isEqualTo(5);
        assertThat(twin.of()).isEqualTo(8);
        assertThat(twin.like()).isEqualTo(RepairsHere.Like.CAUSE_AND_MODEL);
        // 5 of 8 is 62 %; the shop's better repairs of the same fault draw it up a little
        assertThat(twin.chance()).isBetween(0.63, 0.78);
        RepairsHere.RepairsKnown other = here.like("Lumsden Stereo", Family.LEAF_LENS, "escapement");
        assertThat(other.like()).isEqualTo(RepairsHere.Like.CAUSE);
        assertThat(other.of()).isEqualTo(28);
        assertThat(new RepairsHere(List.of())
                        .like("Tarn Vest", Family.LEAF_LENS, "")
                        .of())
                .isZero();
    }

    private static Logs mended() {
        return Logs.camera()
                .add(
                        new IntakeEntry.ScopeAdded("cure: drags"),
                        new FindEntry.CauseConfirmed(Named.of("gummed escapement"), "seen"),
                        new TreatEntry.Cleaned(
                                PartName.of("escapement"),
                                "naphtha",
                                List.of("metal"),
                                ruvant.core.trade.Verdict.OK,
                                ""));
    }

    @Test
    void aRepairWorkedWhenWhatWasAgreedWasDoneAndItDidNotComeBack() {
        Logs good = mended().add(
                        new IntakeEntry.ScopeSettled("cure: drags", true, ""),
                        new HandoverEntry.Returned("Amara Okonjo", ""));
        assertThat(Repair.of(good.stands().picture(), Set.of())).hasValueSatisfying(one -> {
            assertThat(one.worked()).isTrue();
            assertThat(one.causes())
                    .containsExactly(Named.of("gummed escapement").id());
        });
        assertThat(Repair.of(good.stands().picture(), Set.of(Logs.TAG)))
                .hasValueSatisfying(one -> assertThat(one.worked()).isFalse());
        Logs left = mended().add(
                        new IntakeEntry.ScopeSettled("cure: drags", false, "a part is missing"),
                        new HandoverEntry.Returned("Amara Okonjo", ""));
        assertThat(Repair.of(left.stands().picture(), Set.of()))
                .hasValueSatisfying(one -> assertThat(one.worked()).isFalse());
        Logs untouched = Logs.camera().add(new HandoverEntry.Returned("Amara Okonjo", ""));
        assertThat(Repair.of(untouched.stands().picture(), Set.of())).isEmpty();
        assertThat(Repair.of(mended().stands().picture(), Set.of())).isEmpty();
    }
}
