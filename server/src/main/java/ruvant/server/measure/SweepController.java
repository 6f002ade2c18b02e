package ruvant.server.measure;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import ruvant.core.measure.Sweep;
import ruvant.core.measure.trace.FiringFound;
import ruvant.core.measure.trace.MeasuredRecording;
import ruvant.core.measure.trace.Shots;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.people.Right;
import ruvant.core.prove.SpeedRow;
import ruvant.core.trade.FiringFlag;
import ruvant.core.trade.MeasuredFiring;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.Check;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.job.JobService;
import tools.jackson.databind.ObjectMapper;

/** A recording of a whole run: its firings measured and a speed proposed for each. What is right the person says. */
@RestController
@Needs(Right.BENCH)
class SweepController {
    private final JobService jobs;
    private final RecordingStore recordings;
    private final ObjectMapper json;

    SweepController(JobService jobs, RecordingStore recordings, ObjectMapper json) {
        this.jobs = jobs;
        this.recordings = recordings;
        this.json = json;
    }

    /** In which order the dial was turned. */
    enum Turned {
        SLOW_TO_FAST,
        FAST_TO_SLOW,
        IN_NO_ORDER
    }

    /**
     * A firing of the recording.
     *
     * @param firing as it would be logged; empty for one that may not be counted
     * @param speed proposed, as engraved
     * @param said what is to be known about it
     */
    record Proposal(
            int index,
            Optional<MeasuredFiring> firing,
            String speed,
            Optional<Double> errorEv,
            boolean sure,
            List<String> said) {}

    /** What the recording holds. */
    record FileRun(String recording, int analysis, List<Proposal> proposals, List<String> warnings) {}

    @Needs(value = Right.BENCH, job = "tag")
    @PostMapping(
            path = "/api/jobs/{tag}/recordings",
            consumes = MediaType.MULTIPART_FORM_DATA_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    FileRun sweep(
            @PathVariable String tag,
            @RequestParam MultipartFile file,
            @RequestParam String setup,
            @RequestParam Turned turned,
            @RequestParam int each)
            throws IOException {
        Check.count("each", each, 1, 50);
        List<SpeedRow> rows = new ArrayList<>(jobs.picture(TagNumber.parse(tag)).speeds());
        StandSetup stand = json.readValue(setup, StandSetup.class);
        MeasuredRecording measured;
        String kept;
        try (UploadedRecording sent = UploadedRecording.of(file);
                RecordingFile recording = sent.recording()) {
            measured = TraceAnalysis.of(recording, stand);
            kept = recordings.keep(sent);
        }
        if (turned == Turned.FAST_TO_SLOW) {
            Collections.reverse(rows);
        }
        List<FiringFound> counted = measured.firings().stream()
                .filter(one -> Shots.of(one).isPresent())
                .toList();
        List<Double> seconds =
                counted.stream().map(one -> one.exposureSeconds().orElseThrow()).toList();
        List<Double> nominal = rows.stream().map(row -> row.nominal().seconds()).toList();
        List<Sweep.Proposed> proposed = rows.isEmpty()
                ? List.of()
                : turned == Turned.IN_NO_ORDER
                        ? Sweep.nearest(seconds, nominal)
                        : Sweep.inOrder(seconds, nominal, each);
        List<Proposal> proposals = new ArrayList<>();
        for (FiringFound one : measured.firings()) {
            int at = counted.indexOf(one);
            Optional<Sweep.Proposed> match =
                    at < 0 || proposed.isEmpty() ? Optional.empty() : Optional.of(proposed.get(at));
            proposals.add(new Proposal(
                    one.index(),
                    Shots.of(one),
                    match.map(found -> rows.get(found.speed()).speed()).orElse(""),
                    match.map(Sweep.Proposed::errorEv),
                    match.map(Sweep.Proposed::sure).orElse(false),
                    one.flags().stream().map(FiringFlag::label).toList()));
        }
        return new FileRun(kept, measured.analysis(), proposals, measured.warnings());
    }
}
