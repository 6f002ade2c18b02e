package ruvant.server.said;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.people.Right;
import ruvant.core.said.LineContext;
import ruvant.core.said.LineReader;
import ruvant.core.said.LineReading;
import ruvant.core.said.Statement;
import ruvant.core.trade.Stop;
import ruvant.core.units.Check;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.MayBeNull;
import ruvant.server.access.Needs;

/** Reads a line alone: what it says of a camera whose record is kept elsewhere. Nothing is kept or learned. */
@RestController
@Needs(value = Right.LOOK, ofNoJob = true)
@RequestMapping(path = "/api/line", produces = MediaType.APPLICATION_JSON_VALUE)
class LineController {
    private static final int MOST_PARTS = 1_000;
    private static final int LONGEST = 1_000;
    private final LineReader reader = ShippedReader.read();

    /** The camera a line is about, in general words. */
    record LineCamera(@MayBeNull String body, @MayBeNull String shutter) {}

    /**
     * A line, and what is known where it is typed.
     *
     * @param stop one of intake, strip, find, clean, mend, oil, adjust, refit, prove, return
     * @param off parts that are off
     * @param afterWork whether the fault has been worked on
     */
    record LineAsked(
            @MayBeNull String line,
            @MayBeNull String stop,
            @MayBeNull LineCamera camera,
            @MayBeNull List<String> off,
            boolean afterWork) {}

    /**
     * What it was read as.
     *
     * @param reading each statement by its kind and fields; none where nothing is concluded
     * @param remark the line where it stays a remark
     * @param question what would have to be known to read it
     */
    @JsonInclude(JsonInclude.Include.ALWAYS)
    record LineRead(List<Map<String, Object>> reading, Optional<String> remark, Optional<String> question) {}

    @PostMapping("/read")
    LineRead read(@RequestBody LineAsked asked) {
        String line = asked.line() == null ? "" : asked.line().strip();
        if (line.isEmpty() || line.length() > LONGEST) {
            throw new FieldProblem("line", "There is no line to read.", "Send 1 to " + LONGEST + " characters.");
        }
        List<String> off = Check.some("off", asked.off() == null ? List.of() : asked.off(), MOST_PARTS);
        LineReading reading = reader.read(line, new LineContext(stop(asked.stop()), off, List.of(), asked.afterWork()));
        return new LineRead(
                reading.statements().stream().map(LineController::fields).toList(),
                reading.remark(),
                reading.question());
    }

    /** Adjusting is done where a camera is put together again. */
    private static Stop stop(@MayBeNull String name) {
        String wanted = name == null ? "" : name.strip().toUpperCase(Locale.ROOT);
        if (wanted.equals("ADJUST")) {
            return Stop.REFIT;
        }
        for (Stop stop : Stop.values()) {
            if (stop.name().equals(wanted)) {
                return stop;
            }
        }
        throw new FieldProblem(
                "stop",
                "“" + wanted.toLowerCase(Locale.ROOT) + "” is no stop.",
                "Use intake, strip, find, clean, mend, oil, adjust, refit, prove or return.");
    }

    private static Map<String, Object> fields(Statement statement) {
        Map<String, Object> fields = new LinkedHashMap<>();
        fields.put("kind", statement.kind().id());
        statement.fields().forEach((name, value) -> fields.put(name, plain(value)));
        return fields;
    }

    /** Whole numbers without a point. */
    private static Object plain(Object value) {
        if (value instanceof Double number && number == Math.rint(number)) {
            return number.longValue();
        }
        if (value instanceof List<?> list) {
            return list.stream().map(LineController::plain).toList();
        }
        if (value instanceof Map<?, ?> map) {
            Map<String, Object> plain = new LinkedHashMap<>();
            map.forEach((name, one) -> plain.put(name.toString(), plain(one)));
            return plain;
        }
        return value;
    }
}
