package ruvant.server.measure;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.measure.trace.TraceAnalysis;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Measures one file from the command line and prints what the plain door would answer. Nothing else is started. */
public final class MeasureCommand {
    private MeasureCommand() {}

    public static void main(String[] arguments) throws IOException {
        System.exit(run(arguments, System.out, System.err));
    }

    /** @return 0 when measured, 1 when refused, 2 when called wrongly */
    static int run(String[] arguments, PrintStream out, PrintStream err) throws IOException {
        String file = null;
        String setup = null;
        for (int i = 0; i < arguments.length; i++) {
            if (arguments[i].equals("--setup") && i + 1 < arguments.length) {
                setup = arguments[++i];
            } else if (file == null && !arguments[i].startsWith("--")) {
                file = arguments[i];
            } else {
                file = null;
                break;
            }
        }
        if (file == null) {
            err.println("Usage: ruvant measure FILE [--setup setup.json]");
            return 2;
        }
        ObjectMapper json = JsonMapper.builderWithJackson2Defaults()
                .changeDefaultPropertyInclusion(all -> all.withValueInclusion(JsonInclude.Include.NON_ABSENT))
                .enable(SerializationFeature.INDENT_OUTPUT)
                .build();
        try (RecordingFile recording = RecordingFile.of(Path.of(file))) {
            String text = setup == null ? "" : read(Path.of(setup));
            MeasureAnswer answer = MeasureAnswer.of(TraceAnalysis.of(recording, SetupRequest.read(json, text)));
            out.println(json.writeValueAsString(answer));
            return 0;
        } catch (RecordingProblem problem) {
            out.println(json.writeValueAsString(problem.refusal()));
            return 1;
        }
    }

    private static String read(Path setup) {
        try {
            return Files.readString(setup);
        } catch (IOException problem) {
            throw new RecordingProblem(
                    "setupUnreadable",
                    "The setup " + setup + " cannot be read.",
                    "Check its path, or leave it out for a leaf shutter.");
        }
    }
}
