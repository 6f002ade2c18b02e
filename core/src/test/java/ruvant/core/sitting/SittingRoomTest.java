package ruvant.core.sitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.log.Line;
import ruvant.core.log.RecordEntry;
import ruvant.core.trade.Stop;

class SittingRoomTest {
    private final Logs logs = Logs.camera();

    private SittingTime time() {
        return logs.picture().sitting();
    }

    @Test
    void aSittingThatGoesOnIsCountedUpToNow() {
        logs.add(new SittingEntry.SatDown(Stop.CLEAN, "retard train"));
        logs.after(12);
        assertThat(time().minutes()).isZero();
        assertThat(time().minutesAt(logs.now())).isEqualTo(12);
        assertThat(time().seatedWho()).contains("Ada");
        assertThat(time().seated().orElseThrow().step()).isEqualTo("retard train");
    }

    @Test
    void timeIsCountedAtEachStopAndWorkGoesOnWhereOneSits() {
        logs.add(new SittingEntry.SatDown(Stop.STRIP, ""));
        logs.after(20).add(new SittingEntry.SatDown(Stop.OIL, ""));
        assertThat(logs.picture().lastStop()).isEqualTo(Stop.OIL);
        logs.after(5).add(new SittingEntry.GotUp("lunch"));
        logs.after(60).add(new SittingEntry.SatDown(Stop.STRIP, ""));
        logs.after(10).add(new SittingEntry.GotUp(""));
        assertThat(time().minutesByStop()).containsEntry(Stop.STRIP, 30L).containsEntry(Stop.OIL, 5L);
        assertThat(time().minutes()).isEqualTo(35);
    }

    @Test
    void aStrikeOfGettingUpLetsTheSittingGoOn() {
        logs.add(new SittingEntry.SatDown(Stop.STRIP, ""));
        logs.after(20).add(new SittingEntry.GotUp(""));
        logs.after(10).add(new RecordEntry.Struck(logs.last(), "pressed by mistake"));
        assertThat(time().seatedSince()).contains(Logs.START);
        assertThat(time().minutesAt(logs.now())).isEqualTo(30);
    }

    @Test
    void whereWorkWentOnLastIsNotWhereSomethingWasNoted() {
        logs.add(Logs.off("ring", false));
        logs.add(new SittingEntry.Noted("ask about the strap"), new SittingEntry.Slipped("wrong spring", "", ""));
        assertThat(logs.picture().course().lastStop()).isEqualTo(Stop.STRIP);
        assertThat(logs.picture().lastStop()).isEqualTo(Stop.STRIP);
    }

    @Test
    void theLastFewThingsDoneLeaveSittingDownAside() {
        logs.add(new SittingEntry.SatDown(Stop.STRIP, ""), Logs.off("a", false), Logs.off("b", false));
        logs.add(new SittingEntry.GotUp(""), Logs.off("c", false), Logs.off("d", false), Logs.off("e", false));
        List<Line> lately = logs.picture().course().lately();
        assertThat(lately).hasSize(4).noneMatch(line -> line.entry() instanceof SittingEntry.GotUp);
        assertThat(logs.picture().course().last().orElseThrow().entry()).isEqualTo(Logs.off("e", false));
    }

    @Test
    void aToolIsLackingUntilItIsAtHandHoweverItIsWritten() {
        logs.add(new SittingEntry.ToolNoted("Lens spanner", false, "borrowed out"));
        logs.add(new SittingEntry.ToolNoted("soft jaws", false, ""));
        assertThat(time().lacking()).extracting(SittingTime.Tool::name).containsExactly("Lens spanner", "soft jaws");
        logs.add(new SittingEntry.ToolNoted("lens SPANNER", true, ""));
        assertThat(time().lacking()).extracting(SittingTime.Tool::name).containsExactly("soft jaws");
    }

    @Test
    void aDecisionIsKeptWithWhatWasRejected() {
        logs.add(new SittingEntry.Decided(
                "new seals", "the old ones crumble", false, List.of("old seals, they leak", "felt")));
        assertThat(time().decisions())
                .singleElement()
                .satisfies(one -> assertThat(one.decided().rejected()).containsExactly("old seals, they leak", "felt"));
        assertThat(new SittingEntry.Decided("new seals or old", "", true).reason())
                .isEmpty();
    }
}
