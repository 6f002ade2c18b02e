package ruvant.server.house;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.hours.DaysOff;
import ruvant.core.hours.ShopHours;
import ruvant.core.hours.WorkingHours;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;

/** When the shop works. */
@RestController
@Needs(value = Right.LOOK, ofNoJob = true)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class HoursController {
    private final ShopService shop;

    HoursController(ShopService shop) {
        this.shop = shop;
    }

    /**
     * The shop's time.
     *
     * @param lastSequence up to which line of the house's log it goes
     * @param skills every skill that somebody here is said to have
     */
    record HoursPage(
            long lastSequence, List<WorkingHours> hours, List<DaysOff> off, int bellMinutes, List<String> skills) {}

    @GetMapping("/hours")
    HoursPage hours() {
        ShopHours hours = shop.hours();
        return new HoursPage(shop.houseSequence(), hours.hours(), hours.off(), hours.bellMinutes(), hours.skills());
    }
}
