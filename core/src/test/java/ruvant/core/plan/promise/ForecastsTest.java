package ruvant.core.plan.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static ruvant.core.plan.board.AShop.NINE;
import static ruvant.core.plan.board.AShop.TODAY;
import static ruvant.core.plan.board.AShop.arrival;
import static ruvant.core.plan.board.AShop.rest;
import static ruvant.core.plan.board.AShop.running;
import static ruvant.core.plan.board.AShop.time;
import static ruvant.core.plan.board.AShop.tomorrow;
import static ruvant.core.plan.board.AShop.work;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruvant.core.plan.board.AShop;
import ruvant.core.units.TagNumber;
import ruvant.core.wish.Wish;

class ForecastsTest {
    private final AShop shop = new AShop().person("Ada");

    private Map<TagNumber, Forecast> draw() {
        return new Forecasts(shop.ask(), shop.plan()).draw(400, 1);
    }

    private Forecast of(int tag) {
        return draw().get(new TagNumber(tag));
    }

    @Test
    void workOfAnHourIsDoneTodayAndTheMiddleIsNearThePlan() {
        shop.camera(1, TODAY, work("a", 60));
        assertThat(of(1).chance(TODAY)).isGreaterThan(0.98);
        Instant middle = of(1).done()[200];
        assertThat(Duration.between(time(10, 0), middle).abs()).isLessThan(Duration.ofMinutes(8));
    }

    @Test
    void whoStandsBehindOthersIsDoneLaterAndLessSurely() {
        for (int tag = 1; tag <= 12; tag++) {
            shop.camera(tag, TODAY.plusDays(tag), work("a", 150));
        }
        Forecast first = of(1);
        Forecast last = of(12);
        assertThat(last.by(0.5).orElseThrow()).isAfter(first.by(0.95).orElseThrow());
        assertThat(spread(last)).isGreaterThan(spread(first));
    }

    private static Duration spread(Forecast forecast) {
        return Duration.between(forecast.done()[20], forecast.done()[380]);
    }

    @Test
    void workGoesOnAfterABreakAndOverNight() {
        shop.camera(1, TODAY, work("a", 400));
        assertThat(of(1).by(0.5).orElseThrow()).isIn(TODAY, TODAY.plusDays(1));
        shop.camera(2, TODAY.plusDays(9), work("a", 1_000));
        assertThat(of(2).by(0.5).orElseThrow()).isAfter(TODAY.plusDays(1));
    }

    @Test
    void whatIsGuessedToArriveIsLessCertainThanWhatASupplierNamed() {
        Instant due = tomorrow(9, 0).plus(Duration.ofDays(4));
        shop.camera(1, null, arrival("p", due, true), work("fit", 20, "p"));
        assertThat(of(1).by(0.95).orElseThrow())
                .isAfter(of(1).by(0.5).orElseThrow().plusDays(1));
    }

    @Test
    void aRunningWaitEndsWhenItDoesAndAStationHoldsItsOwnOnly() {
        shop.station("bath", 1)
                .camera(
                        1,
                        TODAY,
                        running(rest("soak", 300, "bath"), NINE.minusSeconds(600), time(13, 30), ""),
                        work("out", 5, "soak"))
                .camera(2, TODAY, work("in", 5), rest("soak", 60, "bath", "in"), work("out", 5, "soak"));
        assertThat(of(1).done()[0]).isAfterOrEqualTo(time(13, 30));
        assertThat(of(2).done()[0]).isAfterOrEqualTo(time(14, 30));
    }

    @Test
    void whatIsNotPlannedHasNoForecast() {
        shop.camera(1, TODAY, work("a", 20).wished(new Wish(null, "", "", "", null, null, false, false, true)))
                .camera(2, TODAY, work("a", 20));
        assertThat(draw()).containsOnlyKeys(new TagNumber(2));
    }

    @Test
    void theSameSeedSaysTheSame() {
        shop.camera(1, TODAY, work("a", 200), work("b", 100, "a"));
        assertThat(of(1)).isEqualTo(of(1));
    }
}
