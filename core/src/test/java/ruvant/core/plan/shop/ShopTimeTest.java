package ruvant.core.plan.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruvant.core.hours.DaysOff;
import ruvant.core.hours.WorkingHours;
import ruvant.core.plan.PlanCase;
import ruvant.core.units.FieldProblem;

class ShopTimeTest {
    /** Clocks go forward at 02:00 on 30 March 2031 and back at 03:00 on 26 October 2031. */
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

    private static WorkingHours.WorkStretch stretch(String from, String to) {
        return new WorkingHours.WorkStretch(LocalTime.parse(from), LocalTime.parse(to));
    }

    private static WorkingHours every(WorkingHours.WorkStretch... day) {
        Map<DayOfWeek, List<WorkingHours.WorkStretch>> week = new EnumMap<>(DayOfWeek.class);
        Arrays.stream(DayOfWeek.values()).forEach(one -> week.put(one, List.of(day)));
        return new WorkingHours("Ina", week, Set.of("general"));
    }

    private static ShopTime from(String moment, int days) {
        return new ShopTime(
                ZONE, ZonedDateTime.parse(moment + "[Europe/Berlin]").toInstant(), days);
    }

    @Test
    void anOrdinaryDayHasItsBreak() {
        ShopTime time = from("2031-03-03T00:00+01:00", 1);
        assertThat(time.windows(every(stretch("09:00", "12:30"), stretch("13:30", "17:30")), List.of()))
                .containsExactly(new PlanCase.Span(540, 750), new PlanCase.Span(810, 1050));
        assertThat(time.horizon()).isEqualTo(1440);
    }

    @Test
    void theDayOfSummerTimeIsAnHourShorterAndWorkFollowsTheWall() {
        ShopTime time = from("2031-03-30T00:00+01:00", 2);
        assertThat(time.windows(every(stretch("09:00", "12:00")), List.of()))
                .as("an hour less has passed since midnight")
                .containsExactly(new PlanCase.Span(480, 660), new PlanCase.Span(1380 + 540, 1380 + 720));
        assertThat(time.horizon()).isEqualTo(2 * 1440 - 60);
    }

    @Test
    void theDayOfWinterTimeIsAnHourLonger() {
        ShopTime time = from("2031-10-26T00:00+02:00", 1);
        assertThat(time.windows(every(stretch("09:00", "12:00")), List.of()))
                .containsExactly(new PlanCase.Span(600, 780));
        assertThat(time.windows(every(stretch("01:30", "02:30")), List.of()))
                .as("the hour that is shown twice is worked through")
                .containsExactly(new PlanCase.Span(90, 210));
    }

    @Test
    void anHourThatIsSkippedIsNotWorked() {
        ShopTime time = from("2031-03-30T00:00+01:00", 1);
        assertThat(time.windows(every(stretch("02:00", "03:00")), List.of())).isEmpty();
        assertThat(time.windows(every(stretch("01:30", "03:30")), List.of()))
                .containsExactly(new PlanCase.Span(90, 150));
    }

    @Test
    void stretchesThatMeetAreOneEvenAcrossMidnight() {
        ShopTime time = from("2031-03-03T00:00+01:00", 2);
        assertThat(time.windows(every(stretch("00:00", "02:00"), stretch("20:00", "00:00")), List.of()))
                .containsExactly(
                        new PlanCase.Span(0, 120), new PlanCase.Span(1200, 1560), new PlanCase.Span(2640, 2880));
        assertThat(time.windows(every(stretch("09:00", "12:00"), stretch("12:00", "15:00")), List.of()))
                .first()
                .isEqualTo(new PlanCase.Span(540, 900));
    }

    @Test
    void daysOffAreTheirsOrEverybodys() {
        ShopTime time = from("2031-03-03T00:00+01:00", 4);
        WorkingHours hours = every(stretch("09:00", "10:00"));
        LocalDate second = LocalDate.parse("2031-03-04");
        List<DaysOff> off =
                List.of(new DaysOff("Bo", second, second, "ill"), new DaysOff("", second, second.plusDays(1), "fair"));
        assertThat(time.windows(hours, off))
                .containsExactly(new PlanCase.Span(540, 600), new PlanCase.Span(3 * 1440 + 540, 3 * 1440 + 600));
        assertThat(time.windows(hours, off.subList(0, 1))).hasSize(4);
    }

