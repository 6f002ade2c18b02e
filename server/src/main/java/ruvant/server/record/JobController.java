package ruvant.server.record;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ruvant.core.job.BenchEntry;
import ruvant.core.job.Entry;
import ruvant.core.job.IntakeEntry;
import ruvant.core.job.JobLog;
import ruvant.core.job.Line;
import ruvant.core.job.RecordEntry;
import ruvant.core.job.Stop;
import ruvant.core.logline.LogLine;
import ruvant.core.logline.Reading;
import ruvant.core.picture.EntryWords;
import ruvant.core.picture.JobPicture;
import ruvant.core.units.MayBeNull;
import ruvant.core.units.TagNumber;
import ruvant.core.units.WellName;
import ruvant.server.house.ShopService;

/** Opens jobs, shows them and adds lines to them. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class JobController {
    private final JobService jobs;
    private final ShopService shop;
    private final SummaryStore summaries;
    private final Events events;
    private final Clock clock;
    private final RefitPace pace;
    private final LearnedModels learned;

    JobController(
            JobService jobs,
            ShopService shop,
            SummaryStore summaries,
            Events events,
            Clock clock,
            RefitPace pace,
            LearnedModels learned) {
        this.summaries = summaries;
        this.learned = learned;
        this.jobs = jobs;
        this.shop = shop;
        this.events = events;
        this.clock = clock;
        this.pace = pace;
    }

    /** A camera that came in. */
    record Opening(UUID id, String by, IntakeEntry.Received received) {}

    /** Lines to add as one. */
    record Appending(String by, long basedOn, List<NewLine> lines) {}

    /** A line of shorthand to be read. */
    record Typed(String text) {}

    /** One line of the log in words. */
    record LineView(
            UUID id,
            long sequence,
            Instant at,
            String by,
            Optional<Stop> stop,
            String words,
            Entry entry,
            @MayBeNull UUID before,
            Optional<String> struckBecause,
            boolean aboutTheRecord) {}

    @PostMapping("/jobs")
    JobView open(@RequestBody Opening opening) {
        return view(jobs.open(opening.id(), opening.by(), opening.received()));
    }

    @GetMapping("/jobs/{tag}")
    JobView job(@PathVariable String tag) {
        return view(TagNumber.parse(tag));
    }

    @PostMapping("/jobs/{tag}/entries")
    JobView append(@PathVariable String tag, @RequestBody Appending added) {
        TagNumber number = TagNumber.parse(tag);
        jobs.append(number, added.by(), added.basedOn(), added.lines());
        return view(number);
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

    @GetMapping("/jobs/{tag}/log")
    List<LineView> log(@PathVariable String tag) {
        JobLog log = jobs.log(TagNumber.parse(tag));
        Map<UUID, Line> struck = log.struck();
        return log.lines().stream()
                .map(line -> new LineView(
                        line.id(),
                        line.sequence(),
                        line.at(),
                        line.by(),
                        line.entry() instanceof BenchEntry || line.entry() instanceof RecordEntry
                                ? Optional.empty()
                                : Optional.of(line.entry().stop()),
                        EntryWords.of(line.entry()),
                        line.entry(),
                        line.before(),
                        Optional.ofNullable(struck.get(line.id()))
                                .map(strike -> ((RecordEntry.Struck) strike.entry()).reason()),
                        line.entry() instanceof RecordEntry))
                .toList();
    }

    @PostMapping("/jobs/{tag}/read")
    Reading read(@PathVariable String tag, @RequestBody Typed typed) {
        JobPicture job = jobs.picture(TagNumber.parse(tag));
        return new LogLine(job, shop.shop(), () -> learned.beside(job).knowledge()).read(typed.text());
    }

    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events() {
        return events.listen();
    }

    private JobView view(TagNumber tag) {
        JobPicture picture = jobs.picture(tag);
        return JobView.of(picture, shop.shop(), learned.ofModelOf(picture), others(tag), pace.now(), clock.instant());
    }

    /** Which trays hold pieces of other cameras; of no matter where each camera has the one tray to itself. */
    private List<SummaryStore.InTray> others(TagNumber tag) {
        return shop.shop().practice().trays().size() == 1 ? List.of() : summaries.inTraysBeside(tag);
    }
}
