package ruvant.server.warranty;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.picture.EarlierVisit;
import ruvant.core.picture.JobPicture;
import ruvant.core.trade.Camera;
import ruvant.core.units.TagNumber;
import ruvant.core.warranty.CameBackPicture;
import ruvant.server.access.Needs;
import ruvant.server.job.JobService;
import ruvant.server.job.JobSummary;
import ruvant.server.job.SummaryStore;

/** Whether a camera was here before: its other stays, whoever owned it then. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class EarlierController {
    private final JobService jobs;
    private final SummaryStore summaries;

    EarlierController(JobService jobs, SummaryStore summaries) {
        this.jobs = jobs;
        this.summaries = summaries;
    }

    /**
     * Other stays of a camera.
     *
     * @param visits the latest first
     * @param said what somebody said about it
     */
    record EarlierPage(List<EarlierVisit> visits, Optional<CameBackPicture.SaidOfEarlier> said) {}

    @Needs(value = Right.LOOK, job = "tag")
    @GetMapping("/jobs/{tag}/earlier")
    EarlierPage earlier(@PathVariable String tag) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        Camera camera = job.received().camera();
        List<EarlierVisit> visits = camera.serial().isEmpty()
                ? List.of()
                : summaries.sameCamera(camera.maker(), camera.model(), camera.serial()).reversed().stream()
                        .filter(one -> !one.tag().equals(job.tag()))
                        .map(one -> EarlierVisit.of(jobs.picture(one.tag()), job, ZoneId.systemDefault()))
                        .toList();
        return new EarlierPage(visits, job.before().said());
    }

    /**
     * A stay of a camera that is being checked in.
     *
     * @param returned on which day; empty while it is here
     */
    record HereBefore(TagNumber tag, String owner, String cause, Optional<LocalDate> returned) {}

    @GetMapping("/cameras/before")
    List<HereBefore> before(@RequestParam String maker, @RequestParam String model, @RequestParam String serial) {
        return serial.isBlank()
                ? List.of()
                : summaries.sameCamera(maker.strip(), model.strip(), serial.strip()).reversed().stream()
                        .map(EarlierController::stay)
                        .toList();
    }

    private static HereBefore stay(JobSummary one) {
        return new HereBefore(
                one.tag(),
                one.said().owner(),
                one.said().cause(),
                one.days().returnedAt().map(at -> LocalDate.ofInstant(at, ZoneId.systemDefault())));
    }
}
