package ruvant.server.picture;

import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.intake.IntakeEntry;
import ruvant.core.logline.LogLine;
import ruvant.core.logline.Reading;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.server.house.ShopService;
import ruvant.server.job.JobService;
import ruvant.server.job.SummaryStore;
import ruvant.server.knowledge.LearnedModels;

/** Opens jobs, shows them and adds lines to them. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class JobController {
    private final JobService jobs;
    private final ShopService shop;
    private final SummaryStore summaries;
    private final LearnedModels learned;

    JobController(JobService jobs, ShopService shop, SummaryStore summaries, LearnedModels learned) {
        this.jobs = jobs;
        this.shop = shop;
        this.summaries = summaries;
        this.learned = learned;
    }

    /** A camera that came in. */
    record Opening(UUID id, String by, IntakeEntry.Received received) {}

    /** A line of shorthand to be read. */
    record Typed(String text) {}

    @PostMapping("/jobs")
    JobView open(@RequestBody Opening opening) {
        return view(jobs.open(opening.id(), opening.by(), opening.received()));
    }

    @GetMapping("/jobs/{tag}")
    JobView job(@PathVariable String tag) {
        return view(TagNumber.parse(tag));
    }

    /** Cameras that are here and have pieces in the tray of this well, oldest first. */
    @GetMapping("/wells/{well}/cameras")
    List<TagNumber> camerasAt(@PathVariable String well) {
        int tray = WellName.parse(well).tray();
        return summaries.inTrays().stream()
                .filter(one -> one.trays().contains(tray))
                .map(SummaryStore.InTray::tag)
                .toList();
    }

    @PostMapping("/jobs/{tag}/read")
    Reading read(@PathVariable String tag, @RequestBody Typed typed) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        return new LogLine(job, shop.shop(), () -> learned.beside(job).knowledge()).read(typed.text());
    }

    private JobView view(TagNumber tag) {
        return JobView.of(jobs.now(tag), others(tag));
    }

    /** Which trays hold pieces of other cameras; of no matter where each camera has the one tray to itself. */
    private List<SummaryStore.InTray> others(TagNumber tag) {
        return shop.shop().practice().trays().size() == 1 ? List.of() : summaries.inTraysBeside(tag);
    }
}
