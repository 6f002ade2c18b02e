package ruvant.server.measure;

import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.trace.TraceAnalysis;
import ruvant.core.units.Refusal;

/** The plain door for numbers: a recording in, exposures out. It needs no job and keeps nothing. */
@RestController
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
            description = "Nothing can be measured, and what to change",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = Refusal.class),
                            examples = @ExampleObject("""
                                            {"code":"noFiring","message":"No firing is to be seen in the recording.","remedy":"Check that the lamp shines on the sensor through the open shutter and that the level moves; record again."}""")))
    @PostMapping(
            path = "/api/measure",
            consumes = MediaType.MULTIPART_FORM_DATA_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    MeasureAnswer measure(
            @RequestPart MultipartFile recording,
            @Parameter(
                            description = "How it was made",
                            content =
                                    @Content(
                                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                                            schema = @Schema(implementation = SetupRequest.class),
                                            examples = @ExampleObject(SETUP)))
                    @RequestPart(required = false)
                    MultipartFile setup)
            throws IOException {
        String text = setup == null ? "" : new String(setup.getBytes(), java.nio.charset.StandardCharsets.UTF_8);
        try (RecordingFile file = RecordingFile.of(recording)) {
            return MeasureAnswer.of(TraceAnalysis.of(file, SetupRequest.read(json, text)));
        }
    }

    @ExceptionHandler
    ResponseEntity<Refusal> refused(RecordingProblem problem) {
        return ResponseEntity.unprocessableEntity()
                .contentType(MediaType.APPLICATION_JSON)
                .body(problem.refusal());
    }
}
