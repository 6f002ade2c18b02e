package ruvant.server.measure;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.Part;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.function.DoubleConsumer;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.people.Right;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.Refusal;
import ruvant.server.access.Needs;
import tools.jackson.databind.ObjectMapper;

/** The plain door for numbers: a recording in, exposures out. It needs no job and keeps nothing. */
@RestController
@Needs(Right.BENCH)
class MeasureController {
    private static final String SETUP = """
            {"kind":"focalPlane","coupling":"auto","sensors":[{"positionMm":2,"widthMm":1},{"positionMm":18,"widthMm":1},{"positionMm":34,"widthMm":1}],"gateMm":36,"nominalSeconds":0.002}""";

    private final ObjectMapper json;

    MeasureController(ObjectMapper json) {
        this.json = json;
    }

    @Operation(
            summary = "Measure a recording",
            description =
                    "WAV (PCM of 8, 16, 24, 32 bits or 32-bit float, 1 to 4 channels) or CSV (time_s,ch1[,ch2,ch3[,x_contact]]). "
                            + "Uncertainties are one standard deviation.")
    @ApiResponse(responseCode = "200", description = "What was measured")
    @ApiResponse(
            responseCode = "422",
            description = "Nothing could be measured, with what to change",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = Refusal.class),
                            examples = @ExampleObject("""
                                            {"code":"noFiring","message":"No firing was found in the recording.","remedy":"Check that the lamp shines on the sensor through the open shutter and that the level moves, then record again."}""")))
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.MULTIPART_FORM_DATA_VALUE,
                            schema = @Schema(implementation = Upload.class),
                            examples = @ExampleObject(name = "setup", value = SETUP)))
    @PostMapping(
            path = "/api/measure",
            consumes = MediaType.MULTIPART_FORM_DATA_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    MeasureAnswer measure(HttpServletRequest request) throws IOException, ServletException {
        return measured(request, done -> {});
    }

    @Operation(
            summary = "Measure a recording, saying how far it is",
            description =
                    "The same, asked for with “Accept: application/x-ndjson”: a line {\"measured\":0.25} each time another part of a long "
                            + "recording is done, and the answer, or the refusal, in the last line.")
    @ApiResponse(responseCode = "200", description = "Lines of JSON")
    @PostMapping(
            path = "/api/measure",
            consumes = MediaType.MULTIPART_FORM_DATA_VALUE,
            produces = MediaType.APPLICATION_NDJSON_VALUE)
    void measureInLines(HttpServletRequest request, HttpServletResponse response) throws IOException, ServletException {
        response.setContentType(MediaType.APPLICATION_NDJSON_VALUE);
        // the stream, and not the response's own writer, so that what goes wrong before the first line is answered as
        // everywhere
        PrintWriter lines = new PrintWriter(new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8));
        try {
            MeasureAnswer answer = measured(request, done -> {
                lines.println("{\"measured\":" + done + "}");
                lines.flush();
            });
            lines.println(json.writeValueAsString(answer));
        } catch (RecordingProblem problem) {
            lines.println(json.writeValueAsString(problem.refusal()));
        }
        lines.flush();
    }

    private MeasureAnswer measured(HttpServletRequest request, DoubleConsumer progress)
            throws IOException, ServletException {
        Part recording = request.getPart("recording");
        if (recording == null) {
            throw new RecordingProblem(
                    "noRecording", "The recording is missing.", "Send the WAV or CSV file as the part “recording”.");
        }
        // a setup may come as a field or as a file, whichever the sender's library makes of it
        Part setup = request.getPart("setup");
        String text = setup == null ? "" : new String(setup.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        StandSetup stand = SetupRequest.read(json, text);
        try (UploadedRecording sent = UploadedRecording.of(recording);
                RecordingFile file = sent.recording()) {
            return MeasureAnswer.of(TraceAnalysis.of(file, stand, progress));
        }
    }

    /** What is sent. */
    private record Upload(
            @Schema(type = "string", format = "binary", description = "WAV or CSV")
            String recording,

            @Schema(description = "The setup it was made with, as JSON")
            SetupRequest setup) {}

    @ExceptionHandler
    ResponseEntity<Refusal> refused(RecordingProblem problem) {
        return ResponseEntity.unprocessableEntity()
                .contentType(MediaType.APPLICATION_JSON)
                .body(problem.refusal());
    }
}
