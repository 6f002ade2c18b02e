package ruvant.core.plan.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.hours.ShopHours;
import ruvant.core.hours.WorkingHours;

class CalibrationTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");
    private static final Instant START = Instant.parse("2031-03-04T09:00:00Z");

    private static final OpenTime DAY_AND_NIGHT = OpenTime.of(
            new ShopHours(
                    List.of(new WorkingHours(
                            "Ada",
                            Arrays.stream(DayOfWeek.values())
                                    .collect(Collectors.toMap(
                                            one -> one,
                                            one -> List.of(new WorkingHours.WorkStretch(
                                                    LocalTime.MIDNIGHT, LocalTime.MIDNIGHT)))),
                            Set.of())),
                    List.of(),
                    0),
            ZONE,
            START,
            400);

    private static final Calibration NONE = new Calibration(List.of(), DAY_AND_NIGHT);

    private static Calibration of(List<Calibration.Came> came) {
        return new Calibration(came, DAY_AND_NIGHT);
    }

    private static Forecast evenly(int days) {
        return new Forecast(
                ZONE,
                IntStream.range(0, 100)
                        .mapToObj(at -> START.plus(Duration.ofMinutes(days * 1440L * at / 100)))
                        .toArray(Instant[]::new));
    }

    @Test
    void withNothingSeenAForecastStaysAsItIs() {
        assertThat(NONE.corrected(evenly(10), START)).isEqualTo(evenly(10));
        assertThat(NONE.cameras()).isZero();
        assertThat(NONE.wasSo(0.8)).isZero();
    }

    /** Cameras that take so many times as long as was said. */
    private static List<Calibration.Came> cameras(int count, double stretch, Random random) {
        List<Calibration.Came> came = new ArrayList<>();
        for (int at = 0; at < count; at++) {
            int days = 2 + random.nextInt(20);
            long minutes = Math.round(days * 1440 * random.nextDouble() * stretch);
            came.add(new Calibration.Came(evenly(days), START, START.plus(Duration.ofMinutes(minutes))));
        }
        return came;
    }

    @ParameterizedTest
    @CsvSource({"0.5, 0.8", "1, 0.8", "2.5, 0.95", "4, 0.5"})
    void forecastsThatWereTooSoonOrTooLateArePutRight(double stretch, double chance) {
        Random random = new Random(5);
        Calibration calibration = of(cameras(300, stretch, random));
        List<Calibration.Came> next = cameras(3_000, stretch, random);
        long so = next.stream()
                .filter(one -> !one.done()
                        .isAfter(calibration.corrected(one.said(), one.at()).at(chance)))
                .count();
        assertThat(so / 3_000.0).isCloseTo(chance, within(0.06));
    }

    @Test
    void aHandfulOfCamerasMovesItALittleAndManyMoveItAllTheWay() {
        Random random = new Random(8);
        Instant few = of(cameras(3, 3, random)).corrected(evenly(10), START).at(0.8);
        Instant many = of(cameras(200, 3, random)).corrected(evenly(10), START).at(0.8);
        assertThat(few).isAfter(evenly(10).at(0.8)).isBefore(many);
    }

    @Test
    void aCorrectedForecastIsStillInOrder() {
        Forecast corrected = of(cameras(40, 2, new Random(3))).corrected(evenly(9), START);
        for (double chance = 0.05; chance < 0.95; chance += 0.05) {
            assertThat(corrected.at(chance + 0.05)).isAfterOrEqualTo(corrected.at(chance));
        }
    }

    @Test
    void itSaysHowOftenItWasRight() {
        List<Calibration.Came> came = new ArrayList<>();
        for (int day = 1; day <= 4; day++) {
            came.add(new Calibration.Came(evenly(10), START, START.plus(Duration.ofDays(day * 3))));
        }
        // nothing had gone home when any of them was spoken of
        assertThat(of(came).wasSo(0.8)).isEqualTo(0.5);
        assertThat(of(came).cameras()).isEqualTo(4);
    }

    @Test
    void aForecastIsReadByDaysAndNeverCertain() {
        Forecast forecast = evenly(10);
        assertThat(forecast.by(0.5)).contains(LocalDate.of(2031, 3, 9));
        assertThat(forecast.by(0.95).orElseThrow()).isAfter(forecast.by(0.5).orElseThrow());
        assertThat(forecast.chance(LocalDate.of(2031, 3, 1))).isPositive().isLessThan(0.02);
        assertThat(forecast.chance(LocalDate.of(2032, 3, 1))).isLessThan(1).isGreaterThan(0.98);
    }

    @Test
    void whatIsNeverDoneHasNoDay() {
        Instant[] done = new Instant[10];
        Arrays.fill(done, Forecast.NEVER);
        done[3] = START;
        assertThat(new Forecast(ZONE, done).by(0.1)).contains(LocalDate.of(2031, 3, 4));
        assertThat(new Forecast(ZONE, done).by(0.5)).isEmpty();
    }
}
