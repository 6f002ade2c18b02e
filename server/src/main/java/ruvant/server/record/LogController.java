package ruvant.server.record;

import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ruvant.core.log.Entry;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.people.Right;
import ruvant.core.units.FieldProblem;
import ruvant.server.access.Needs;
import ruvant.server.access.Signing;

/** The one way to add to a log, and to read its record, whatever it is about. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class LogController {
    private final List<LogDoor> doors;
    private final List<Unshown> unshown;
    private final Events events;

    LogController(List<LogDoor> doors, List<Unshown> unshown, Events events) {
        this.doors = doors;
        this.unshown = unshown;
        this.events = events;
    }

    /**
     * Lines to add as one.
     *
     * @param by who signs them
     * @param basedOn the last sequence of the view on which they were made; 0 where there was none
     */
    record Appending(String by, long basedOn, List<NewLine> lines) {}

    /** How far a log goes now. */
    record Appended(String log, long lastSequence) {}

    /** A job by its tag, or one of "shelf", "house" and "knowledge". */
    @Needs(
            value = {},
            oneOf = {Right.BENCH, Right.DESK, Right.STOCK, Right.HOUSE},
            job = "log")
    @PostMapping("/logs/{log}/lines")
    Appended append(@PathVariable String log, @RequestBody Appending added) {
        LogName name = new LogName(log);
        List<NewLine> lines = added.lines() == null
                ? List.of()
                : added.lines().stream().map(this::whole).toList();
        return new Appended(log, door(name).append(name, added.by(), added.basedOn(), lines));
    }

    private NewLine whole(NewLine line) {
        Entry entry = line.entry();
        for (Unshown one : unshown) {
            entry = one.added(entry);
        }
        return new NewLine(line.id(), line.before(), line.saidAt(), entry);
    }

    @Needs(value = Right.LOOK, job = "log")
    @GetMapping("/logs/{log}/lines")
    List<LineView> lines(@PathVariable String log) {
        LogName name = new LogName(log);
        LogDoor door = door(name);
        door.toRead().forEach(Signing::needs);
        return door.lines(name);
    }

    @Needs(value = Right.LOOK, ofNoJob = true)
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events() {
        return events.listen();
    }

    private LogDoor door(LogName log) {
        return doors.stream()
                .filter(door -> door.has(log))
                .findFirst()
                .orElseThrow(() -> new FieldProblem(
                        "log",
                        "There is no log “" + log + "”.",
                        "Use a tag such as R-0412, or shelf, house or knowledge."));
    }
}
