package ruvant.core.warranty;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.find.FindEntry;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.picture.EarlierVisit;
import ruvant.core.trade.Verdict;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;

/** The warranty of the test shop is 6 months. */
class EarlierVisitTest {
    private final Logs first = Logs.camera()
            .add(new FindEntry.CauseConfirmed("gummed escapement", "seen"), cleaned("escapement"))
            .add(new HandoverEntry.Returned("Amara Okonjo", ""));

    private static TreatEntry.Cleaned cleaned(String part) {
        return new TreatEntry.Cleaned(PartName.of(part), "naphtha", List.of("metal"), Verdict.OK, "");
    }

    private EarlierVisit seen(Logs now) {
        return EarlierVisit.of(first.stands().picture(), now.stands().picture(), ZoneOffset.UTC);
    }

    @Test
    void whatIsCoveredFollowsFromTheDayItWentHome() {
        EarlierVisit is = seen(Logs.camera());
        assertThat(is.returned()).contains(LocalDate.of(2031, 3, 4));
        assertThat(is.coveredUntil()).contains(LocalDate.of(2031, 9, 4));
        assertThat(is.covered()).isTrue();
        assertThat(is.coveredAs()).containsEntry(Likeness.RELATED, true).containsEntry(Likeness.NEW, false);
        assertThat(is.parts()).containsExactly("escapement");
    }

    @Test
    void theSameCauseIsTheSameFaultAPartOfThenIsRelatedAndElseItIsNew() {
        assertThat(seen(Logs.camera().add(new FindEntry.CauseConfirmed("gummed escapement", "again")))
                        .seems())
                .contains(Likeness.SAME);
        assertThat(seen(Logs.camera().add(new FindEntry.CauseConfirmed("bent lever", "seen"), cleaned("escapement")))
                        .seems())
                .contains(Likeness.RELATED);
        assertThat(seen(Logs.camera().add(new FindEntry.CauseConfirmed("torn bellows", "seen"), cleaned("bellows")))
                        .seems())
                .contains(Likeness.NEW);
    }

    @Test
    void aJudgementJoinsTheJobsAndTheLastOneHolds() {
        Logs again = Logs.camera().add(new WarrantyEntry.CameBack(new TagNumber(3), null, null, ""));
        assertThat(again.stands().picture().cameBackWithTheSame()).isEmpty();
        again.add(new WarrantyEntry.CameBack(new TagNumber(3), Likeness.SAME, true, "drags again"));
        assertThat(again.stands().picture().cameBackWithTheSame()).contains(new TagNumber(3));
        again.add(new WarrantyEntry.CameBack(new TagNumber(3), Likeness.NEW, false, "it fell"));
        assertThat(again.stands().picture().cameBackWithTheSame()).isEmpty();
    }
}
