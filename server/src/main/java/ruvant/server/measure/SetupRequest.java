package ruvant.server.measure;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ruvant.core.measure.recording.RecordingProblem;
import ruvant.core.trade.StandSetup;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.server.formats.PartsMayBeMissing;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** How a recording was made, as the plain door is told. */
@PartsMayBeMissing
record SetupRequest(
        @Schema(allowableValues = {"leaf", "focalPlane", "sound"}) @MayBeNull
        String kind,

        @Schema(allowableValues = {"auto", "dc", "ac"}) @MayBeNull
        String coupling,

        @MayBeNull List<StandSetup.Sensor> sensors,
        @MayBeNull Double gateMm,
        @MayBeNull Double nominalSeconds,
        @MayBeNull Double cutoffHz) {
    /** @throws RecordingProblem if it is no such setup */
    static StandSetup read(ObjectMapper json, String text) {
        try {
            SetupRequest request = text == null || text.isBlank()
                    ? new SetupRequest(null, null, null, null, null, null)
                    : json.readValue(text, SetupRequest.class);
            return request.setup();
        } catch (JacksonException problem) {
            for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
                if (cause instanceof FieldProblem field) {
                    throw refused(field.getMessage(), field.remedy());
                }
            }
            throw refused(
                    "The setup is not valid JSON for a setup.",
                    "Write it as {\"kind\":\"leaf\",\"coupling\":\"auto\",\"sensors\":[{\"positionMm\":2,\"widthMm\":1}]}.");
        } catch (FieldProblem field) {
            throw refused(field.getMessage(), field.remedy());
        }
    }

    private static RecordingProblem refused(String message, String remedy) {
        return new RecordingProblem("setupUnreadable", message, remedy);
    }

    private StandSetup setup() {
        return new StandSetup(
                kindOf(kind),
                couplingOf(coupling),
                sensors,
                Optional.ofNullable(gateMm),
                Optional.ofNullable(nominalSeconds),
                Optional.ofNullable(cutoffHz));
    }

    private static StandSetup.Kind kindOf(String name) {
        return switch (name == null ? "leaf" : name) {
            case "leaf" -> StandSetup.Kind.LEAF;
            case "focalPlane" -> StandSetup.Kind.FOCAL_PLANE;
            case "sound" -> StandSetup.Kind.SOUND;
            default -> throw refused("The setup's kind is “" + name + "”.", "Use leaf, focalPlane or sound.");
        };
    }

    private static StandSetup.Coupling couplingOf(String name) {
        return switch (name == null ? "auto" : name.toLowerCase(Locale.ROOT)) {
            case "auto" -> StandSetup.Coupling.AUTO;
            case "dc" -> StandSetup.Coupling.DC;
            case "ac" -> StandSetup.Coupling.AC;
            default -> throw refused("The setup's coupling is “" + name + "”.", "Use auto, dc or ac.");
        };
    }
}
