package ruvant.server.measure;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.measure.trace.FiringLight;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.people.Right;
import ruvant.core.prove.ProveEntry;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.job.JobService;
import ruvant.server.printing.SpeedChart;

/** What was measured on a job, to look at and to take away: traces, tables, recordings, the picture of the speeds. */
@RestController
@Needs(value = Right.LOOK, job = "tag")
class RunController {
    private final JobService jobs;
    private final RecordingStore recordings;

    RunController(JobService jobs, RecordingStore recordings) {
        this.jobs = jobs;
        this.recordings = recordings;
    }

    /** The light of one firing with the edges found on it; empty where its recording is not kept here. */
    @GetMapping(path = "/api/jobs/{tag}/runs/{line}/light", produces = MediaType.APPLICATION_JSON_VALUE)
    List<FiringLight> light(@PathVariable String tag, @PathVariable UUID line, @RequestParam int shot)
            throws Exception {
        Optional<ProveEntry.FiringsMeasured> run = jobs.log(TagNumber.parse(tag)).lines().stream()
                .filter(one -> one.id().equals(line))
                .map(one -> one.entry())
                .filter(ProveEntry.FiringsMeasured.class::isInstance)
                .map(ProveEntry.FiringsMeasured.class::cast)
                .findFirst();
        Optional<Path> file = run.flatMap(one -> recordings.file(one.recording()));
        if (file.isEmpty()) {
            return List.of();
        }
        StandSetup setup = run.orElseThrow().setup();
        try (RecordingFile recording = RecordingFile.of(file.get())) {
            return TraceAnalysis.lightOf(recording, setup, shot);
        }
    }

    /** A recording as it is kept. */
    @Needs(value = Right.LOOK, ofNoJob = true)
    @GetMapping("/api/recordings/{name}")
    ResponseEntity<Resource> recording(@PathVariable String name) {
        return recordings
                .file(name)
                .map(file -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType(name.endsWith(".csv") ? "text/csv" : "audio/wav"))
                        .header(HttpHeaders.CONTENT_DISPOSITION, attached(name))
                        .body((Resource) new FileSystemResource(file)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** Every firing of a job as a table. */
    @GetMapping(path = "/api/jobs/{tag}/firings.csv", produces = "text/csv")
    ResponseEntity<String> table(@PathVariable String tag) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(tag + "-firings.csv"))
                .body(FiringsCsv.of(jobs.picture(TagNumber.parse(tag)).prove().timed()));
    }

    /** The same with everything that is known of each. */
    @GetMapping(path = "/api/jobs/{tag}/firings.json", produces = MediaType.APPLICATION_JSON_VALUE)
    List<FiringsFile> firings(@PathVariable String tag) {
        return jobs.picture(TagNumber.parse(tag)).prove().timed().stream()
                .map(FiringsFile::of)
                .toList();
    }

    /** The picture of the speeds, before against after. */
    @GetMapping(path = "/api/jobs/{tag}/speeds.svg", produces = "image/svg+xml")
    ResponseEntity<String> picture(@PathVariable String tag) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, attached(tag + "-speeds.svg"))
                .body(SpeedChart.svg(jobs.built(TagNumber.parse(tag)).speedsOfTheCamera()));
    }

    private static String attached(String name) {
        return ContentDisposition.attachment().filename(name).build().toString();
    }
}
