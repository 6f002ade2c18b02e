package ruvant.server.plan.calendar;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.hours.DaysOff;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;
import ruvant.server.plan.shop.PlanService;

/** The plan as a calendar file, and days off out of one. */
@RestController
@Needs(Right.LOOK)
class CalendarController {
    private final PlanService plans;
    private final Clock clock;

    CalendarController(PlanService plans, Clock clock) {
        this.plans = plans;
        this.clock = clock;
    }

    @GetMapping(path = "/api/plan/calendar.ics", produces = "text/calendar;charset=UTF-8")
    ResponseEntity<String> calendar(@RequestParam(defaultValue = "") String person) {
        String name = person.isEmpty() ? "shop" : person.replaceAll("[^\\p{L}\\p{N}]+", "-");
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("ruvant-" + name + ".ics", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(CalendarOut.of(plans.plan(), person, clock.instant()));
    }

    @Needs(Right.HOUSE)
    @PostMapping(
            path = "/api/hours/calendar",
            consumes = {"text/calendar", MediaType.TEXT_PLAIN_VALUE},
            produces = MediaType.APPLICATION_JSON_VALUE)
    List<DaysOff> daysOff(@RequestBody String file, @RequestParam(defaultValue = "") String person) {
        return HolidaysIn.read(file, person, LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()));
    }
}
