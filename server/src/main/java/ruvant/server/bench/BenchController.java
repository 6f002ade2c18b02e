package ruvant.server.bench;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.picture.JobNow;
import ruvant.core.picture.JobPicture;
import ruvant.core.picture.NextStep;
import ruvant.core.picture.Pressing;
import ruvant.core.picture.StopProgress;
import ruvant.core.refit.RefitAnswer;
import ruvant.core.strip.ValleyPart;
import ruvant.core.trade.Camera;
import ruvant.core.trade.Stop;
import ruvant.core.treat.TreatPicture;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.access.SignedIn;
import ruvant.server.job.JobService;
import ruvant.server.job.JobSummary;
import ruvant.server.job.Projecting;
import ruvant.server.job.SummaryStore;
import ruvant.server.picture.JobView;

/** The bench, the list of all cameras, and finding. */
@RestController
@Needs(Right.LOOK)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class BenchController {
    /** What presses, then who is being worked on, then what was promised, then as they came in. */
    private static final Comparator<OpenJob> PRESSING_FIRST = Comparator.comparing(
                    (OpenJob one) -> one.pressing().kind())
            .thenComparing(one -> one.seated() ? 0 : 1)
            .thenComparing(
                    one -> one.summary().days().promised().orElse(null),
                    Comparator.nullsLast(Comparator.naturalOrder()));

    private static final int FOUND_AT_MOST = 30;
    private static final int PAGE = 100;

    private final JobService jobs;
    private final SummaryStore summaries;
    private final Projecting projecting;
    private final Clock clock;

    BenchController(JobService jobs, SummaryStore summaries, Projecting projecting, Clock clock) {
        this.jobs = jobs;
        this.summaries = summaries;
        this.projecting = projecting;
        this.clock = clock;
    }

    /** One step of a camera's small valley. */
    record Step(int level, RefitAnswer.Kind kind) {}

    /** A camera in the shop as a tag on the bench. */
    record OpenJob(
            JobSummary summary,
            Stop currentStop,
            List<StopProgress> stops,
            List<Step> steps,
            int out,
            long minutes,
            boolean seated,
            List<String> needs,
            Pressing pressing,
            Optional<JobView.NextView> next) {}

    /** A wait running anywhere in the shop. */
    record RunningWait(TagNumber tag, String camera, TreatPicture.Wait running, boolean over) {}

    /**
     * All that the bench shows.
     *
     * @param catchingUp how many jobs were read again, where lists are being brought up to date; else empty
     */
    record Bench(
            Instant now,
            List<RunningWait> waits,
            List<OpenJob> open,
            int returned,
            Optional<Projecting.Progress> catchingUp) {}

    @GetMapping("/bench")
    Bench bench() {
        Instant now = clock.instant();
        LocalDate today = LocalDate.ofInstant(now, ZoneId.systemDefault());
        List<RunningWait> waits = new ArrayList<>();
        List<OpenJob> open = new ArrayList<>();
        for (JobSummary summary : summaries.open()) {
            JobNow job = jobs.now(summary.tag());
            Camera kind = job.picture().received().camera();
            String camera = kind.maker() + " " + kind.model();
            List<NextStep> things = job.next();
            job.picture().treat().waits().stream()
                    .filter(wait -> wait.endedAt().isEmpty())
                    .forEach(wait -> waits.add(new RunningWait(summary.tag(), camera, wait, wait.over(now))));
            open.add(open(summary, job, things, today));
        }
        open.sort(PRESSING_FIRST);
        waits.sort(Comparator.comparing(wait -> wait.running().endsAt()));
        Projecting.Progress progress = projecting.progress();
        return new Bench(
                now,
                waits,
                open,
                summaries.countReturned(),
                Optional.of(progress).filter(one -> one.of() > 0));
    }

    private static OpenJob open(JobSummary summary, JobNow job, List<NextStep> things, LocalDate today) {
        JobPicture picture = job.picture();
        return new OpenJob(
                summary,
                job.currentStop(),
                job.stops(),
                picture.valley().parts().stream()
                        .map(part -> new Step(
                                part.place().level(), job.refit().of(part).kind()))
                        .toList(),
                (int) picture.valley().parts().stream().filter(ValleyPart::out).count(),
                job.minutes(),
                picture.sitting().seatedSince().isPresent(),
                picture.parts().openNeeds().stream()
                        .map(need -> need.part().equals(PartName.of(need.what()))
                                ? need.what()
                                : need.part() + ": " + need.what())
                        .toList(),
                Pressing.of(job, today),
                things.stream().findFirst().map(JobView.NextView::of));
    }

    /** A page of returned cameras, newest first; {@code below} is the lowest tag already shown. */
    @GetMapping("/jobs")
    List<JobSummary> returned(@RequestParam(defaultValue = "10000000") int below) {
        return summaries.returned(below, PAGE);
    }

    @GetMapping("/find")
    List<JobSummary> find(@RequestParam String words) {
        boolean byOwner =
                SignedIn.now().map(access -> access.sees(Right.CUSTOMERS)).orElse(true);
        return summaries.find(words, byOwner, FOUND_AT_MOST);
    }
}
