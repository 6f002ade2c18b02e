package ruvant.server.plan.shop;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.plan.minutes.MinutesHere;
import ruvant.core.plan.promise.Calibration;
import ruvant.server.access.Needs;

/** What work takes here, and how far forecasts were right. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api/plan", produces = MediaType.APPLICATION_JSON_VALUE)
class MinutesController {
    private final PlanService plans;
    private final ShopNow now;

    MinutesController(PlanService plans, ShopNow now) {
        this.plans = plans;
        this.now = now;
    }

    /**
     * What was said with a chance, and how often it was so.
     *
     * @param so part of the cameras; 0 where none went home yet
     */
    record SaidSo(double chance, double so) {}

    /**
     * The shop's own minutes.
     *
     * @param jobs how many cameras that went home they rest on
     * @param forecasts how many cameras with a forecast went home
     */
    record MinutesPage(int jobs, MinutesHere here, int forecasts, List<SaidSo> said) {}

    @GetMapping("/minutes")
    MinutesPage minutes() {
        Calibration calibration = plans.shown().calibration();
        return new MinutesPage(
                now.learntFrom(),
                now.minutes(),
                calibration.cameras(),
                Stream.of(0.5, 0.8, 0.95)
                        .map(chance -> new SaidSo(chance, calibration.wasSo(chance)))
                        .toList());
    }
}
