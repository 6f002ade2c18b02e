package ruvant.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.prove.ProveEntry;
import ruvant.core.refit.RefitEntry;
import ruvant.core.sitting.SittingEntry;
import ruvant.core.treat.TreatEntry;
import ruvant.core.units.Named;
import ruvant.core.units.PartName;

class PressingTest {
    private static final LocalDate PROMISED = LocalDate.of(2031, 4, 15);

    private final Logs logs = Logs.camera();

    @BeforeEach
    void promise() {
        IntakeEntry.Received in = Logs.received();
        logs.put(new IntakeEntry.Received(
                in.camera(),
                in.owner(),
                in.lens(),
                in.accessories(),
                in.complaint(),
                in.series(),
                in.speeds(),
                PROMISED));
    }

    private Pressing on(LocalDate today) {
        return Pressing.of(logs.stands(), today);
    }

    @Test
    void nothingPressesLongBeforeTheDate() {
        assertThat(on(PROMISED.minusDays(10))).isEqualTo(new Pressing(Pressing.Kind.NOTHING, ""));
    }

    @Test
    void theDatePressesTwoDaysBeforeAndMostOnceItWentBy() {
        assertThat(on(PROMISED.minusDays(2)).why()).isEqualTo("due in 2 days");
        assertThat(on(PROMISED.minusDays(1)).why()).isEqualTo("due tomorrow");
        assertThat(on(PROMISED).why()).isEqualTo("due today");
        assertThat(on(PROMISED.plusDays(1))).isEqualTo(new Pressing(Pressing.Kind.LATE, "1 day late"));
        assertThat(on(PROMISED.plusDays(3)).why()).isEqualTo("3 days late");
    }

    @Test
    void anOpenDecisionComesAfterAWaitThatWentTooLong() {
        logs.add(new SittingEntry.Decided("donor or new", "", true));
        assertThat(on(PROMISED.minusDays(10)).why()).isEqualTo("to decide: donor or new");
        logs.add(new TreatEntry.WaitStarted(PartName.of("door"), Named.of("adhesive"), 10, 20, "", ""));
        assertThat(on(PROMISED.minusDays(10)).kind()).isEqualTo(Pressing.Kind.DECISION_OPEN);
        logs.after(30);
        assertThat(on(PROMISED.minusDays(10)).why()).isEqualTo("waited too long: adhesive");
    }

    @Test
    void whatIsBackAndProvedIsReadyToReturn() {
        logs.add(
                Logs.off("cover", true),
                new RefitEntry.Refitted(PartName.of("cover"), List.of(), "", ""),
                new RefitEntry.GateAnswered(
                        PartName.of("cover"), "Nothing trapped under it: levers free, no wire pinched", true, ""));
        for (int i = 0; i < 36; i++) {
            logs.put(new ProveEntry.Fired(true, ""));
        }
        assertThat(on(PROMISED.minusDays(10)).kind()).isEqualTo(Pressing.Kind.READY_TO_RETURN);
    }
}
