package ruvant.server.treat;

import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.trade.ProbeKind;
import ruvant.core.treat.TreatEntry;
import ruvant.core.treat.TreatPicture;
import ruvant.core.treat.wiring.Circuit;
import ruvant.core.treat.wiring.Multimeter;
import ruvant.core.treat.wiring.ReadingSays;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.TagNumber;
import ruvant.server.access.Needs;
import ruvant.server.job.JobService;
import tools.jackson.databind.ObjectMapper;

/** The stand-in multimeter at a camera's circuits, and what was read there. */
@RestController
@Needs(value = Right.LOOK, job = "tag")
@RequestMapping(path = "/api/jobs/{tag}/wiring", produces = MediaType.APPLICATION_JSON_VALUE)
class WiringController {
    private record Circuits(List<Circuit> circuits) {}

    private final JobService jobs;
    private final List<Circuit> circuits;

    WiringController(JobService jobs, ObjectMapper json) throws IOException {
        this.jobs = jobs;
        try (InputStream in = Circuit.class.getResourceAsStream("circuits.json")) {
            this.circuits = json.readValue(in, Circuits.class).circuits();
        }
    }

    /** A circuit as it is drawn: its points and what lies between them. */
    record CircuitDrawn(String id, String words, List<String> points, List<CircuitPiece> pieces) {}

    /** A piece between two points, by their places in the list. */
    record CircuitPiece(String name, Circuit.Kind kind, int from, int to) {}

    /** A reading of the log with what it says. */
    record ProbedView(UUID id, Instant at, TreatEntry.Probed what, ReadingSays.Meaning said) {}

    /** The circuits, and what was read so far. */
    record WiringPage(List<CircuitDrawn> circuits, List<ProbedView> probed) {}

    /** What the stand-in shows; no value for open. */
    record MeterShows(Optional<Double> value, String unit) {}

    @GetMapping
    WiringPage wiring(@PathVariable String tag) {
        List<TreatPicture.Done<TreatEntry.Probed>> probed =
                jobs.picture(TagNumber.parse(tag)).treat().probed();
        List<TreatEntry.Probed> all =
                probed.stream().map(TreatPicture.Done::what).toList();
        return new WiringPage(
                circuits.stream()
                        .map(one -> new CircuitDrawn(
                                one.id(),
                                one.words(),
                                one.points(),
                                one.pieces().stream()
                                        .map(piece ->
                                                new CircuitPiece(piece.name(), piece.kind(), piece.from(), piece.to()))
                                        .toList()))
                        .toList(),
                probed.reversed().stream()
                        .map(one -> new ProbedView(one.id(), one.at(), one.what(), ReadingSays.of(one.what(), all)))
                        .toList());
    }

    /** Holds the probes of the stand-in to two points. */
    @GetMapping("/reading")
    MeterShows reading(
            @PathVariable String tag,
            @RequestParam String circuit,
            @RequestParam ProbeKind kind,
            @RequestParam String from,
            @RequestParam String to) {
        Circuit drawn = circuits.stream()
                .filter(one -> one.id().equals(circuit))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        "circuit", "“" + circuit + "” is not a circuit of the stand-in.", "Choose one that is shown."));
        Circuit ailing = drawn.with(drawn.ailing(TagNumber.parse(tag).number()));
        return new MeterShows(Multimeter.reads(ailing, kind, from, to), kind.unit());
    }
}