    @Test
    void whatIsOverWhenThePlanBeginsIsCutOff() {
        ShopTime time = from("2031-03-03T11:15+01:00", 1);
        assertThat(time.windows(every(stretch("09:00", "10:00"), stretch("11:00", "12:00")), List.of()))
                .containsExactly(new PlanCase.Span(0, 45));
    }

    @Test
    void minutesThatHaveBegunCountForAnEndAndNotForAStart() {
        ShopTime time = from("2031-03-03T09:00+01:00", 1);
        Instant begun = time.at(5).plusSeconds(20);
        assertThat(time.minute(begun)).isEqualTo(5);
        assertThat(time.minuteFrom(begun)).isEqualTo(6);
        assertThat(time.minute(time.at(-3))).isEqualTo(-3);
        assertThat(time.minuteFrom(time.at(-3))).isEqualTo(-3);
    }

    @Test
    void hoursThatOverlapOrHaveNoLengthAreRefused() {
        assertThatThrownBy(() -> stretch("17:00", "09:00"))
                .isInstanceOf(FieldProblem.class)
                .hasMessage("17:00 to 09:00 has no length.");
        assertThatThrownBy(() -> every(stretch("09:00", "12:00"), stretch("11:00", "13:00")))
                .hasMessage("09:00 to 12:00 overlaps 11:00 to 13:00.");
        assertThatThrownBy(() -> every(stretch("20:00", "00:00"), stretch("22:00", "23:00")))
                .isInstanceOf(FieldProblem.class);
    }

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    /** Every minute of a year's turns is in a window when a clock on the wall says that somebody works. */
    @ParameterizedTest
    @MethodSource("seeds")
    void windowsAreWhenTheWallClockSaysSo(int seed) {
        Random random = new Random(seed);
        List<ZoneId> zones =
                List.of(ZONE, ZoneId.of("America/St_Johns"), ZoneId.of("Australia/Lord_Howe"), ZoneId.of("UTC"));
        ZoneId zone = zones.get(random.nextInt(zones.size()));
        LocalDate first = LocalDate.of(2031, 1, 1).plusDays(random.nextInt(365));
        ShopTime time = new ShopTime(zone, first.atStartOfDay(zone).toInstant(), 8);
        List<WorkingHours.WorkStretch> day = new ArrayList<>();
        int at = 3 * 60 + 1 + random.nextInt(400);
        while (at < 1_300) {
            int end = Math.min(1_439, at + 1 + random.nextInt(240));
            day.add(new WorkingHours.WorkStretch(
                    LocalTime.ofSecondOfDay(at * 60L), LocalTime.ofSecondOfDay(end * 60L)));
            at = end + 1 + random.nextInt(200);
        }
        WorkingHours hours = every(day.stream().limit(6).toArray(WorkingHours.WorkStretch[]::new));
        List<PlanCase.Span> windows = time.windows(hours, List.of());
        for (int turn = 0; turn < 400; turn++) {
            int minute = random.nextInt(time.horizon());
            LocalTime wall = time.at(minute).atZone(zone).toLocalTime();
            boolean works = hours.on(DayOfWeek.MONDAY).stream()
                    .anyMatch(one -> !wall.isBefore(one.from()) && wall.isBefore(one.to()));
            boolean inside = windows.stream().anyMatch(one -> one.start() <= minute && minute < one.end());
            assertThat(inside).as(zone + " " + time.at(minute)).isEqualTo(works);
        }
    }

    @Test
    void whenAnybodyWorksIsTheUnionOfAll() {
        assertThat(ShopTime.anybody(List.of(
                        List.of(new PlanCase.Span(10, 20), new PlanCase.Span(50, 60)),
                        List.of(new PlanCase.Span(15, 30), new PlanCase.Span(60, 70)))))
                .containsExactly(new PlanCase.Span(10, 30), new PlanCase.Span(50, 70));
    }
}
