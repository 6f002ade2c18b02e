package ruvant.server.treat;

import java.time.Clock;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.house.School;
import ruvant.core.people.Right;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.Shop;
import ruvant.core.strip.ValleyPart;
import ruvant.core.treat.OilSheet;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.knowledge.LearnedModels;

/** The points of a camera with what goes there and how far each is. */
@RestController
@Needs(value = Right.LOOK, job = "tag")
@RequestMapping(path = "/api/jobs/{tag}", produces = MediaType.APPLICATION_JSON_VALUE)
class OilController {
    private final JobService jobs;
    private final LearnedModels learned;
    private final ShopService shop;
    private final Clock clock;

    OilController(JobService jobs, LearnedModels learned, ShopService shop, Clock clock) {
        this.jobs = jobs;
        this.learned = learned;
        this.shop = shop;
        this.clock = clock;
    }

    /** The sheet, and the school by which this house works. */
    record OilSheetPage(School school, List<OilSheet.OilRow> rows) {}

    @GetMapping("/oil-sheet")
    OilSheetPage sheet(@PathVariable String tag) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        Shop house = shop.shop();
        School school = house.practice().school();
        return new OilSheetPage(
                school,
                OilSheet.of(
                        job.treat(),
                        job.valley().parts().stream().map(ValleyPart::name).toList(),
                        learned.ofModelOf(job).oilPoints(),
                        house.lubrication(),
                        school,
                        job.received().camera().family(),
                        clock.instant()));
    }
}
