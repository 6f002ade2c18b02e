package ruvant.core.wish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import ruvant.core.Logs;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.units.FieldProblem;

class WishRoomTest {
    private static final LocalDate TODAY = Logs.START.atZone(ZoneOffset.UTC).toLocalDate();

    private final Logs logs = Logs.camera();

    private Wishes wishes() {
        return logs.stands().picture().wishes();
    }

    private static Wish minutes(int minutes) {
        return new Wish(minutes, "", "", "", null, null, false, false, false);
    }

    @Test
    void theLastWishForATaskHoldsAndNothingLeavesItToThePlan() {
        assertThat(wishes().of("treat")).isEqualTo(Wish.NONE);
        logs.add(new WishEntry.TaskWished("treat", minutes(30)), new WishEntry.TaskWished("treat", minutes(45)));
        logs.add(new WishEntry.TaskWished("prove", minutes(20)));
        assertThat(wishes().of("treat").minutes()).isEqualTo(45);
        logs.add(new WishEntry.TaskWished("treat", Wish.NONE));
        assertThat(wishes().byTask()).containsOnlyKeys("prove");
    }

    @Test
    void aPromiseTakesThePlaceOfTheOneBeforeAndAllAreKept() {
        logs.add(new WishEntry.Promised(TODAY.plusDays(7), 81, "by telephone"));
        logs.add(new WishEntry.Promised(TODAY.plusDays(9), null, ""));
        assertThat(logs.stands().picture().promised()).contains(TODAY.plusDays(9));
        assertThat(wishes().promises())
                .extracting(one -> one.what().by())
                .containsExactly(TODAY.plusDays(7), TODAY.plusDays(9));
        assertThat(wishes().promises().getFirst().by()).isEqualTo("Ada");
    }

    @Test
    void beforeAnyPromiseTheDayOfTheCounterCounts() {
        IntakeEntry.Received in = Logs.received();
        logs.put(new IntakeEntry.Received(
                in.camera(),
                in.owner(),
                in.lens(),
                in.accessories(),
                in.complaint(),
                in.series(),
                in.speeds(),
                TODAY.plusDays(20)));
        assertThat(logs.stands().picture().promised()).contains(TODAY.plusDays(20));
        logs.add(new WishEntry.Promised(TODAY.plusDays(5), null, ""));
        assertThat(logs.stands().picture().promised()).contains(TODAY.plusDays(5));
    }

    @Test
    void aDayThatIsOverIsNotPromised() {
        assertThat(logs.refusal(new WishEntry.Promised(TODAY.minusDays(2), null, "")))
                .hasValueSatisfying(no -> assertThat(no.message()).contains("is over"));
        assertThat(logs.refusal(new WishEntry.Promised(TODAY, null, ""))).isEmpty();
    }

    @Test
    void urgencyIsUsualUntilSomebodySaysOtherwise() {
        assertThat(wishes().urgency()).isEqualTo(Urgency.USUAL);
        logs.add(new WishEntry.UrgencySet(Urgency.URGENT));
        assertThat(wishes().urgency()).isEqualTo(Urgency.URGENT);
        assertThat(Urgency.URGENT.weight()).isGreaterThan(Urgency.MATTERS.weight());
    }

    @Test
    void minutesOutsideADayAreRefused() {
        assertThatThrownBy(() -> minutes(0)).isInstanceOf(FieldProblem.class);
        assertThatThrownBy(() -> minutes(2_000)).isInstanceOf(FieldProblem.class);
    }

    @Test
    void everyWishIsSaidInWords() {
        WishRoom room = new WishRoom();
        Instant at = Logs.START;
        Wish all = new Wish(40, "Ada", "finish", "none", at, at, true, true, true);
        assertThat(room.words(new WishEntry.TaskWished("treat", all), null))
                .isEqualTo("plan for treat: set aside, first, 40 min, by Ada, needs finish, no wait after it, "
                        + "at a fixed time, not before a set time, mornings only");
        assertThat(room.words(new WishEntry.TaskWished("treat", Wish.NONE), null))
                .isEqualTo("plan for treat: as it comes");
        assertThat(room.words(new WishEntry.Promised(TODAY, 80, "by letter"), null))
                .isEqualTo("promised for " + TODAY + ", with a chance of 80 %, by letter");
    }
}
