package ruvant.server.treat;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.picture.Shop;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Stations;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;

/** All waits of the shop by time, and what lies in its stations. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class WaitsController {
    private final JobService jobs;
    private final ShopService shop;
    private final Clock clock;

    WaitsController(JobService jobs, ShopService shop, Clock clock) {
        this.jobs = jobs;
        this.shop = shop;
        this.clock = clock;
    }

    /** A wait of some camera, and what follows it in a chain of coats. */
    record ShopWait(TagNumber tag, String camera, TreatPicture.Wait running, Optional<Lubrication.WaitKind> then) {}

    /** A place where things wait; free again at a time, or now where that is missing. */
    record StationUse(String name, int capacity, int held, Optional<Instant> freeAt) {}

    /** What waits in the shop. */
    record Waits(Instant now, List<ShopWait> waits, List<StationUse> stations) {}

    @GetMapping("/waits")
    Waits waits() {
        Instant now = clock.instant();
        Shop house = shop.shop();
        List<Stations.Held> waiting = jobs.waiting();
        return new Waits(
                now,
                waiting.stream()
                        .map(one -> new ShopWait(
                                one.tag(),
                                jobs.picture(one.tag()).received().camera().words(),
                                one.running(),
                                house.lubrication().after(one.running().what())))
                        .toList(),
                house.practice().stations().stream()
                        .map(station -> Stations.use(station, waiting, now))
                        .map(use -> new StationUse(
                                use.station().name(),
                                use.station().capacity(),
                                use.held().size(),
                                use.freeAt()))
                        .toList());
    }
}
