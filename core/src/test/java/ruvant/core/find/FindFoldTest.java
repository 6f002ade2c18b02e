package ruvant.core.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import ruvant.core.BenchLine;
import ruvant.core.Logs;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.job.JobEntry;
import ruvant.core.log.RecordEntry;
import ruvant.core.trade.ConditionKind;
import ruvant.core.trade.Region;
import ruvant.core.trade.Severity;
import ruvant.core.units.Named;

class FindFoldTest {
    private final Logs logs = Logs.camera();

    private FindPicture find() {
        return logs.picture().find();
    }

    private FindPicture.State state(String suspect) {
        return find().suspects().stream()
                .filter(one -> one.name().equals(suspect))
                .findFirst()
                .orElseThrow()
                .state();
    }

    @Test
    void whatIsForetoldIsHeldAgainstWhatIsSeen() {
        FindEntry.Predicted needle = new FindEntry.Predicted(
                "needle, two speeds slower", 2, 1.0 / 3, "stops", List.of(Named.of("meter wire")));
        UUID held = logs.put(needle);
        UUID missed = logs.put(needle);
        logs.put(needle);

        logs.add(new FindEntry.Observed(held, 1.8, ""), new FindEntry.Observed(missed, 0.4, "it sticks"));

        assertThat(find().predictions())
                .extracting(one -> one.held().orElse(null))
                .containsExactly(true, false, null);
        assertThat(logs.refusal(new FindEntry.Observed(held, 2, "")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("observedTwice"));
        assertThat(logs.refusal(new FindEntry.Observed(UUID.randomUUID(), 2, "")))
                .isPresent();
    }

    @Test
    void aSwapThatChangesNothingClearsItsSuspectAndOneThatDoesKeepsIt() {
        logs.add(
                new FindEntry.SuspectRaised("light cell aged", "reads low"),
                new FindEntry.SwapTried("light cell aged", "light cell", "donor 12", false, ""),
                new FindEntry.SwapTried("meter switch dirty", "switch", "donor 12", true, "it reads right"));

        assertThat(state("light cell aged")).isEqualTo(FindPicture.State.CLEARED);
        assertThat(find().suspects().getFirst().look()).contains("donor 12", "no change");
        assertThat(state("meter switch dirty")).isEqualTo(FindPicture.State.OPEN);
        assertThat(find().swaps()).hasSize(2);
    }

    @Test
    void anEarlierFindingIsReopenedClearedOnesStayClearedAndTheFalseLeadsAreKnown() {
        UUID dent = logs.put(
                new IntakeEntry.ConditionFound(Region.BOTTOM, ConditionKind.DENT, Severity.SLIGHT, "cosmetic"));
        logs.add(
                new FindEntry.SuspectRaised("pawl worn", ""),
                new FindEntry.SuspectCleared("pawl worn", "new under the loupe"),
                new FindEntry.Reopened(
                        dent, "bottom: slight dent", "plate presses on the link", "the link rubs there"));
        assertThat(find().falseLeads()).isEmpty();

        logs.add(new FindEntry.CauseConfirmed("plate presses on the link", "free with the plate off"));

        assertThat(state("pawl worn")).isEqualTo(FindPicture.State.CLEARED);
        assertThat(find().falseLeads()).containsExactly(Named.of("pawl worn"));
        assertThat(find().overturned().getFirst().what().finding()).isEqualTo(dent);
        assertThat(logs.refusal(new FindEntry.Reopened(UUID.randomUUID(), "x", "y", "z")))
                .hasValueSatisfying(refusal -> assertThat(refusal.message()).contains("That finding is not"));
    }

    @Test
    void aRootIsNamedOfACauseOnlyAndAReopenedFindingCannotBeStruckAway() {
        assertThat(logs.refusal(new FindEntry.RootNamed("train gummed", "old oil")))
                .isPresent();
        logs.add(
                new FindEntry.CauseConfirmed("train gummed", "runs free when wet"),
                new FindEntry.RootNamed("train gummed", "old oil"));
        assertThat(find().roots().getFirst().more()).isEqualTo("old oil");

        UUID found = logs.put(new FindEntry.Found("bent strut"));
        logs.add(new FindEntry.Reopened(found, "bent strut", "rail binds", "marks where it rubs"));
        assertThat(logs.refusal(new RecordEntry.Struck(found, "mistyped")))
                .hasValueSatisfying(refusal -> assertThat(refusal.code()).isEqualTo("restsOnIt"));
    }

    @Test
    void lookTakesTheMinutesSinceTheLineBefore() {
        logs.after(7).add(new FindEntry.Looked("whirr", "listen", true, true, ""));
        logs.add(new FindEntry.Looked("blades", "blades under the loupe", false, true, ""));

        assertThat(find().looks().getFirst().took().orElseThrow().toMinutes()).isEqualTo(7);
        assertThat(find().looks().getLast().took()).isEmpty();
    }

    @Test
    void swapsAndRootsAreTypedAtTheLogLine() {
        logs.add(new FindEntry.SuspectRaised("light cell aged", ""));
        logs.add(read("swap light cell from donor 12, no change"));
        assertThat(state("light cell aged")).isEqualTo(FindPicture.State.CLEARED);

        logs.add(read("swap switch from the shelf, changed: it reads right"));
        assertThat(find().swaps().getLast().what().seen()).isEqualTo("it reads right");
        assertThat(BenchLine.of(logs.picture(), Logs.SHOP)
                        .read("root dropped")
                        .chips()
                        .getFirst()
                        .trouble())
                .isPresent();

        logs.add(read("cause meter switch dirty, right with another"));
        logs.add(read("root battery leaked"));
        assertThat(find().roots().getFirst().more()).isEqualTo("battery leaked");
    }

    private JobEntry read(String line) {
        return BenchLine.of(logs.picture(), Logs.SHOP).read(line).entries().getFirst();
    }
}
