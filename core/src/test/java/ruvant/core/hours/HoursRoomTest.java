package ruvant.core.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruvant.core.log.ShopLog;
import ruvant.core.units.FieldProblem;

class HoursRoomTest {
    private static final LocalDate DAY = LocalDate.of(2031, 3, 4);

    private final ShopLog log = new ShopLog(new HoursRoom());

    private ShopHours hours(String... people) {
        return log.fold(HoursRoom.Fold.class).hours(List.of(people));
    }

    private static WorkingHours mornings(String person, String... skills) {
        return new WorkingHours(
                person,
                Map.of(
                        DayOfWeek.TUESDAY,
                        List.of(new WorkingHours.WorkStretch(LocalTime.of(8, 0), LocalTime.of(12, 30)))),
                Set.of(skills));
    }

    @Test
    void whoSaidNothingWorksUsualHoursAndDoesAllWork() {
        WorkingHours usual = hours("Ada").of("ada").orElseThrow();
        assertThat(usual.minutesAWeek()).isEqualTo(5 * 8 * 60);
        assertThat(usual.on(DayOfWeek.SUNDAY)).isEmpty();
        assertThat(usual.can("electronics")).isTrue();
        assertThat(hours("Ada").bellMinutes()).isEqualTo(ShopHours.USUAL_BELL);
        assertThat(hours("Ada").skills()).isEmpty();
    }

    @Test
    void hoursHoldForOnePersonHoweverTheNameIsWritten() {
        log.add(new HoursEntry.HoursSet(mornings("ADA", "finish", "general")));
        assertThat(log.lastWords()).isEqualTo("hours of ADA: 4.5 h a week, finish, general");
        ShopHours hours = hours("Ada", "Ben");
        assertThat(hours.of("Ada").orElseThrow().person()).isEqualTo("Ada");
        assertThat(hours.of("Ada").orElseThrow().minutesAWeek()).isEqualTo(270);
        assertThat(hours.of("Ada").orElseThrow().can("electronics")).isFalse();
        assertThat(hours.of("Ada").orElseThrow().can("Finish")).isTrue();
        assertThat(hours.of("Ben").orElseThrow().minutesAWeek()).isEqualTo(2400);
        assertThat(hours.skills()).containsExactly("finish", "general");
        log.strikeLast();
        assertThat(hours("Ada").of("Ada").orElseThrow().minutesAWeek()).isEqualTo(2400);
    }

    @Test
    void whoLeftTheShopIsNotPlanned() {
        log.add(new HoursEntry.HoursSet(mornings("Ada")));
        assertThat(hours("Ben").of("Ada")).isEmpty();
    }

    @Test
    void daysOffAndTheBellAreWhatWasSaidLast() {
        log.add(new HoursEntry.DaysOffSet(
                List.of(new DaysOff("", DAY, DAY, "fair"), new DaysOff("Ada", DAY.plusDays(1), DAY.plusDays(3), ""))));
        assertThat(log.lastWords()).isEqualTo("days off: closed 2031-03-04, Ada 2031-03-05 to 2031-03-07");
        log.add(new HoursEntry.DaysOffSet(List.of()));
        assertThat(log.lastWords()).isEqualTo("days off: none");
        assertThat(hours("Ada").off()).isEmpty();
        log.add(new HoursEntry.BellSet(0));
        assertThat(log.lastWords()).isEqualTo("bell before closing: off");
        assertThat(hours("Ada").bellMinutes()).isZero();
    }

    @Test
    void aSecondWindowIsToldThatTheSameWasChanged() {
        log.add(new HoursEntry.HoursSet(mornings("Ada")));
        assertThat(log.unseen(0, new HoursEntry.HoursSet(mornings("Ada", "finish"))))
                .hasSize(1);
        assertThat(log.unseen(0, new HoursEntry.HoursSet(mornings("Ben")))).isEmpty();
        assertThat(log.unseen(0, new HoursEntry.BellSet(5))).isEmpty();
    }

    @Test
    void daysThatEndBeforeTheyBeginAreRefused() {
        assertThatThrownBy(() -> new DaysOff("Ada", DAY, DAY.minusDays(1), ""))
                .isInstanceOf(FieldProblem.class)
                .hasMessageContaining("is before");
        assertThatThrownBy(() -> new HoursEntry.BellSet(500)).isInstanceOf(FieldProblem.class);
    }
}
